import type { Direction } from './effects';

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

export const spoken = (
  claim: string,
  plant: string | null,
  treatment: string,
  direction: Direction | null,
  measure: string | null,
  ratio: number | null = null,
): Spoken => ({ claim, plant, treatment, direction, measure, ratio });

/** Claims as people say them, written before the reader that reads them: hearsay, questions, relative clauses, gerunds, rates, two promises. Made up; common practice. */
export const spokenClaims: readonly Spoken[] = [
  spoken('My neighbour swears that coffee grounds make tomatoes ripen twice as fast', 'tomato', 'coffee grounds', 'more', 'ripe', 2),
  spoken('They say if you bury a banana peel under roses, it will give more flowers', 'rose', 'bury a banana peel', 'more', 'flowers'),
  spoken('Is it true that talking to basil makes it grow taller?', 'basil', 'talking to basil', 'more', 'height'),
  spoken('I heard that cinnamon stops mould on seedling trays of cress', 'cress', 'cinnamon', 'less', 'disease'),
  spoken('My grandfather always said that beans sown at full moon come up sooner', 'bean', 'sown at full moon', 'more', 'first-sprout'),
  spoken('Does honey help mint cuttings to root?', 'mint', 'honey', 'more', 'rooted'),
  spoken('Do peas that were soaked overnight sprout faster than dry ones?', 'pea', 'soaked overnight', 'more', 'first-sprout'),
  spoken('A friend told me eggshells around cabbages keep slugs away', 'cabbage', 'eggshells around cabbages', 'less', 'pests'),
  spoken('Salt water does not harm radishes', 'radish', 'salt water', null, null),
  spoken('Watering spinach with tea is better than no feed at all for its leaf mass', 'spinach', 'tea', 'more', 'mass'),
  spoken('Loud music negatively affects the height of beans', 'bean', 'loud music', 'less', 'height'),
  spoken('Lettuce that gets air bubbled through its water grows heavier', 'lettuce', 'air bubbled', 'more', 'mass'),
  spoken('Turning the pot every day keeps sunflower seedlings from leaning', 'sunflower', 'turning the pot', 'less', 'lean'),
  spoken('Only half of old onion seeds come up', 'onion', 'old', 'less', 'sprouts'),
  spoken('The closer the lamp, the heavier the cress', 'cress', 'closer the lamp', 'more', 'mass'),
  spoken('Basil next to tomatoes gives a third more fruit', 'tomato', 'basil next to tomatoes', 'more', 'harvest', 4 / 3),
  spoken('Peat holds twice as much water as sand', null, 'peat', 'more', 'held', 2),
  spoken('Too much feed burns the leaf tips of lettuce', 'lettuce', 'too much feed', 'more', 'burn'),
  spoken('Stems of beans are thicker when a fan blows on them', 'bean', 'fan', 'more', 'thickness'),
  spoken('Sugar in the vase makes cut tulips last a week longer', 'tulip', 'sugar in the vase', 'more', 'vase'),
  spoken('Twice as big and keeps slugs away: straw under strawberries', 'strawberr', 'straw', 'more', 'mass', 2),
  spoken('Soaking maize for 24 hours gives quicker emergence than 8 hours', 'maize', 'soaking maize for 24 hours', 'more', 'first-sprout'),
  spoken('Nicking sweet pea seeds triples how many germinate', 'sweet pea', 'nicking', 'more', 'sprouts', 3),
  spoken('It is said that copper wire makes carrots 30 % heavier', 'carrot', 'copper wire', 'more', 'mass', 1.3),
  spoken('Apparently willow water makes rose cuttings root in half the time', 'rose', 'willow water', 'more', 'rooted', null),
  spoken('Mulched courgettes wilt less on hot days', 'courgette', 'mulch', 'less', 'wilting'),
  spoken('Pinching the tops out makes sweet peas flower more', 'sweet pea', 'pinching the tops', 'more', 'flowers'),
  spoken('People claim that garlic between strawberries means fewer pests', 'strawberr', 'garlic', 'less', 'pests'),
  spoken('Why do tomatoes taste sweeter when you water them with sea water?', 'tomato', 'sea water', 'more', 'flavour'),
  spoken('Dipping sage cuttings in cinnamon powder: do more of them survive?', 'sage', 'cinnamon', 'more', 'alive'),
  spoken('Cold-treated lavender seed germinates twice as well', 'lavender', 'cold', 'more', 'sprouts', 2),
  spoken('Potatoes with their sprouts rubbed off yield less', 'potato', 'rubbed off', 'less', 'harvest'),
  spoken('Blue light, not red, keeps lettuce short', 'lettuce', 'blue light', 'less', 'height'),
  spoken('Worm castings, they say, make spinach greener', 'spinach', 'worm castings', 'more', 'leaf-colour'),
  spoken('Aspirin in the water keeps tulips fresh for longer', 'tulip', 'aspirin', 'more', 'vase'),
  spoken('Radishes thinned to 5 cm give bigger roots than crowded ones', 'radish', 'thinned', 'more', 'mass'),
  spoken('Every gardener here knows that chilli seeds need 28 °C to come up quickly', 'chilli', '28', 'more', 'first-sprout'),
  spoken('Do cuttings root better in water or in mix?', null, 'water', 'more', 'rooted'),
  spoken('A spoon of sugar a week doubles the flowers of geraniums', 'geranium', 'sugar', 'more', 'flowers', 2),
  spoken('Milk spray protects cucumbers against mildew', 'cucumber', 'milk', 'less', 'disease'),
  spoken('My class believes plants in silence grow less tall than those with music, at least beans', 'bean', 'silence', 'less', 'height'),
  spoken('Horse manure gives pumpkins five times the weight', 'pumpkin', 'horse manure', 'more', 'mass', 5),
  spoken('Keeping basil on a cold sill kills half of it', 'basil', 'cold sill', 'less', 'alive', 0.5),
  spoken('Parsley takes less time to come up if you pour hot water over the drill', 'parsley', 'hot water', 'more', 'first-sprout'),
  spoken('Chicory forced in the dark has paler leaves', 'chicory', 'dark', 'less', 'leaf-colour'),
  spoken('The deeper you sow peas the fewer come up', 'pea', 'deeper', 'less', 'sprouts'),
  spoken('Rainwater instead of tap water makes blueberries yield more', 'blueberr', 'rainwater', 'more', 'harvest'),
  spoken('Seaweed makes strawberries fruit two weeks earlier, I was told', 'strawberr', 'seaweed', 'more', 'ripe'),
  spoken('Leaving tomato plants to dry out a little is supposed to give smaller but more fruit', 'tomato', 'dry out', 'more', 'harvest'),
  spoken('Shaken every morning, sunflower stalks stay shorter', 'sunflower', 'shaken', 'less', 'height'),
];
