import type { Experiment, Presence, Timing } from '../model';
import { moveStart } from '../study/moveStart';

/** Changes when the steps can and should happen. */
export function setTiming(experiment: Experiment, more: Partial<Timing>): Experiment {
  return { ...experiment, plan: { ...experiment.plan, timing: { ...experiment.plan.timing, ...more } } };
}

/**
 * Puts the sowing on a day and a time; batches that start later move with it.
 * @param experiment a plan that has not started
 * @param date day 0
 * @param clock time of day
 */
export function setSowing(experiment: Experiment, date: string, clock: string): Experiment {
  return setTiming(moveStart(experiment, date), { at: clock });
}

/** The hours of a school, Monday to Friday. */
export const schoolHours: readonly Presence[] = [1, 2, 3, 4, 5].map((day) => ({ day, from: '08:30', to: '15:30' }));

export const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as const;
