import type { Care, Plan } from '../model';
import { momentWords } from '../model/moments';
import { sowingOf, type Timed } from './schedule/schedule';
import { runningSteps, type TimesOf } from './stepTimes';

const MINUTE = 60_000;
const TWO_DAYS = 2;

/** A moment that somebody waits for: a step that may end, or readings to take. */
export interface Timer {
  /** The same as long as it is the same wait, so that it rings once. */
  readonly key: string;
  readonly what: 'step' | 'reading';
  readonly label: string;
  /** How many units. */
  readonly units: number;
  /** ISO 8601; null for a reading, which has no beginning of its own. */
  readonly began: string | null;
  readonly ends: string;
  /** The latest that a step may end; as its end where there is no room. */
  readonly endsTo: string;
}

/** A walk by its day and what is left of it. */
interface RoundLeft {
  readonly day: number;
  readonly left: number;
}

/**
 * What there is to wait for, to the second: steps that are running, and reading moments under two days where the time of sowing is known.
 * @param experiment with its stages, times and units
 * @param care with what has begun
 * @param rounds with what is left to read on them
 * @returns the first to end comes first
 */
export function timersOf(
  experiment: Timed & TimesOf & { readonly plan: Pick<Plan, 'lockedOn'> },
  care: readonly Care[],
  rounds: readonly RoundLeft[],
): Timer[] {
  const steps = runningSteps(experiment, care).flatMap(({ entry, step, units, began, endsFrom, endsTo }): Timer[] =>
    endsFrom === null
      ? []
      : [
          {
            key: `${entry.id} ${endsFrom}`,
            what: 'step',
            label: step,
            units: units.length,
            began,
            ends: endsFrom,
            endsTo: endsTo ?? endsFrom,
          },
        ],
  );
  const sown = experiment.plan.timing.at === '' || experiment.plan.lockedOn === null ? null : sowingOf(experiment);
  const readings = rounds.flatMap(({ day, left }): Timer[] => {
    if (sown === null || left === 0 || Number.isInteger(day) || day >= TWO_DAYS) return [];
    const ends = new Date((sown + day * 24 * 60) * MINUTE).toISOString();
    return [
      {
        key: `read ${experiment.startedOn ?? ''} ${day} ${sown}`,
        what: 'reading',
        label: `Reading at ${momentWords(day)}`,
        units: left,
        began: null,
        ends,
        endsTo: ends,
      },
    ];
  });
  return [...steps, ...readings].sort((a, b) => (a.ends < b.ends ? -1 : 1));
}
