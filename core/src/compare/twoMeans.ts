import { centre, variance } from '../stats/moments';
import { randomisationTest } from '../stats/resampling/randomisationTest';
import { tQuantile } from '../stats/tTails';
import { welchT } from '../stats/welchT';
import { armPairs, emptyContrast, randomisationRow, valuesOf, type Compared, type Comparisons } from './Compared';
import { ratioOfMeans } from './ratio';
import type { TestRow } from './TestRow';

/** Two arms, completely random: difference of means with Welch's interval, ratio, and the randomisation test, which decides. */
export function twoMeans(compared: Compared): Comparisons {
  const [pair] = armPairs(compared);
  const treated = valuesOf(compared.values, pair.arm);
  const control = valuesOf(compared.values, pair.versus);
  const none = { terms: [], trend: null };
  if (treated.length === 0 || control.length === 0) {
    return { ...none, tests: [], contrasts: [emptyContrast(pair.arm, pair.versus)], reasons: ['An arm has no readings to compare.'] };
  }
  const welch = welchT(treated, control);
  const difference = centre(treated) - centre(control);
  const shuffle = randomisationTest([{ values: [...treated, ...control], treated: treated.length }], compared.options);
  const tests: TestRow[] = [];
  if (welch) tests.push({ method: 'welch-t', ...pair, statistic: { name: 't', value: welch.t }, df: [welch.df], p: welch.p });
  if (shuffle) tests.push(randomisationRow('randomisation', shuffle, { name: 'difference', value: difference }, pair));
  const error = (values: readonly number[]) => (variance(values) ?? 0) / values.length;
  return {
    ...none,
    tests,
    contrasts: [
      {
        ...pair,
        difference: { value: difference, ci95: welch?.ci95 ?? null },
        ratio: ratioOfMeans(centre(treated), centre(control), error(treated), error(control), 0, welch ? tQuantile(0.975, welch.df) : null),
        p: shuffle?.p ?? null,
        adjusted: 'none',
      },
    ],
    reasons: welch ? [] : [noInterval(treated, control)],
  };
}

function noInterval(treated: readonly number[], control: readonly number[]): string {
  return treated.length < 2 || control.length < 2
    ? 'An arm has one unit only, so nothing says how far units differ by themselves: no interval can be given.'
    : 'The units of each arm are all alike, so no interval can be given.';
}
