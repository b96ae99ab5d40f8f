import { addDays, shortDate, type Stage } from '../../model';
import { later } from './lengths';
import { isThereOn } from './presence';
import { boundsAround, goesThrough, lengthOf, sowingOf, unbound, USUAL_CLOCK, jointSchedule, type ArmStep, type Timed } from './schedule';
import { always } from './spans';
import { whyNot, type Unmet } from './whyNot';
import { minuteOf } from './zoned';

/** A step of one arm on the clock. */
export interface TimedStep extends ArmStep {
  /** Days after the start on which it is planned; null where it comes before the sowing. */
  readonly day: number | null;
}

export interface PlannedTimes {
  /** Every step of every arm, in order; those before the sowing as if somebody were always there where a wish is not met. */
  readonly steps: readonly TimedStep[];
  readonly sowing: number | null;
  readonly unmet: readonly Unmet[];
}

/**
 * When each step happens to each arm, worked backwards and forwards from the sowing.
 * @param timed a plan with a day 0
 * @param now minute before which nothing can begin; −Infinity for a plan on paper
 * @returns steps with their minutes, and the wishes that cannot be met
 */
export function plannedTimes(timed: Timed, now = -Infinity): PlannedTimes {
  const sowing = sowingOf(timed);
  if (sowing === null || timed.startedOn === null) return { steps: [], sowing: null, unmet: [] };
  const after = stepsAfter(timed, sowing);
  const bounds = boundsAround(timed, timed.startedOn, now);
  const met = jointSchedule(timed, bounds).stepsTo(sowing);
  if (met !== null) return { steps: inOrder([...met, ...after]), sowing, unmet: daysOff(timed) };
  const free = unbound(timed);
  const anyhow = jointSchedule(free, { notBefore: -Infinity, present: always }).stepsTo(sowing) ?? [];
  return { steps: inOrder([...anyhow, ...after]), sowing, unmet: [...whyNot(timed, sowing, anyhow, bounds), ...daysOff(timed)] };
}

const inOrder = (steps: readonly (ArmStep | TimedStep)[]): TimedStep[] =>
  steps.map((step) => ({ day: null, ...step })).sort((a, b) => a.begins - b.begins || a.stage - b.stage);

/** Steps that have days: they begin on their own. */
function stepsAfter({ startedOn, plan, arms, units }: Timed, sowing: number): TimedStep[] {
  if (startedOn === null) return [];
  const { zone, at } = plan.timing;
  return plan.stages.flatMap((stage, i) =>
    stage.days.flatMap((day) => {
      const begins = beginOnDay(stage, day, { startedOn, sowing, zone, at });
      return arms
        .filter(({ code: arm }) => goesThrough(stage, arm))
        .map(({ code: arm }) => ({ stage: i, arm, day, begins, ends: later(begins, lengthOf(stage, unitsOf(units, stage)).least, zone) }));
    }),
  );
}

const unitsOf = (units: Timed['units'], stage: Stage) =>
  units.filter(({ status, arm }) => status === 'active' && goesThrough(stage, arm)).length;

interface Start {
  readonly startedOn: string;
  readonly sowing: number;
  readonly zone: string;
  readonly at: string;
}

/** A moment under a day is counted from the sowing; a day has its clock. */
function beginOnDay({ at }: Pick<Stage, 'at'>, day: number, { startedOn, sowing, zone, at: usual }: Start): number {
  if (!Number.isInteger(day)) return sowing + Math.round(day * 24 * 60);
  return minuteOf({ date: addDays(startedOn, day), clock: at || usual || USUAL_CLOCK }, zone);
}

/** Days after the sowing on which something is planned and nobody is there. */
function daysOff({ startedOn, plan }: Timed): Unmet[] {
  if (startedOn === null) return [];
  return plan.stages.flatMap(({ name, days }) => {
    const off = days.map((day) => addDays(startedOn, Math.floor(day))).filter((date) => !isThereOn(date, plan.timing));
    return off.length === 0
      ? []
      : [{ wish: `“${name}” falls on ${off.map(shortDate).join(', ')}, when nobody is there.`, isDayOff: true, gives: [] }];
  });
}
