import type { Stage, Study } from '../model';
import { liveCare } from './liveEntries';
import { goesThrough } from './schedule/schedule';
import { stepMoments, unitsGiven, type StepOnDay } from './steps';

/** A step of the plan beside what the log says of it. */
export interface StepTold {
  readonly stage: Stage;
  /** When it was planned; empty where it is of no arm, or goes on all the time. */
  readonly planned: readonly StepOnDay[];
  /** Calendar dates on which it was done, in order. */
  readonly doneOn: readonly string[];
  /** Units that go through it. */
  readonly units: readonly string[];
  /** Those of them for which its time has passed and nobody wrote down that it was done. */
  readonly unconfirmed: readonly string[];
}

/** What goes on all the time, as watering: of no length and no day, and not what is tested. Nobody writes down that it was done. */
export const isOngoing = ({ hours, days, tested }: Stage): boolean => hours === null && days.length === 0 && !tested;

/**
 * What the log says of each step of the plan, up to the last day on which anything was read or done.
 * @param study that has started, or not yet
 * @returns in the order of the plan
 */
export function stepsTold({ experiment, care, observations }: Study): StepTold[] {
  const { plan, units } = experiment;
  const done = liveCare({ care }).filter(({ step }) => step !== null);
  const reached = [...observations.map(({ observedOn }) => observedOn.slice(0, 10)), ...done.map(({ on }) => on)].sort().at(-1) ?? '';
  const moments = stepMoments(experiment, care, reached);
  return plan.stages.map((stage): StepTold => {
    const planned = isOngoing(stage)
      ? []
      : moments.filter(({ name, arms }) => name === stage.name && arms.some((arm) => goesThrough(stage, arm)));
    const own = units.filter(({ arm }) => goesThrough(stage, arm));
    const entries = done.filter((entry) => entry.step === stage.name && unitsGiven(own, entry).length > 0);
    const due = planned.filter(({ on }) => on <= reached);
    return {
      stage,
      planned,
      doneOn: [...new Set(entries.map(({ on }) => on))].sort(),
      units: own.map(({ code }) => code),
      unconfirmed: [...new Set(due.flatMap(({ left }) => left))].filter((code) => own.some((unit) => unit.code === code)),
    };
  });
}
