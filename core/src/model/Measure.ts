export type MeasureKind = 'count' | 'amount' | 'rating' | 'event' | 'harvest';
export type HigherIs = 'better' | 'worse' | 'neither';
/** Which value of a unit is compared: `day N` is the reading of that day. */
export type When = 'final' | 'total' | 'area' | `day ${number}`;

/** A step of a rating, described in words. */
export interface RubricStep {
  readonly value: number;
  readonly words: string;
}

/** What is recorded; exactly one of an experiment is primary and carries the verdict. */
export interface Measure {
  readonly measure: string;
  readonly name: string;
  readonly kind: MeasureKind;
  readonly unit: string;
  /** For `count`: the category that counts as success; null means the count itself. */
  readonly category: string | null;
  readonly higherIs: HigherIs;
  readonly primary: boolean;
  /** In the measure's own unit; percentage points for a count, days for an event. */
  readonly smallestDifference: number | null;
  readonly when: When;
  /** Described steps of a rating, from lowest to highest; empty for other kinds. */
  readonly rubric: readonly RubricStep[];
  /** Days after the start on which it is read. */
  readonly readingDays: readonly number[];
}
