import { addDays, type Care, type Experiment, type Plan, type Stage, type Unit } from '../model';
import { liveCare } from './liveEntries';
import { stateOf, type WalkState } from './walks';

/** One step of the plan on one of its days. */
export interface StepOnDay {
  readonly name: string;
  readonly kind: Stage['kind'];
  /** Counted from the experiment's start; a moment under a day is a part of one. */
  readonly day: number;
  readonly on: string;
  readonly state: WalkState;
  /** Codes of the units to which it was not done yet. */
  readonly left: readonly string[];
  readonly units: number;
}

/** What of an experiment its steps follow from. */
export interface Stepped {
  readonly startedOn: Experiment['startedOn'];
  readonly plan: Pick<Plan, 'stages' | 'frozenOn'>;
  readonly units: readonly Pick<Unit, 'unit' | 'arm' | 'status'>[];
}

/** About how long a step takes with one unit, s (common practice). */
const SECONDS = 30;

/**
 * Every step of a started plan that has a day, day by day. The first time that a step was done to a unit is that of its first day, the
 * second that of its second; a step may be done to some units and not to others.
 * @param experiment with its units
 * @param care with the steps that were done
 * @param today calendar date
 * @returns in order of days; empty before the start
 */
export function stepsOnDays({ startedOn, plan, units }: Stepped, care: readonly Care[], today: string): StepOnDay[] {
  if (startedOn === null || plan.frozenOn === null) return [];
  const active = units.filter(({ status }) => status === 'active');
  return plan.stages
    .flatMap(({ name, kind, arms, days }) => {
      const own = active.filter(({ arm }) => arms.length === 0 || arms.includes(arm));
      const times = timesDone(
        own,
        liveCare({ care }).filter(({ step }) => step === name),
      );
      return [...days]
        .sort((a, b) => a - b)
        .map((day, i): StepOnDay => {
          const left = own.filter(({ unit }) => (times.get(unit) ?? 0) <= i).map(({ unit }) => unit);
          const on = addDays(startedOn, Math.floor(day));
          return { name, kind, day, on, state: stateOf(left.length, on, today), left, units: own.length };
        });
    })
    .filter(({ units: count }) => count > 0)
    .sort((a, b) => a.day - b.day);
}

/** How often a step was done to each unit. */
function timesDone(units: readonly Pick<Unit, 'unit' | 'arm'>[], done: readonly Care[]): ReadonlyMap<string, number> {
  const times = new Map<string, number>();
  for (const { units: named, arms } of done)
    for (const { unit, arm } of units) {
      const isNamed = named.length > 0 ? named.includes(unit) : arms.length === 0 || arms.includes(arm);
      if (isNamed) times.set(unit, (times.get(unit) ?? 0) + 1);
    }
  return times;
}

/**
 * About how long a step takes, in minutes.
 * @param left units to which it is still to be done
 * @returns a whole number, 1 or more
 */
export const stepMinutes = (left: number): number => Math.max(1, Math.round((left * SECONDS) / 60));
