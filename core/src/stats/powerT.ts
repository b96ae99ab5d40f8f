import jstat from 'jstat';
import { normalQuantile } from './normalTails';
import { tQuantile } from './tTails';
import { findRoot } from './findRoot';

/**
 * Chance that Welch's or Student's t finds a true difference at the 5% level, two arms of equal size and spread.
 * Source: noncentral t, as Cohen J (1988) Statistical Power Analysis, ch. 2; only the tail on the side of the difference counts.
 * @param difference true difference of the means
 * @param sd of the units of an arm, in the same unit
 * @param unitsPerArm need not be whole
 * @param alpha level of the test
 * @returns a chance
 */
export function powerT(difference: number, sd: number, unitsPerArm: number, alpha = 0.05): number {
  const df = 2 * (unitsPerArm - 1);
  if (df <= 0) return 0;
  const ncp = (Math.abs(difference) / sd) * Math.sqrt(unitsPerArm / 2);
  const critical = tQuantile(1 - alpha / 2, df);
  // The library's series runs out for very large shifts, where the answer is 1 to every digit shown.
  if (ncp > critical + 10) return 1;
  return Math.min(1, Math.max(0, 1 - jstat.jStat.noncentralt.cdf(critical, df, ncp)));
}

/**
 * Units an arm (not rounded, at least 2) for which `powerT` reaches `power`.
 * @param difference true difference of the means
 * @param sd of the units of an arm, in the same unit
 * @param power wanted chance, in (0, 1)
 * @param alpha level of the test
 * @returns units an arm
 */
export function unitsForPowerT(difference: number, sd: number, power = 0.8, alpha = 0.05): number {
  const z = normalQuantile(1 - alpha / 2) + normalQuantile(power);
  const guess = 2 * (z * (sd / difference)) ** 2;
  if (guess > 1e5) return guess;
  if (powerT(difference, sd, 2, alpha) >= power) return 2;
  return findRoot((n) => powerT(difference, sd, n, alpha) - power, 2, guess + 10);
}
