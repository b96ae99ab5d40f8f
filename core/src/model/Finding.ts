export type Severity = 'blocker' | 'serious' | 'caution' | 'note';

/** What a check noticed: a sentence for a twelve-year-old, and what to do about it. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  readonly message: string;
  readonly remedy: string;
}
