import { itemAt } from '../../invariant';
import { addDays, type Arm, type Experiment, type Plan, type Stage, type Timing, type Unit } from '../../model';
import { after, later } from './lengths';
import { presentBetween } from './presence';
import { both, earliest, latest, within, type Spans } from './spans';
import { minuteOf } from './zoned';

/** What of an experiment its times follow from. */
export interface Timed {
  readonly startedOn: Experiment['startedOn'];
  readonly plan: Pick<Plan, 'stages' | 'timing'>;
  readonly arms: readonly Pick<Arm, 'code'>[];
  readonly units: readonly Pick<Unit, 'code' | 'arm' | 'status'>[];
}

/** A step before the sowing, as one arm goes through it. Minutes since 1970. */
export interface ArmStep {
  /** Index of the stage in the plan. */
  readonly stage: number;
  readonly arm: string;
  readonly begins: number;
  readonly ends: number;
}

const SECONDS_A_UNIT = 30;
const STEP_OF_MINUTES = 5;
export const USUAL_CLOCK = '09:00';

/**
 * How long a stage lasts. One without hours takes as long as hands need, five minutes at a time.
 * @param units that go through it
 * @returns hours at least and at most
 */
export function lengthOf(
  { hours, hoursMost }: Pick<Stage, 'hours' | 'hoursMost'>,
  units: number,
): { readonly least: number; readonly most: number } {
  if (hours === null) {
    const minutes = Math.max(1, Math.ceil((units * SECONDS_A_UNIT) / 60 / STEP_OF_MINUTES)) * STEP_OF_MINUTES;
    return { least: minutes / 60, most: minutes / 60 };
  }
  return { least: hours, most: Math.max(hours, hoursMost ?? hours) };
}

/**
 * The moment of sowing on day 0.
 * @returns minute since 1970; null before there is a day
 */
export function sowingOf({ startedOn, plan: { timing } }: Timed): number | null {
  return startedOn === null ? null : minuteOf({ date: startedOn, clock: timing.at || USUAL_CLOCK }, timing.zone);
}

/**
 * Whether a stage comes before the sowing.
 * @returns true where it has no days
 */
export const comesBefore = ({ days }: Pick<Stage, 'days'>): boolean => days.length === 0;
export const goesThrough = ({ arms }: Pick<Stage, 'arms'>, arm: string): boolean => arms.length === 0 || arms.includes(arm);

interface Link {
  readonly stage: number;
  readonly least: number;
  readonly most: number;
  /** Hours that what comes after may wait, once this is done. */
  readonly waits: number;
}

/** The steps of an arm before the sowing, the last first. */
function chainOf({ plan, units }: Timed, arm: string): readonly Link[] {
  const own = plan.stages.flatMap((stage, i) => (comesBefore(stage) && goesThrough(stage, arm) ? [{ stage, i }] : []));
  return own
    .map(({ stage, i }, k): Link => {
      const count = units.filter((unit) => unit.status === 'active' && goesThrough(stage, unit.arm)).length;
      return { stage: i, ...lengthOf(stage, count), waits: own[k + 1]?.stage.mayWait ?? 0 };
    })
    .reverse();
}

/** What must hold for a schedule beyond lengths and order. */
export interface Bounds {
  /** Nothing begins before this minute. */
  readonly notBefore: number;
  readonly present: Spans;
}

/** How the arms come together at the sowing. */
export interface JointSchedule {
  /** When all arms can be sown together. */
  readonly sowing: Spans;
  /** The steps that end in a sowing at that minute; null where it cannot be. */
  readonly stepsTo: (sowing: number) => ArmStep[] | null;
}

/** Arms that come to the same step next, looked at from the sowing backwards; a null link where nothing is done to them any more. */
interface Together {
  readonly arms: readonly string[];
  readonly link: Link | null;
}

/**
 * Every way back from the sowing. Arms that share their last steps go through them together, so that what may last shorter or longer
 * lasts as long for all of them.
 * @param timed a plan with its stages and times
 * @param bounds when somebody is there, and before when nothing can begin
 */
export function jointSchedule(timed: Timed, { present, notBefore }: Bounds): JointSchedule {
  const { stages, timing } = timed.plan;
  const { zone } = timing;
  const chains = new Map(timed.arms.map(({ code: arm }) => [arm, chainOf(timed, arm)]));
  const all = [...chains.keys()];
  const free = both(present, [[notBefore, Infinity]]);
  const known = new Map<string, { readonly begin: Spans; readonly end: Spans }>();

  function together(arms: readonly string[], depth: number): Together[] {
    const groups = new Map<number | null, string[]>();
    for (const arm of arms) {
      const stage = chains.get(arm)?.[depth]?.stage ?? null;
      groups.set(stage, [...(groups.get(stage) ?? []), arm]);
    }
    return [...groups.values()].map((own) => ({ arms: own, link: chains.get(itemAt(own, 0))?.[depth] ?? null }));
  }

  /** When whatever comes after the steps from this depth on may begin for all of these arms. */
  function ready(arms: readonly string[], depth: number): Spans {
    return together(arms, depth).reduce<Spans>(
      (spans, { link, arms: own }) => (link === null ? spans : both(spans, after(times(own, depth, link).end, 0, link.waits, zone))),
      free,
    );
  }

  function times(arms: readonly string[], depth: number, { stage, least, most }: Link) {
    const key = `${depth} ${arms.join(' ')}`;
    const before = known.get(key);
    if (before) return before;
    const begin = pinned(arms, stage, ready(arms, depth + 1));
    const found = { begin, end: both(after(begin, least, most, zone), present) };
    known.set(key, found);
    return found;
  }

  function pinned(arms: readonly string[], stage: number, spans: Spans): Spans {
    const own = timing.pins.filter((pin) => pin.stage === itemAt(stages, stage).name && arms.includes(pin.arm));
    return own.reduce((left, { on, at }) => {
      const minute = minuteOf({ date: on, clock: at }, zone);
      return both(left, [[minute, minute]]);
    }, spans);
  }

  function back(arms: readonly string[], depth: number, next: number): ArmStep[] {
    return together(arms, depth).flatMap(({ link, arms: own }) => {
      if (link === null) return [];
      const { begin, end } = times(own, depth, link);
      const ends = latest(end, next) ?? next;
      // As short as it may be; longer only where nobody would be there.
      const begins = latest(begin, later(ends, -link.least, zone)) ?? later(ends, -link.most, zone);
      return [...own.map((arm) => ({ stage: link.stage, arm, begins, ends })), ...back(own, depth + 1, begins)];
    });
  }

  const sowing = ready(all, 0);
  return { sowing, stepsTo: (minute) => (within(sowing, minute) ? back(all, 0, minute) : null) };
}

/** The same without what was moved by hand. */
export const unbound = (timed: Timed): Timed => ({ ...timed, plan: { ...timed.plan, timing: { ...timed.plan.timing, pins: [] } } });

const HORIZON_DAYS = 400;

/** Room on both sides of a day in which a schedule is looked for. */
export function boundsAround(timed: Timed, around: string, notBefore: number): Bounds {
  const { timing } = timed.plan;
  const longest = Math.ceil(
    timed.plan.stages.filter(comesBefore).reduce((sum, stage) => sum + lengthOf(stage, timed.units.length).most + (stage.mayWait ?? 0), 0) /
      24,
  );
  const days = Math.min(HORIZON_DAYS, longest + 30);
  const at = (shift: number) => minuteOf({ date: addDays(around, shift), clock: '' }, timing.zone);
  return { notBefore, present: presentBetween(timing, at(-days), at(60)) };
}

/** The first and last minutes of the day of a zone. */
export const minutesOfDay = (date: string, zone: string): readonly [number, number] => [
  minuteOf({ date, clock: '' }, zone),
  minuteOf({ date: addDays(date, 1), clock: '' }, zone) - 1,
];

/** The first time of a day at which something can be; at the clock that is wished where that is one. */
export function onDay(spans: Spans, date: string, { at, zone }: Pick<Timing, 'at' | 'zone'>): number | null {
  const [first, last] = minutesOfDay(date, zone);
  const wished = minuteOf({ date, clock: at || USUAL_CLOCK }, zone);
  if (within(spans, wished)) return wished;
  const found = earliest(spans, first);
  return found !== null && found <= last ? Math.ceil(found) : null;
}
