type Severity = 'blocker' | 'serious' | 'caution' | 'note';

/** What a check noticed: a sentence for a twelve-year-old, and what to do about it. */
export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  readonly message: string;
  readonly remedy: string;
}

const order: readonly Severity[] = ['blocker', 'serious', 'caution', 'note'];

/**
 * Findings with the worst first; those alike stay in their order.
 * @param findings of any checks
 */
export function bySeverity(findings: readonly Finding[]): Finding[] {
  return [...findings].sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity));
}
