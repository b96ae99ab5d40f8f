/** What can hurt someone. What each means, and what to do, stands in `data/hazards.ts`. */
export const hazardCodes = [
  'heat',
  'blade',
  'chemical',
  'electricity',
  'lamp',
  'dust',
  'soil',
  'manure',
  'feed',
  'salt',
  'mould',
  'spray',
  'cold',
  'dressed-seed',
  'sprouts',
  'poisonous',
  'tasting',
  'allergy',
  'vermin',
  'contaminated',
] as const;
export type Hazard = (typeof hazardCodes)[number];
