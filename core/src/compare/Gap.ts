import type { Interval } from '../stats/meanInterval';
import type { Contrast } from './Contrast';
import { ratioOfMeans } from './ratio';

/** Two means beside one another. */
export interface MeanDifference {
  /** Treated less control. */
  readonly value: number;
  readonly treated: number;
  readonly control: number;
  /** Variances of the two means, and what they have in common. */
  readonly varianceTreated: number;
  readonly varianceControl: number;
  readonly covariance: number;
  /** Standard error of the difference; null where a spread is not known, 0 where nothing differs by itself. */
  readonly error: number | null;
  readonly df: number;
}

/** How several comparisons are held together: half width of an interval in standard errors, and the p of a t. */
export interface Held {
  readonly critical: (df: number) => number;
  readonly p: (t: number, df: number) => number;
}

/**
 * The 95% confidence interval of a gap.
 * @param held how several are held together
 * @returns null where there is no error to go by
 */
export function intervalOf({ value, error, df }: MeanDifference, held: Held): Interval | null {
  if (error === null || error === 0) return null;
  const half = held.critical(df) * error;
  return [value - half, value + half];
}

/**
 * What a comparison says of a gap before it is judged.
 * @param held how several are held together
 * @param p that decides; null where none can
 */
export function contrastOf(
  pair: { readonly arm: string; readonly versus: string },
  gap: MeanDifference,
  held: Held,
  { p, adjusted }: Pick<Contrast, 'p' | 'adjusted'>,
): Contrast {
  const ci95 = intervalOf(gap, held);
  const critical = ci95 === null ? null : held.critical(gap.df);
  return {
    ...pair,
    difference: { value: gap.value, ci95 },
    ratio: ratioOfMeans(gap.treated, gap.control, gap.varianceTreated, gap.varianceControl, gap.covariance, critical),
    p,
    adjusted,
  };
}
