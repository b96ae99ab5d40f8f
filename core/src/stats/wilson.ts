import type { Interval } from './meanInterval';
import { normalQuantile } from './normalTails';

/**
 * Wilson's score interval of a proportion; null without trials. Ends stay inside [0, 1].
 * Source: Wilson EB (1927) JASA 22:209–212; Newcombe RG (1998) Stat Med 17:857–872, method 3.
 * @param successes from 0 to `trials`
 * @param trials 0 or more
 * @param level 0.95 for 95%
 * @returns lower and upper end
 * @example wilson(81, 263) // [0.2553, 0.3662]
 */
export function wilson(successes: number, trials: number, level = 0.95): Interval | null {
  if (trials <= 0) return null;
  const z = normalQuantile((1 + level) / 2);
  const share = successes / trials;
  const middle = (successes + (z * z) / 2) / (trials + z * z);
  const half = (z / (trials + z * z)) * Math.sqrt(trials * share * (1 - share) + (z * z) / 4);
  return [successes === 0 ? 0 : Math.max(0, middle - half), successes === trials ? 1 : Math.min(1, middle + half)];
}
