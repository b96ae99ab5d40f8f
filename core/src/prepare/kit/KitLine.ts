/** One thing to get, with how much of it goes to each arm. */
export interface KitLine {
  /** The same whatever the numbers become, so that ticks and prices stay. */
  readonly id: string;
  readonly group: KitGroup;
  readonly what: string;
  /** With what is to spare; null where nothing is counted, as for a kettle. */
  readonly amount: number | null;
  /** mL, g, or empty for a number. */
  readonly unit: string;
  /** What each arm takes, without spare. */
  readonly arms: readonly { readonly arm: string; readonly amount: number }[];
  /** The formula with the numbers in it; empty where there is none. */
  readonly how: string;
  readonly isTicked: boolean;
  /** Price of one, of a litre or of a kilogram. */
  readonly price: number | null;
  /** What the whole amount costs. */
  readonly cost: number | null;
}

/** A line before ticks and prices are put to it. */
export type BareLine = Omit<KitLine, 'isTicked' | 'price' | 'cost'>;

export type KitGroup = 'put in' | 'containers' | 'mix' | 'solutions' | 'labels' | 'own';

export const kitGroups: readonly { readonly group: KitGroup; readonly title: string }[] = [
  { group: 'put in', title: 'What is put in' },
  { group: 'containers', title: 'What it stands in' },
  { group: 'mix', title: 'Mix' },
  { group: 'solutions', title: 'Solutions' },
  { group: 'labels', title: 'Labels' },
  { group: 'own', title: 'And besides' },
];
