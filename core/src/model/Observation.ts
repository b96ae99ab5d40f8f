export type Source = 'hand' | 'import' | 'instrument' | 'photo';

/** One reading. Appended, never changed: a correction is a new observation that names the old one in `replaces`. */
export interface Observation {
  readonly id: string;
  readonly unit: string;
  readonly plant: string | null;
  readonly measure: string;
  /** ISO 8601 date or date-time. */
  readonly observedOn: string;
  readonly value: number;
  readonly category: string | null;
  readonly observer: string | null;
  readonly blinded: boolean;
  readonly source: Source;
  readonly note: string | null;
  readonly replaces: string | null;
}
