import type { Expected } from '../../model';
import type { Contrast } from '../../compare/Contrast';
import type { VerdictCode } from '../Result';

/** Codes from the one that decides first to the one that decides last. */
export const verdictOrder: readonly VerdictCode[] = ['supported', 'small', 'opposite', 'no-difference-that-matters', 'cannot-tell'];

/**
 * The verdict on one comparison, from its difference, 95 % interval and p alone.
 * @param expected what the hypothesis says: more, less, or a difference either way
 * @param smallest smallest difference that matters, in the unit of the difference; null where none was set
 */
export function judge(contrast: Pick<Contrast, 'difference' | 'p'>, expected: Expected, smallest: number | null): VerdictCode {
  const { value, ci95 } = contrast.difference;
  if (value === null || ci95 === null || contrast.p === null) return 'cannot-tell';
  const turned = expected === 'less' || (expected === 'different' && value < 0);
  const [lo, hi] = turned ? [-ci95[1], -ci95[0]] : ci95;
  const m = smallest ?? 0;
  const told = contrast.p <= 0.05;
  if (lo > 0 && told) return hi >= m ? 'supported' : 'small';
  if (hi < 0 && told) return 'opposite';
  if (m > 0 && -m < lo && hi < m) return 'no-difference-that-matters';
  return 'cannot-tell';
}

/** The verdict on several comparisons together: the first in order that any has. */
export function firstVerdict(codes: readonly VerdictCode[]): VerdictCode {
  return verdictOrder.find((code) => codes.includes(code)) ?? 'cannot-tell';
}
