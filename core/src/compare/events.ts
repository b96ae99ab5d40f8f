import { logRank } from '../stats/logRank';
import { normalQuantile } from '../stats/normalTails';
import { restrictedMean } from '../stats/restrictedMean';
import type { EventTime } from '../stats/kaplanMeier';
import type { Contrast } from './Contrast';
import type { TestRow } from './TestRow';
import { armPairs, emptyContrast, type Compared, type Comparisons } from './Compared';
import { ratioOfMeans } from './ratio';
import { withHolm } from './ratings';

/** When something happened in a unit, or the last day on which it had not. */
export interface UnitEvent extends EventTime {
  readonly unit: string;
  readonly arm: string;
  readonly block: string | null;
}

/**
 * Day at which restricted means stop: the last to which every arm is known. An arm in which it happened to every unit is known for good,
 * so that a quick arm does not cut the comparison short.
 */
export function followedUntil(times: readonly UnitEvent[], arms: readonly string[]): number {
  const ends = arms.map((arm) => {
    const own = times.filter((unit) => unit.arm === arm);
    return own.every((unit) => unit.happened) ? Infinity : Math.max(...own.map((unit) => unit.time));
  });
  const until = Math.min(...ends);
  return Number.isFinite(until) ? until : Math.max(0, ...times.filter((unit) => arms.includes(unit.arm)).map((unit) => unit.time));
}

/** Times to an event: the log-rank test decides (inside blocks where there are any), the difference is that of the restricted means in days. */
export function events(compared: Compared, times: readonly UnitEvent[]): Comparisons {
  const pairs = armPairs(compared);
  const adjusted = pairs.length > 1 ? 'holm' : 'none';
  const strataFor = (arms: readonly string[]) => {
    const names = compared.layout === 'completely-random' ? [null] : [...new Set(times.map((unit) => unit.block))];
    return names.map((name) => arms.map((arm) => times.filter((unit) => unit.arm === arm && (name === null || unit.block === name))));
  };
  const codes = compared.arms.map((arm) => arm.arm);
  const present = codes.filter((arm) => times.some((unit) => unit.arm === arm));
  const tests: TestRow[] = [];
  const overall = present.length > 2 ? logRank(strataFor(present)) : null;
  if (overall)
    tests.push({ method: 'log-rank', statistic: { name: 'chi-square', value: overall.chiSquare }, df: [overall.df], p: overall.p });
  const until = present.length > 1 ? followedUntil(times, present) : 0;
  const z = normalQuantile(1 - 0.025 / pairs.length);
  const contrasts = pairs.map((pair): Contrast => {
    const own = (arm: string) => times.filter((unit) => unit.arm === arm);
    const treated = restrictedMean(own(pair.arm), until);
    const control = restrictedMean(own(pair.versus), until);
    if (!treated || !control || until <= 0) return emptyContrast(pair.arm, pair.versus, adjusted);
    const test = logRank(strataFor([pair.versus, pair.arm]));
    if (test)
      tests.push({ method: 'log-rank', ...pair, statistic: { name: 'chi-square', value: test.chiSquare }, df: [test.df], p: test.p });
    const value = treated.mean - control.mean;
    const error = Math.hypot(treated.standardError, control.standardError);
    return {
      ...pair,
      difference: { value, ci95: error > 0 ? [value - z * error, value + z * error] : null },
      ratio: ratioOfMeans(treated.mean, control.mean, treated.standardError ** 2, control.standardError ** 2, 0, error > 0 ? z : null),
      p: test?.p ?? null,
      adjusted,
    };
  });
  const seen = times.some((unit) => unit.happened);
  return {
    tests,
    terms: [],
    contrasts: withHolm(contrasts),
    trend: null,
    reasons: seen ? [] : ['It has not happened in any unit yet, so there is nothing to compare.'],
  };
}
