import { itemAt } from '../invariant';
import { daysBetween, type Measure, type Observation } from '../model';
import { memoize } from './memoize';

/**
 * The walk that a reading was taken for, where nobody has said it: the planned day on or before its own, so that a late reading fills its
 * own walk.
 * @param day on which it was read, counted from the unit's start
 * @param measure with its planned reading days
 * @returns null for a reading before the first walk
 */
export function roundOf(day: number, { readingDays }: Pick<Measure, 'readingDays'>): number | null {
  const planned = inOrder(readingDays);
  let [low, high] = [0, planned.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (itemAt(planned, middle) <= day) low = middle + 1;
    else high = middle;
  }
  return low === 0 ? null : itemAt(planned, low - 1);
}

const plannedDays = memoize((days: Measure['readingDays']) => new Set(days));
const inOrder = memoize((days: Measure['readingDays']) => [...days].sort((a, b) => a - b));

interface Filled {
  readonly days: Measure['readingDays'];
  readonly start: string;
  readonly rounds: ReadonlyMap<number, RoundReading>;
}

/** The first day on which something was read on a walk, and the reading that stands. */
export interface RoundReading {
  readonly readOn: number;
  readonly reading: Observation;
}

const known = new WeakMap<readonly Observation[], Filled>();

/**
 * The walks of one unit that were filled, by their planned day.
 * @param live the unit's readings of the measure
 * @param start the unit's day 0
 */
export function filledRounds(
  live: readonly Observation[],
  { readingDays: days }: Measure,
  start: string,
): ReadonlyMap<number, RoundReading> {
  const found = known.get(live);
  if (found && found.days === days && found.start === start) return found.rounds;
  const rounds = new Map<number, RoundReading>();
  const planned = plannedDays(days);
  for (const reading of live) {
    const round = reading.plannedDay;
    if (round === null || !planned.has(round)) continue;
    const readOn = daysBetween(start, reading.observedOn);
    rounds.set(round, { readOn: rounds.get(round)?.readOn ?? readOn, reading });
  }
  known.set(live, { days, start, rounds });
  return rounds;
}
