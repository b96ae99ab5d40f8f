import type { Expected } from '../../model';
import type { Contrast } from '../../compare/Contrast';
import type { VerdictCode } from '../Result';

/** Codes from the one that decides first to the one that decides last. */
export const verdictOrder: readonly VerdictCode[] = ['supported', 'small', 'opposite', 'no-difference-that-matters', 'cannot-tell'];

/**
 * The verdict on one comparison, from its difference, 95 % interval and p alone. Told apart are arms where p ≤ 0.05 and the interval lies on one
 * side of none; where units of an arm are all alike there is no interval, and a rating is told by the shuffle of its steps: then p alone.
 * @param expected what the hypothesis says: more, less, or a difference either way
 * @param smallest smallest difference that matters, in the unit of the difference; null where none was set
 * @param byP told by p alone
 */
export function judge(
  contrast: Pick<Contrast, 'difference' | 'p' | 'alike'>,
  expected: Expected,
  smallest: number | null,
  byP = false,
): VerdictCode {
  const { value, ci95 } = contrast.difference;
  if (value === null || contrast.p === null) return 'cannot-tell';
  const turned = expected === 'less' || (expected === 'different' && value < 0);
  const d = turned ? -value : value;
  const [low, high] = ci95 ?? [value, value];
  const [lo, hi] = turned ? [-high, -low] : [low, high];
  const m = smallest ?? 0;
  const told = contrast.p <= 0.05 && (byP || (d > 0 ? lo > 0 : hi < 0));
  if (told && d > 0) return hi >= m ? 'supported' : 'small';
  if (told && d < 0) return 'opposite';
  if (ci95 !== null && m > 0 && -m < lo && hi < m && contrast.alike !== false) return 'no-difference-that-matters';
  return 'cannot-tell';
}

/** The verdict on several comparisons together: the first in order that any has. */
export function firstVerdict(codes: readonly VerdictCode[]): VerdictCode {
  return verdictOrder.find((code) => codes.includes(code)) ?? 'cannot-tell';
}
