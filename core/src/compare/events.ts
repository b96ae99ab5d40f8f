import { itemAt } from '../invariant';
import { logRank } from '../stats/logRank';
import type { EventTime } from '../stats/kaplanMeier';
import { pseudoTimes } from '../stats/pseudoTimes';
import { armPairs, type Compared } from './Compared';
import type { UnitValue } from './Contrast';
import type { TestRow } from './TestRow';

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

/**
 * One restricted time a unit, in days up to the last day to which every arm is known.
 * @param times of all units
 * @param compared codes of the arms that are compared, whose followed days count
 * @returns none where nothing was followed
 */
export function restrictedTimes(times: readonly UnitEvent[], compared: readonly string[]): UnitValue[] {
  const present = compared.filter((arm) => times.some((unit) => unit.arm === arm));
  const until = followedUntil(times, present);
  if (until <= 0) return [];
  return [...new Set(times.map(({ arm }) => arm))].flatMap((code) => {
    const own = times.filter(({ arm }) => arm === code);
    const values = pseudoTimes(own, until);
    return own.map(({ unit, arm, block }, i) => ({ unit, arm, block, value: itemAt(values, i) }));
  });
}

/**
 * The log-rank tests that course reports ask for: over all arms, and each comparison, inside blocks where there are any.
 * @param times of the compared units
 */
export function logRankRows(compared: Compared, times: readonly UnitEvent[]): TestRow[] {
  const strataFor = (arms: readonly string[]) => {
    const names = compared.layout === 'completely-random' ? [null] : [...new Set(times.map((unit) => unit.block))];
    return names.map((name) => arms.map((arm) => times.filter((unit) => unit.arm === arm && (name === null || unit.block === name))));
  };
  const row = (arms: readonly string[], pair: { arm?: string; versus?: string }): TestRow[] => {
    const test = logRank(strataFor(arms));
    return test
      ? [{ method: 'log-rank', ...pair, statistic: { name: 'chi-square', value: test.chiSquare }, df: [test.df], p: test.p }]
      : [];
  };
  const present = compared.arms.map(({ code: arm }) => arm).filter((arm) => times.some((unit) => unit.arm === arm));
  const pairs = armPairs(compared).filter(({ arm, versus }) => present.includes(arm) && present.includes(versus));
  return [...(present.length > 2 ? row(present, {}) : []), ...pairs.flatMap((pair) => row([pair.versus, pair.arm], pair))];
}
