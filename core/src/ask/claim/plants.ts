/** Plants that people name in tips, longest names first so that "sweet pea" is not read as "pea". */
export const plants: readonly string[] = [
  'african violets', 'brussels sprouts', 'butternut squash', 'cherry tomatoes', 'christmas cactus', 'climbing beans', 'fruit trees', 'house plants', 'houseplants', 'morning glory', 'runner beans', 'snake plants',
  'spider plants', 'spring onions', 'sweet peas', 'sweet potatoes', 'tomato plants', 'tomato seedlings', 'bean plants', 'pepper plants', 'potted plants', 'apple trees', 'avocado', 'aubergines', 'asparagus', 'azaleas', 'bananas',
  'barley', 'basil', 'beans', 'beetroot', 'begonias', 'broccoli', 'cabbages', 'cabbage', 'cacti', 'carrots', 'cauliflower', 'celery', 'chard', 'chillies', 'chives', 'clover', 'coriander', 'cosmos', 'courgettes', 'cress',
  'cucumbers', 'daffodils', 'dahlias', 'fennel', 'ferns', 'fig', 'foxgloves', 'fuchsias', 'garlic', 'geraniums', 'grapes', 'grass', 'herbs', 'hydrangeas', 'ivy', 'kale', 'lavender', 'leeks', 'lemons', 'lentils', 'lettuces', 'lettuce',
  'lilies', 'maize', 'marigolds', 'melons', 'mint', 'moss', 'mushrooms', 'mustard', 'nasturtiums', 'oats', 'onions', 'orchids', 'oregano', 'pansies', 'parsley', 'parsnips', 'peas', 'peppers', 'petunias', 'potatoes', 'pothos',
  'pumpkins', 'radishes', 'raspberries', 'rhubarb', 'rice', 'rocket', 'roses', 'rosemary', 'sage', 'salad', 'spinach', 'squash', 'strawberries', 'succulents', 'sunflowers', 'sweetcorn', 'thyme', 'tomatoes', 'tulips', 'turnips',
  'violas', 'wheat', 'willow', 'zinnias', 'seedlings', 'cuttings', 'vegetables', 'flowers', 'seeds', 'lawn', 'trees', 'plants',
];

/** Names that are not one plant: the person is asked which. */
export const tooWide: ReadonlySet<string> = new Set(['plants', 'seeds', 'vegetables', 'flowers', 'trees', 'seedlings', 'cuttings', 'herbs', 'house plants', 'houseplants', 'potted plants', 'salad', 'fruit trees']);

/** The one of several forms that a text may have: "tomatoes", "tomato". */
export function formsOf(plant: string): string[] {
  const singular = plant.replace(/ies$/, 'y').replace(/([oxsh])es$/, '$1').replace(/([^s])s$/, '$1');
  return [...new Set([plant, singular, plant.replace(/s$/, '')])].filter((form) => form.length > 2);
}
