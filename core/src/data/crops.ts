import type { Hazard } from '../model';

/** From the least to the most. */
type Range = readonly [number, number];

/** What growers know of a crop. What is null does not apply or is not known. */
export interface Crop {
  readonly code: string;
  /** The first, in the singular, is its name in sentences; the others find it. */
  readonly names: readonly string[];
  /** °C at which its seed is tested, and days to the first and the last count. */
  readonly celsius: Range | null;
  readonly days: Range | null;
  /** Depth of sowing in mm, 0 where it lies on top, and distance between grown plants in cm. */
  readonly depth: number | null;
  readonly spacing: number;
  /** mL of mix for one plant that is grown to its harvest, or to be planted out. */
  readonly pot: number;
  /** Days from the sowing to the harvest. */
  readonly harvest: Range | null;
  /** What one plant gives, in grams, and how far plants differ by themselves: SD as a share of the mean. */
  readonly mass: { readonly of: string; readonly grams: number; readonly spread: number } | null;
  readonly seedsPerGram: number | null;
  /** Months of sowing outdoors north of the equator: 1 is January. */
  readonly months: Range | null;
  readonly hazards: readonly Hazard[];
  /** What no hazard says of it. */
  readonly caution: string | null;
}

/** Where each kind of value comes from. */
export const cropSources = {
  celsius: 'ISTA Rules, Table 5A, from memory',
  days: 'ISTA Rules, Table 5A, from memory',
  depth: 'common practice',
  spacing: 'common practice',
  pot: 'common practice',
  harvest: 'common practice',
  mass: 'common practice',
  seedsPerGram: 'common practice',
  months: 'common practice',
} as const satisfies Partial<Record<keyof Crop, string>>;

// prettier-ignore
const none = { celsius: null, days: null, depth: null, harvest: null, mass: null, seedsPerGram: null, months: null, hazards: [], caution: null } as const;
const mass = (of: string, grams: number, spread = 0.3) => ({ of, grams, spread });

// Raw beans: lectins are destroyed by boiling, not by slow warmth (FAO and food-safety advice, from memory).
const rawBeans = 'Raw beans are poisonous: nobody tastes them.';
// Solanine in leaves, stems and green fruit (from memory).
const nightshade = 'Leaves, stems and green fruit of tomatoes are poisonous: only ripe fruit is eaten.';

/** Crops of schools, windowsills and kitchen gardens. */
// prettier-ignore
export const crops: readonly Crop[] = [
  { ...none, code: 'radish', names: ['radish', 'salad radish'], celsius: [20, 30], days: [4, 10], depth: 10, spacing: 5, pot: 250, harvest: [25, 35], mass: mass('root', 15), seedsPerGram: 100, months: [3, 9] },
  { ...none, code: 'lettuce', names: ['lettuce', 'salad leaf', 'salad green'], celsius: [15, 20], days: [4, 7], depth: 5, spacing: 25, pot: 1000, harvest: [45, 70], mass: mass('head', 150), seedsPerGram: 900, months: [3, 8] },
  { ...none, code: 'tomato', names: ['tomato', 'cherry tomato'], celsius: [20, 30], days: [5, 14], depth: 10, spacing: 50, pot: 10000, harvest: [90, 130], mass: mass('fruit', 2000, 0.35), seedsPerGram: 320, months: [5, 6], caution: nightshade },
  { ...none, code: 'pea', names: ['pea', 'garden pea', 'snap pea', 'mangetout'], celsius: [15, 20], days: [5, 8], depth: 40, spacing: 7, pot: 2000, harvest: [60, 90], mass: mass('pods', 60), seedsPerGram: 4, months: [3, 6] },
  { ...none, code: 'bean', names: ['bean', 'French bean', 'green bean', 'runner bean', 'string bean', 'kidney bean'], celsius: [20, 30], days: [5, 9], depth: 40, spacing: 15, pot: 3000, harvest: [55, 80], mass: mass('pods', 120), seedsPerGram: 3, months: [5, 7], caution: rawBeans },
  { ...none, code: 'broad-bean', names: ['broad bean', 'field bean', 'faba bean', 'fava bean'], celsius: [15, 20], days: [4, 14], depth: 50, spacing: 20, pot: 5000, harvest: [90, 120], mass: mass('pods', 200), seedsPerGram: 1, months: [2, 5], caution: 'Broad beans make people with G6PD deficiency ill: ask before anyone handles or tastes them.' },
  { ...none, code: 'mung-bean', names: ['mung bean', 'mung'], celsius: [20, 30], days: [5, 7], depth: 20, spacing: 15, pot: 2000, harvest: [65, 90], seedsPerGram: 18, months: [5, 6] },
  { ...none, code: 'lentil', names: ['lentil'], celsius: [20, 20], days: [5, 10], depth: 20, spacing: 10, pot: 1000, harvest: [85, 110], seedsPerGram: 22, months: [3, 5] },
  { ...none, code: 'maize', names: ['maize', 'corn', 'sweetcorn', 'sweet corn', 'popcorn'], celsius: [20, 30], days: [4, 7], depth: 30, spacing: 30, pot: 10000, harvest: [75, 110], mass: mass('cob', 250, 0.25), seedsPerGram: 4, months: [5, 6] },
  { ...none, code: 'wheat', names: ['wheat'], celsius: [20, 20], days: [4, 8], depth: 30, spacing: 5, pot: 1000, harvest: [110, 300], mass: mass('grain', 3), seedsPerGram: 23, months: [3, 4] },
  { ...none, code: 'barley', names: ['barley'], celsius: [20, 20], days: [4, 7], depth: 30, spacing: 5, pot: 1000, harvest: [90, 120], mass: mass('grain', 3), seedsPerGram: 22, months: [3, 4] },
  { ...none, code: 'oat', names: ['oat'], celsius: [20, 20], days: [5, 10], depth: 30, spacing: 5, pot: 1000, harvest: [100, 130], mass: mass('grain', 3), seedsPerGram: 28, months: [3, 4] },
  { ...none, code: 'grass', names: ['ryegrass', 'lawn grass', 'grass seed', 'grass'], celsius: [15, 25], days: [5, 14], depth: 5, spacing: 1, pot: 500, harvest: null, seedsPerGram: 500, months: [4, 9] },
  { ...none, code: 'clover', names: ['clover'], celsius: [20, 20], days: [4, 10], depth: 5, spacing: 5, pot: 500, harvest: null, seedsPerGram: 600, months: [4, 8] },
  { ...none, code: 'cabbage', names: ['cabbage', 'kale', 'broccoli', 'cauliflower', 'brassica'], celsius: [20, 30], days: [5, 10], depth: 10, spacing: 45, pot: 5000, harvest: [80, 150], mass: mass('head', 1200), seedsPerGram: 280, months: [3, 6] },
  { ...none, code: 'pak-choi', names: ['pak choi', 'bok choy'], celsius: [20, 30], days: [5, 7], depth: 10, spacing: 20, pot: 1500, harvest: [40, 60], mass: mass('head', 200), seedsPerGram: 350, months: [4, 8] },
  { ...none, code: 'mustard', names: ['mustard'], celsius: [20, 30], days: [5, 7], depth: 5, spacing: 10, pot: 500, harvest: [30, 50], mass: mass('shoot', 20), seedsPerGram: 400, months: [3, 9] },
  { ...none, code: 'cress', names: ['cress', 'garden cress'], celsius: [20, 30], days: [4, 10], depth: 0, spacing: 1, pot: 60, harvest: [7, 14], mass: mass('shoot', 0.06, 0.25), seedsPerGram: 430, months: [3, 9] },
  { ...none, code: 'spinach', names: ['spinach', 'leaf spinach', 'baby spinach'], celsius: [10, 15], days: [7, 21], depth: 20, spacing: 10, pot: 1000, harvest: [40, 60], mass: mass('leaves', 40), seedsPerGram: 95, months: [3, 9] },
  { ...none, code: 'chard', names: ['chard', 'beetroot', 'beet'], celsius: [15, 25], days: [4, 14], depth: 20, spacing: 20, pot: 2000, harvest: [55, 90], mass: mass('root or leaves', 120), seedsPerGram: 60, months: [4, 7] },
  { ...none, code: 'carrot', names: ['carrot'], celsius: [20, 30], days: [7, 14], depth: 10, spacing: 5, pot: 2000, harvest: [75, 110], mass: mass('root', 70, 0.35), seedsPerGram: 850, months: [3, 7] },
  { ...none, code: 'parsley', names: ['parsley'], celsius: [20, 30], days: [10, 28], depth: 10, spacing: 15, pot: 1000, harvest: [70, 90], mass: mass('leaves', 30), seedsPerGram: 600, months: [3, 7] },
  { ...none, code: 'coriander', names: ['coriander', 'cilantro'], celsius: [20, 30], days: [7, 21], depth: 10, spacing: 10, pot: 1000, harvest: [40, 60], mass: mass('leaves', 20), seedsPerGram: 90, months: [4, 8] },
  { ...none, code: 'dill', names: ['dill'], celsius: [20, 30], days: [7, 21], depth: 10, spacing: 15, pot: 1000, harvest: [45, 70], seedsPerGram: 700, months: [4, 7] },
  { ...none, code: 'onion', names: ['onion', 'spring onion', 'scallion', 'green onion', 'leek'], celsius: [15, 20], days: [6, 12], depth: 10, spacing: 10, pot: 1000, harvest: [90, 150], mass: mass('bulb', 100), seedsPerGram: 270, months: [3, 4] },
  { ...none, code: 'basil', names: ['basil', 'sweet basil'], celsius: [20, 30], days: [4, 14], depth: 5, spacing: 20, pot: 1000, harvest: [50, 70], mass: mass('shoot', 40), seedsPerGram: 650, months: [5, 7] },
  { ...none, code: 'mint', names: ['mint', 'spearmint', 'peppermint'], celsius: [20, 30], days: [7, 21], depth: 0, spacing: 30, pot: 1000, harvest: [70, 100], mass: mass('shoot', 30), seedsPerGram: 15000, months: [4, 6] },
  { ...none, code: 'sage', names: ['sage', 'garden sage', 'kitchen sage'], celsius: [20, 30], days: [4, 21], depth: 5, spacing: 40, pot: 1000, harvest: [80, 120], seedsPerGram: 130, months: [4, 6] },
  { ...none, code: 'thyme', names: ['thyme'], celsius: [20, 30], days: [7, 21], depth: 0, spacing: 25, pot: 500, harvest: [90, 120], seedsPerGram: 4000, months: [4, 6] },
  { ...none, code: 'rosemary', names: ['rosemary'], celsius: [20, 30], days: [7, 28], depth: 5, spacing: 60, pot: 1000, harvest: null, seedsPerGram: 900, months: [4, 6] },
  { ...none, code: 'sunflower', names: ['sunflower'], celsius: [20, 30], days: [4, 10], depth: 25, spacing: 40, pot: 5000, harvest: [70, 110], mass: mass('seeds', 60), seedsPerGram: 18, months: [4, 6] },
  { ...none, code: 'marigold', names: ['marigold', 'tagetes'], celsius: [20, 30], days: [3, 14], depth: 5, spacing: 20, pot: 1000, harvest: [50, 70], seedsPerGram: 320, months: [5, 6], caution: 'The sap of marigolds can irritate the skin: wash it off before you stand in the sun.' },
  { ...none, code: 'sweet-pea', names: ['sweet pea', 'lathyrus'], celsius: [20, 20], days: [7, 14], depth: 20, spacing: 15, pot: 2000, harvest: [90, 120], seedsPerGram: 12, months: [3, 5], hazards: ['poisonous'] },
  { ...none, code: 'nasturtium', names: ['nasturtium'], celsius: [20, 20], days: [7, 14], depth: 20, spacing: 25, pot: 1500, harvest: [50, 65], seedsPerGram: 8, months: [4, 6] },
  { ...none, code: 'squash', names: ['squash', 'courgette', 'zucchini', 'marrow', 'pumpkin', 'cucurbit'], celsius: [20, 30], days: [4, 8], depth: 25, spacing: 90, pot: 15000, harvest: [50, 110], mass: mass('fruit', 3000, 0.35), seedsPerGram: 7, months: [5, 6] },
  { ...none, code: 'cucumber', names: ['cucumber', 'gherkin'], celsius: [20, 30], days: [4, 8], depth: 15, spacing: 40, pot: 10000, harvest: [55, 75], mass: mass('fruit', 2500, 0.35), seedsPerGram: 38, months: [5, 6] },
  { ...none, code: 'pepper', names: ['sweet pepper', 'bell pepper', 'chilli', 'chili', 'pepper'], celsius: [20, 30], days: [7, 14], depth: 5, spacing: 40, pot: 7000, harvest: [90, 130], mass: mass('fruit', 700, 0.35), seedsPerGram: 150, months: [5, 6], caution: 'Hot peppers burn eyes and skin: wear gloves. Leaves and stems aren’t eaten.' },
  { ...none, code: 'potato', names: ['potato'], spacing: 35, depth: 120, pot: 15000, harvest: [75, 130], mass: mass('tubers', 900), months: [3, 5], caution: 'Leaves, fruit, shoots and green tubers of potatoes are poisonous: nothing green is eaten.' },
  { ...none, code: 'strawberry', names: ['strawberry'], celsius: [20, 30], days: [7, 28], depth: 0, spacing: 30, pot: 2000, harvest: [100, 150], mass: mass('fruit', 250, 0.35), seedsPerGram: 1700, months: [4, 5] },
  { ...none, code: 'black-locust', names: ['black locust', 'false acacia', 'robinia'], celsius: [20, 30], days: [7, 14], depth: 10, spacing: 200, pot: 3000, seedsPerGram: 50, months: [4, 6], hazards: ['poisonous'] },
  { ...none, code: 'african-violet', names: ['african violet', 'saintpaulia', 'violet leaf'], spacing: 20, pot: 250 },
  { ...none, code: 'spider-plant', names: ['spider plant'], spacing: 30, pot: 1000 },
  { ...none, code: 'thale-cress', names: ['thale cress', 'Arabidopsis'], celsius: [20, 25], days: [3, 7], depth: 0, spacing: 3, pot: 60, harvest: [40, 60], seedsPerGram: 50000, months: [4, 9] },
  { ...none, code: 'turnip', names: ['turnip', 'field mustard'], celsius: [20, 30], days: [5, 7], depth: 10, spacing: 10, pot: 500, harvest: [40, 70], mass: mass('root', 90), seedsPerGram: 450, months: [3, 8] },
];
