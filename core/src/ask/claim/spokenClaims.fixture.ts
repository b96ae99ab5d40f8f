import type { Direction } from './readClaim';

/** What a person would read in a claim; null where it does not say. */
export interface Spoken {
  readonly claim: string;
  readonly plant: string | null;
  /** Words that stand in what is done, which may have few others. */
  readonly treatment: string;
  readonly direction: Direction | null;
  readonly measure: string | null;
  readonly ratio: number | null;
}

const row = (
  claim: string,
  plant: string | null,
  treatment: string,
  direction: Direction | null,
  measure: string | null,
  ratio: number | null = null,
): Spoken => ({ claim, plant, treatment, direction, measure, ratio });

/** Claims as people say them: hearsay, questions, relative clauses, gerunds, rates, two promises. Made up; common practice. */
export const spokenClaims: readonly Spoken[] = [
  row('My neighbour swears that coffee grounds make tomatoes ripen twice as fast', 'tomato', 'coffee grounds', 'more', 'ripe', 2),
  row('They say if you bury a banana peel under roses, it will give more flowers', 'rose', 'bury a banana peel', 'more', 'flowers'),
  row('Is it true that talking to basil makes it grow taller?', 'basil', 'talking to basil', 'more', 'height'),
  row('I heard that cinnamon stops mould on seedling trays of cress', 'cress', 'cinnamon', 'less', 'pests'),
  row('My grandfather always said that beans sown at full moon come up sooner', 'bean', 'sown at full moon', 'more', 'first-sprout'),
  row('Does honey help mint cuttings to root?', 'mint', 'honey', 'more', 'rooted'),
  row('Do peas that were soaked overnight sprout faster than dry ones?', 'pea', 'soaked overnight', 'more', 'first-sprout'),
  row('A friend told me eggshells around cabbages keep slugs away', 'cabbage', 'eggshells around cabbages', 'less', 'pests'),
  row('Salt water does not harm radishes', 'radish', 'salt water', null, null),
  row('Watering spinach with tea is better than no feed at all for its leaf mass', 'spinach', 'tea', 'more', 'mass'),
  row('Loud music negatively affects the height of beans', 'bean', 'loud music', 'less', 'height'),
  row('Lettuce that gets air bubbled through its water grows heavier', 'lettuce', 'air bubbled', 'more', 'mass'),
  row('Turning the pot every day keeps sunflower seedlings from leaning', 'sunflower', 'turning the pot', 'less', 'lean'),
  row('Only half of old onion seeds come up', 'onion', 'old', 'less', 'sprouts'),
  row('The closer the lamp, the heavier the cress', 'cress', 'closer the lamp', 'more', 'mass'),
  row('Basil next to tomatoes gives a third more fruit', 'tomato', 'basil next to tomatoes', 'more', 'harvest', 4 / 3),
  row('Peat holds twice as much water as sand', null, 'peat', 'more', 'held', 2),
  row('Too much feed burns the leaf tips of lettuce', 'lettuce', 'too much feed', 'more', 'burn'),
  row('Stems of beans are thicker when a fan blows on them', 'bean', 'fan', 'more', 'thickness'),
  row('Sugar in the vase makes cut tulips last a week longer', 'tulip', 'sugar in the vase', 'more', 'vase'),
  row('Twice as big and keeps slugs away: straw under strawberries', 'strawberr', 'straw', 'more', 'mass', 2),
  row('Soaking maize for 24 hours gives quicker emergence than 8 hours', 'maize', 'soaking maize for 24 hours', 'more', 'first-sprout'),
  row('Nicking sweet pea seeds triples how many germinate', 'sweet pea', 'nicking', 'more', 'sprouts', 3),
  row('It is said that copper wire makes carrots 30 % heavier', 'carrot', 'copper wire', 'more', 'mass', 1.3),
  row('Apparently willow water makes rose cuttings root in half the time', 'rose', 'willow water', 'more', 'rooted', null),
  row('Mulched courgettes wilt less on hot days', 'courgette', 'mulch', 'less', 'wilting'),
  row('Pinching the tops out makes sweet peas flower more', 'sweet pea', 'pinching the tops', 'more', 'flowers'),
  row('People claim that garlic between strawberries means fewer pests', 'strawberr', 'garlic', 'less', 'pests'),
  row('Why do tomatoes taste sweeter when you water them with sea water?', 'tomato', 'sea water', 'more', null),
  row('Dipping sage cuttings in cinnamon powder: do more of them survive?', 'sage', 'cinnamon', 'more', 'alive'),
  row('Cold-treated lavender seed germinates twice as well', 'lavender', 'cold', 'more', 'sprouts', 2),
  row('Potatoes with their sprouts rubbed off yield less', 'potato', 'rubbed off', 'less', 'harvest'),
  row('Blue light, not red, keeps lettuce short', 'lettuce', 'blue light', 'less', 'height'),
  row('Worm castings, they say, make spinach greener', 'spinach', 'worm castings', 'more', 'leaf-colour'),
  row('Aspirin in the water keeps tulips fresh for longer', 'tulip', 'aspirin', 'more', 'vase'),
  row('Radishes thinned to 5 cm give bigger roots than crowded ones', 'radish', 'thinned', 'more', 'mass'),
  row('Every gardener here knows that chilli seeds need 28 °C to come up quickly', 'chilli', '28', 'more', 'first-sprout'),
  row('Do cuttings root better in water or in mix?', null, 'water', 'more', 'rooted'),
  row('A spoon of sugar a week doubles the flowers of geraniums', 'geranium', 'sugar', 'more', 'flowers', 2),
  row('Milk spray protects cucumbers against mildew', 'cucumber', 'milk', 'less', 'pests'),
  row('My class believes plants in silence grow less tall than those with music, at least beans', 'bean', 'silence', 'less', 'height'),
  row('Horse manure gives pumpkins five times the weight', 'pumpkin', 'horse manure', 'more', 'mass', 5),
  row('Keeping basil on a cold sill kills half of it', 'basil', 'cold sill', 'less', 'alive', 0.5),
  row('Parsley takes less time to come up if you pour hot water over the drill', 'parsley', 'hot water', 'more', 'first-sprout'),
  row('Chicory forced in the dark has paler leaves', 'chicory', 'dark', 'less', 'leaf-colour'),
  row('The deeper you sow peas the fewer come up', 'pea', 'deeper', 'less', 'sprouts'),
  row('Rainwater instead of tap water makes blueberries yield more', 'blueberr', 'rainwater', 'more', 'harvest'),
  row('Seaweed makes strawberries fruit two weeks earlier, I was told', 'strawberr', 'seaweed', 'more', 'ripe'),
  row('Leaving tomato plants to dry out a little is supposed to give smaller but more fruit', 'tomato', 'dry out', 'more', 'harvest'),
  row('Shaken every morning, sunflower stalks stay shorter', 'sunflower', 'shaken', 'less', 'height'),
];
