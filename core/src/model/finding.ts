export type Severity = 'blocker' | 'serious' | 'caution' | 'note';

const order: readonly Severity[] = ['blocker', 'serious', 'caution', 'note'];

/**
 * Findings with the worst first; those alike stay in their order.
 * @param findings of any checks
 */
export function bySeverity<F extends { readonly severity: Severity }>(findings: readonly F[]): F[] {
  return [...findings].sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity));
}
