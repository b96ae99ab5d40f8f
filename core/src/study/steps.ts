import { itemAt } from '../invariant';
import { addDays, daysBetween, type Care, type Plan, type Stage, type Unit } from '../model';
import { liveCare } from './liveEntries';
import { plannedTimes } from './schedule/plannedTimes';
import { comesBefore, goesThrough, type Timed } from './schedule/schedule';
import { localOf } from './schedule/zoned';
import { roundState, type RoundState } from './recordingRounds';

/** One step of the plan on one of its days. */
export interface StepOnDay {
  readonly name: string;
  readonly kind: Stage['kind'];
  readonly hazards: Stage['hazards'];
  /** Counted from the experiment's start, below 0 before it; a moment under a day is a part of one. */
  readonly day: number;
  readonly on: string;
  /** Time of day; empty where the plan says none. */
  readonly at: string;
  readonly hours: number | null;
  readonly hoursMost: number | null;
  readonly arms: readonly string[];
  /** It comes before the sowing. */
  readonly isBefore: boolean;
  readonly state: RoundState;
  /** Codes of the units to which it was not done yet. */
  readonly left: readonly string[];
  readonly units: number;
}

/** What of an experiment its steps follow from. */
export type Stepped = Timed & { readonly plan: Pick<Plan, 'lockedOn'> };

/** About how long a step takes with one unit, s (common practice). */
const SECONDS = 30;

/** A step with the moment at which it comes, for some of its arms. */
interface Moment {
  readonly stage: Stage;
  readonly day: number;
  readonly on: string;
  readonly at: string;
  readonly arms: readonly string[];
  /** The first, second … time that the step is done to a unit. */
  readonly time: number;
}

/**
 * Every step of a started plan, day by day: those before the sowing at the moments to which they were worked back, the others on their days.
 * The first time that a step was done to a unit is that of its first day, the second that of its second; a step may be done to some units
 * and not to others.
 * @param experiment with its units
 * @param care with the steps that were done
 * @param today calendar date
 * @returns in order of days; empty before the start
 */
export function stepsOnDays(experiment: Stepped, care: readonly Care[], today: string): StepOnDay[] {
  return experiment.plan.lockedOn === null ? [] : stepMoments(experiment, care, today);
}

/**
 * The same of a plan that may still be a draft.
 * @param experiment with its units
 * @param care with the steps that were done
 * @param today calendar date
 * @returns in order of days; empty before there is a day 0
 */
export function stepMoments(experiment: Timed, care: readonly Care[], today: string): StepOnDay[] {
  const { startedOn, plan, units } = experiment;
  if (startedOn === null) return [];
  const active = units.filter(({ status }) => status === 'active');
  const done = liveCare({ care });
  const times = new Map(
    plan.stages.map(({ name }) => [
      name,
      timesDone(
        active,
        done.filter(({ step }) => step === name),
      ),
    ]),
  );
  return [...momentsBefore(experiment, startedOn), ...momentsAfter(experiment, startedOn)]
    .flatMap(({ stage, day, on, at, arms, time }): StepOnDay[] => {
      const own = active.filter(({ arm }) => arms.includes(arm));
      const left = own.filter(({ code: unit }) => (times.get(stage.name)?.get(unit) ?? 0) <= time).map(({ code: unit }) => unit);
      const { name, kind, hazards, hours, hoursMost } = stage;
      return own.length === 0
        ? []
        : [
            {
              name,
              kind,
              hazards,
              day,
              on,
              at,
              hours,
              hoursMost,
              arms,
              isBefore: comesBefore(stage),
              state: roundState(left.length, on, today),
              left,
              units: own.length,
            },
          ];
    })
    .sort((a, b) => a.day - b.day || (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

function momentsBefore(experiment: Timed, startedOn: string): Moment[] {
  const { stages, timing } = experiment.plan;
  if (!stages.some(comesBefore)) return [];
  const together = new Map<string, { readonly stage: Stage; readonly begins: number; readonly arms: string[] }>();
  for (const { stage, arm, begins, day } of plannedTimes(experiment).steps) {
    if (day !== null) continue;
    const key = `${stage} ${begins}`;
    const group = together.get(key) ?? { stage: itemAt(stages, stage), begins, arms: [] };
    together.set(key, group);
    group.arms.push(arm);
  }
  return [...together.values()].map(({ stage, begins, arms }) => {
    const { date, clock } = localOf(begins, timing.zone);
    return { stage, arms, on: date, at: clock, day: daysBetween(startedOn, date), time: 0 };
  });
}

function momentsAfter({ plan, arms }: Timed, startedOn: string): Moment[] {
  return plan.stages.flatMap((stage) =>
    [...stage.days]
      .sort((a, b) => a - b)
      .map((day, time) => ({
        stage,
        day,
        on: addDays(startedOn, Math.floor(day)),
        at: stage.at,
        arms: arms.flatMap(({ code: arm }) => (goesThrough(stage, arm) ? [arm] : [])),
        time,
      })),
  );
}

/** How often a step was done to each unit. */
function timesDone(units: readonly Pick<Unit, 'code' | 'arm'>[], done: readonly Care[]): ReadonlyMap<string, number> {
  const times = new Map<string, number>();
  for (const entry of done) for (const { code: unit } of unitsGiven(units, entry)) times.set(unit, (times.get(unit) ?? 0) + 1);
  return times;
}

/**
 * The units that an entry of care is about.
 * @param units of the experiment
 * @param entry as it was written down
 * @returns those that it names, or those of its arms, or all
 */
export function unitsGiven<U extends Pick<Unit, 'code' | 'arm'>>(
  units: readonly U[],
  { units: named, arms }: Pick<Care, 'units' | 'arms'>,
): U[] {
  return units.filter(({ code: unit, arm }) => (named.length > 0 ? named.includes(unit) : arms.length === 0 || arms.includes(arm)));
}

/**
 * About how long a step takes, in minutes.
 * @param left units to which it is still to be done
 * @returns a whole number, 1 or more
 */
export const stepMinutes = (left: number): number => Math.max(1, Math.round((left * SECONDS) / 60));
