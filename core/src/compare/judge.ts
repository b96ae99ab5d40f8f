import type { Expected } from '../model';
import type { Contrast } from './Contrast';

export type VerdictCode = 'supported' | 'small' | 'no-difference-that-matters' | 'opposite' | 'cannot-tell' | 'not-a-fair-test';

/** Between two treatments nothing was expected: they are told apart or not. */
export type RowVerdict = VerdictCode | 'told-apart';

/** Codes from the one that decides first to the one that decides last. */
export const verdictOrder: readonly VerdictCode[] = ['supported', 'small', 'opposite', 'no-difference-that-matters', 'cannot-tell'];
/** Where all are expected to be alike, one that is not decides, and one that is open leaves all open. */
const orderOfAlike: readonly VerdictCode[] = ['opposite', 'cannot-tell', 'no-difference-that-matters'];

/**
 * The verdict on one comparison, from its difference, 95% interval and p alone. Told apart are arms where p ≤ 0.05 and the interval lies on one
 * side of none; where units of an arm are all alike there is no interval, and a rating is told by the shuffle of its steps: then p alone.
 * @param contrast difference, interval and p of two arms
 * @param expected what the hypothesis says: more, less, a difference either way, or none that matters
 * @param smallest smallest difference that matters, in the unit of the difference; null where none was set
 * @param byP told by p alone
 * @returns its code
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
  const told = isDetected(contrast, byP);
  const isRuledOut = ci95 !== null && m > 0 && -m < lo && hi < m && contrast.alike !== false;
  if (expected === 'alike') return isRuledOut ? 'no-difference-that-matters' : told ? 'opposite' : 'cannot-tell';
  if (told && d > 0) return hi >= m ? 'supported' : 'small';
  if (told && d < 0) return 'opposite';
  return isRuledOut ? 'no-difference-that-matters' : 'cannot-tell';
}

/**
 * Whether two arms are told apart, either way.
 * @param contrast difference, interval and p of two arms
 * @param byP told by p alone
 * @returns true where p ≤ 0.05 and the interval lies on the side of the difference
 */
export function isDetected(contrast: Pick<Contrast, 'difference' | 'p'>, byP = false): boolean {
  const {
    difference: { value, ci95 },
    p,
  } = contrast;
  if (value === null || p === null || p > 0.05) return false;
  const [lo, hi] = ci95 ?? [value, value];
  return byP || (value > 0 ? lo > 0 : hi < 0);
}

/**
 * The verdict on two treatments between which nothing was expected: told apart, shown to be as good as alike, or neither.
 * @param contrast difference, interval and p of the two
 * @param smallest smallest difference that matters, in the unit of the difference; null where none was set
 * @param byP told by p alone
 * @returns its code
 */
export function judgeApart(contrast: Pick<Contrast, 'difference' | 'p' | 'alike'>, smallest: number | null, byP = false): RowVerdict {
  if (isDetected(contrast, byP)) return 'told-apart';
  const code = judge(contrast, 'different', smallest, byP);
  return code === 'no-difference-that-matters' ? code : 'cannot-tell';
}

/**
 * The verdict on several comparisons together: the first in order that any has.
 * @param codes of the comparisons
 * @param expected what the hypothesis says of each
 * @returns the first of them in `verdictOrder`; where all are expected to be alike, the first that speaks against it
 */
export function firstVerdict(codes: readonly VerdictCode[], expected: Expected): VerdictCode {
  const order = expected === 'alike' ? orderOfAlike : verdictOrder;
  return order.find((code) => codes.includes(code)) ?? 'cannot-tell';
}
