import { itemAt } from '../../invariant';
import { addDays, daysBetween, type Experiment } from '../../model';
import { isThereOn } from './presence';
import { boundsAround, comesBefore, minutesOfDay, lengthOf, onDay, unbound, jointSchedule, type Timed } from './schedule';
import { localOf } from './zoned';

const LOOK_DAYS = 14;

/** What is asked for: as early as there is a first lesson, or so that all is over by the end of term. */
export interface Anchor {
  readonly given: 'first lesson' | 'end of term';
  readonly on: string;
}

/** The sowing that an anchor leads to. */
export type Found = { readonly date: string; readonly clock: string; readonly off: readonly string[] } | { readonly unmet: string };

/**
 * The day on which to sow, so that nothing begins before the first lesson, or all is over by the end of term; near it, the day on which the
 * fewest readings and steps fall on days when nobody is there.
 * @param experiment with its reading days
 * @param anchor what is given
 * @param now minute before which nothing can begin
 * @returns day and time with the days that are off, or why there is none
 */
export function sowingFor(experiment: Timed & Pick<Experiment, 'measures'>, { given, on }: Anchor, now: number): Found {
  const { timing } = experiment.plan;
  const last = lastDay(experiment);
  const around = given === 'first lesson' ? on : addDays(on, -last);
  const [firstLesson] = minutesOfDay(on, timing.zone);
  const notBefore = given === 'first lesson' ? Math.max(now, firstLesson) : now;
  const longest = experiment.plan.stages
    .filter(comesBefore)
    .reduce((sum, stage) => sum + lengthOf(stage, experiment.units.length).most / 24, 0);
  const lookFrom = given === 'first lesson' ? addDays(on, Math.floor(longest)) : addDays(around, -LOOK_DAYS);
  const { sowing } = jointSchedule(unbound(experiment), boundsAround(experiment, lookFrom, notBefore));
  const dates = Array.from({ length: given === 'first lesson' ? 60 : LOOK_DAYS + 1 }, (_, i) =>
    given === 'first lesson' ? addDays(on, i + Math.max(0, Math.floor(shortest(experiment)) - 1)) : addDays(around, -i),
  );
  const found = dates.flatMap((date) => {
    const minute = onDay(sowing, date, timing);
    return minute === null ? [] : [{ date, clock: localOf(minute, timing.zone).clock, off: offOn(experiment, date) }];
  });
  if (found.length === 0)
    return {
      unmet:
        given === 'first lesson'
          ? 'No day in the two months after the first lesson fits every step. Let a soak last longer, or add hours at which somebody is there.'
          : `Between now and the end there is no day for the sowing: readings go on to day ${last}${longest > 0 ? `, and the steps before take ${Math.ceil(longest)} days` : ''}. Take a later end, or fewer days.`,
    };
  const near = found.filter(({ date }) => Math.abs(daysBetween(itemAt(found, 0).date, date)) <= LOOK_DAYS / 2);
  return near.reduce((best, own) => (own.off.length < best.off.length ? own : best));
}

const shortest = ({ plan, units }: Timed) =>
  plan.stages.filter(comesBefore).reduce((most, stage) => Math.max(most, lengthOf(stage, units.length).least / 24), 0);

/** The last day on which something is read or done. */
function lastDay({ measures, plan }: Timed & Pick<Experiment, 'measures'>): number {
  return Math.ceil(Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays), ...plan.stages.flatMap(({ days }) => days)));
}

function offOn({ measures, plan }: Timed & Pick<Experiment, 'measures'>, start: string): string[] {
  const days = [
    ...new Set([...measures.flatMap(({ readingDays }) => readingDays), ...plan.stages.flatMap((stage) => stage.days)].map(Math.floor)),
  ];
  return days
    .map((day) => addDays(start, day))
    .filter((date) => !isThereOn(date, plan.timing))
    .sort();
}

/**
 * Days of the plan on which something is to be read and nobody is there.
 * @param experiment with its reading days and a day 0
 * @returns calendar dates; empty without a day 0
 */
export function readingsOff(experiment: Timed & Pick<Experiment, 'measures'>): string[] {
  return experiment.startedOn === null ? [] : offOn(experiment, experiment.startedOn);
}
