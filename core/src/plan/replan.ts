import { growStarted } from './growStarted';
import { MOST_UNITS, type Arm, type Experiment, type Layout } from '../model';
import { containerOf, sharingOf } from '../study/bench/sharing';
import { layOut, type LayoutWish } from '../study/bench/layOut';

export interface PlanChange {
  readonly arms?: readonly Arm[];
  readonly unitsPerArm?: number;
  readonly sown?: number | null;
  readonly layout?: Layout;
  readonly blocks?: number;
  readonly columns?: number;
  readonly seed?: number;
  /** Calendar date on which units begin that are added after the start. */
  readonly on?: string;
}

/**
 * How an experiment is laid out now, as a wish that would lay it out again.
 * @param experiment a plan
 * @returns what `layOut` takes
 */
export function wishOf({ arms, units, layout, plan }: Experiment): LayoutWish {
  const counts = arms.map((arm) => units.filter((unit) => unit.arm === arm.arm).length);
  const blocks = new Set(units.map((unit) => unit.block).filter((block) => block !== null)).size;
  return {
    arms,
    unitsPerArm: Math.max(1, ...counts),
    letter: plan.unitWord.charAt(0).toUpperCase() || 'U',
    sown: units.find((unit) => unit.sown !== null)?.sown ?? null,
    layout,
    blocks: Math.max(2, blocks),
    columns: Math.max(1, ...plan.bench.map((shelf) => shelf.columns), 12),
    light: plan.bench[0]?.light ?? 'none',
  };
}

/**
 * Lays the units out anew after a change of arms, numbers or layout; what the plan says otherwise stays, and so does what units share. A
 * plan that has started is not dealt again: it grows.
 * @param experiment a plan
 * @param change arms, numbers or layout that are to be another, and the seed that deals them
 * @returns the plan after the change
 * @throws {RangeError} as `layOut` does
 */
export function replan(experiment: Experiment, change: PlanChange): Experiment {
  return experiment.plan.frozenOn === null ? dealAnew(experiment, change) : growStarted(experiment, change);
}

/**
 * Deals the arms over the bench as if nothing had started: for a draft, and to see what a seed or another number would give.
 * @param experiment a plan
 * @param wanted arms, numbers or layout that are to be another, and the seed that deals them
 * @returns the plan as it would be laid out
 * @throws {RangeError} as `layOut` does
 */
export function dealAnew(experiment: Experiment, { arms = experiment.arms, seed, on: _on, ...change }: PlanChange): Experiment {
  const shuffleSeed = seed ?? experiment.plan.shuffleSeed ?? 1;
  const wish = { ...wishOf(experiment), ...change, arms };
  const { units, bench } = layOut(wish, shuffleSeed);
  const names = experiment.plan.bench;
  const renamed = bench.map((shelf, i) => (i < names.length ? { ...shelf, name: names[i].name, light: names[i].light } : shelf));
  const dealt = { ...experiment, arms, layout: wish.layout, units, plan: { ...experiment.plan, bench: renamed, shuffleSeed } };
  return withWhatUnitsHad(experiment, dealt);
}

/** What units shared, they share again: in the same way, or where it came in another way each code with what it had. The same for seed lots and starts. */
function withWhatUnitsHad(before: Experiment, dealt: Experiment): Experiment {
  const sharing = sharingOf(before);
  const had = new Map(before.units.map((unit) => [unit.unit, unit]));
  const lots = [...new Set(before.units.map(({ lot }) => lot))];
  const starts = [...new Set(before.units.map(({ startedOn }) => startedOn))];
  const units = dealt.units.map((unit) => ({
    ...unit,
    container: sharing === null ? (had.get(unit.unit)?.container ?? null) : containerOf(unit, sharing),
    lot: lots.length === 1 ? lots[0] : (had.get(unit.unit)?.lot ?? null),
    startedOn: starts.length === 1 ? starts[0] : (had.get(unit.unit)?.startedOn ?? null),
  }));
  return { ...dealt, units };
}

/**
 * The most units an arm that so many arms can have.
 * @param arms their number
 * @returns a whole number
 */
export function mostUnitsPerArm(arms: number): number {
  return Math.floor(MOST_UNITS / Math.max(1, arms));
}

/**
 * A code for a new arm that none has yet: A, B, …
 * @param arms of the plan
 * @returns a capital letter, C left out, since that is the control; after Z a letter with a number
 * @example nextArmCode([{ arm: 'A' }, { arm: 'C' }]) // 'B'
 */
export function nextArmCode(arms: readonly Pick<Arm, 'arm'>[]): string {
  const taken = new Set(arms.map((arm) => arm.arm));
  for (let i = 0; ; i++) {
    const code = i < 26 ? String.fromCharCode(65 + i) : `A${i - 25}`;
    if (!taken.has(code) && code !== 'C') return code;
  }
}
