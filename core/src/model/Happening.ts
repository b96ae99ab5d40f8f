export type EventKind = 'protocol-change' | 'equipment' | 'pest-or-disease' | 'weather' | 'mix-up' | 'loss' | 'other';

/** Something that happened and was not in the plan. No arms and no units means that it touched all. */
export interface Happening {
  readonly id: string;
  readonly on: string;
  readonly kind: EventKind;
  readonly arms: readonly string[];
  readonly units: readonly string[];
  readonly note: string;
}

/** Water, feed or other care given to one unit or to a whole arm. */
export interface Care {
  readonly id: string;
  readonly on: string;
  readonly unit: string | null;
  readonly arm: string | null;
  readonly kind: 'water' | 'feed' | 'other';
  readonly amount: number | null;
  readonly amountUnit: string | null;
  readonly note: string | null;
}
