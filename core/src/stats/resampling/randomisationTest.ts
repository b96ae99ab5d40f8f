import { drawArrangements } from './drawArrangements';
import { enumerateArrangements } from './enumerateArrangements';
import { shiftAlgorithm } from './shiftAlgorithm';
import { countArrangements, type Stratum, type Watch } from './Stratum';

export const MOST_ENUMERATED = 200_000;
/** So few are walked through sooner than their sums are counted. */
const FEW = 2000;
export const DRAWS = 99_999;

export interface Randomisation {
  readonly p: number;
  readonly exact: boolean;
  /** Number of possible arrangements, or of draws where not exact. */
  readonly arrangements: number;
  /** Seed of the draws; null where exact. */
  readonly seed: number | null;
}

export interface RandomisationOptions extends Watch {
  readonly seed: number;
  /** Draws where not all arrangements are walked through, for runs of many tests; then no more than so many are walked through either. */
  readonly draws?: number;
}

/**
 * Two-sided randomisation test of treated against control, labels shuffled inside each block; the statistic is the difference of means
 * (adjusted for blocks where they are unequal). Exact wherever it can be. Null without two arms to shuffle.
 * Source: Fisher RA (1935) The Design of Experiments, §21; Pitman EJG (1937).
 */
export function randomisationTest(strata: readonly Stratum[], options: RandomisationOptions): Randomisation | null {
  const mixed = strata.filter(({ values, treated }) => treated > 0 && treated < values.length);
  if (mixed.length === 0) return null;
  const arrangements = countArrangements(mixed);
  const draws = options.draws ?? DRAWS;
  const most = options.draws === undefined ? MOST_ENUMERATED : 2 * draws;
  const isFew = arrangements <= FEW;
  const exact = !isFew && options.draws === undefined ? shiftAlgorithm(mixed) : null;
  if (exact !== null) return { p: exact, exact: true, arrangements, seed: null };
  if (isFew || arrangements <= most) {
    return { p: enumerateArrangements(mixed, options), exact: true, arrangements, seed: null };
  }
  return { p: drawArrangements(mixed, options.seed, draws, options), exact: false, arrangements: draws, seed: options.seed };
}

/**
 * Two-sided sign-flip test of differences inside pairs: each pair is a block of two whose labels could have gone the other way.
 * Source: Fisher RA (1935) The Design of Experiments, ch. 3.
 */
export function signFlipTest(differences: readonly number[], options: RandomisationOptions): Randomisation | null {
  return randomisationTest(
    differences.map((difference) => ({ values: [difference, 0], treated: 1 })),
    options,
  );
}
