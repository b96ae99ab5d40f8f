import { itemAt } from '../invariant';
import { withoutArms } from './withoutArms';
import { addUnitsAfterStart } from './addUnitsAfterStart';
import { oneSideEach } from './oneSideEach';
import { MOST_UNITS, type Arm, type Experiment, type Layout, type Unit } from '../model';
import { containersOf, sharingOf } from '../study/bench/sharing';
import { layOut, type LayoutWish } from '../study/bench/layOut';

export interface DesignChange {
  readonly arms?: readonly Arm[];
  /** Of every arm. */
  readonly unitsPerArm?: number;
  /** Of those arms that are to have another number than now, by their code. */
  readonly unitsOf?: Readonly<Record<string, number>>;
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
 * @returns what `layOut` takes
 */
export function wishOf({ arms, units, layout, plan }: Experiment): LayoutWish {
  const counts = arms
    .map(({ code: arm }) => [arm, units.filter((unit) => unit.arm === arm).length] as const)
    .filter(([, count]) => count > 0);
  const blocks = new Set(units.map((unit) => unit.block).filter((block) => block !== null)).size;
  return {
    arms,
    unitsPerArm: Math.max(1, ...counts.map(([, count]) => count)),
    unitsOf: Object.fromEntries(counts),
    letter: plan.unitNoun.charAt(0).toUpperCase() || 'U',
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
 * @param change arms, numbers or layout that are to be another, and the seed that deals them
 * @throws {RangeError} as `layOut` does
 */
export function redesign(experiment: Experiment, change: DesignChange): Experiment {
  return experiment.plan.lockedOn === null ? dealAnew(experiment, change) : addUnitsAfterStart(experiment, change);
}

/**
 * Deals the arms over the bench as if nothing had started: for a draft, and to see what a seed or another number would give.
 * @param wanted arms, numbers or layout that are to be another, and the seed that deals them
 * @returns the plan as it would be laid out
 * @throws {RangeError} as `layOut` does
 */
export function dealAnew(experiment: Experiment, { arms = experiment.arms, seed, on: _on, unitsOf, ...change }: DesignChange): Experiment {
  const randomisationSeed = seed ?? experiment.plan.randomisationSeed ?? 1;
  const now = wishOf(experiment);
  const wish = { ...now, ...change, arms, unitsOf: change.unitsPerArm === undefined ? { ...now.unitsOf, ...unitsOf } : unitsOf };
  const { units, bench } = layOut(wish, randomisationSeed);
  const names = experiment.plan.bench;
  const renamed = bench.map((shelf, i) =>
    i < names.length
      ? {
          ...shelf,
          name: itemAt(names, i).name === 'Bench' ? shelf.name : itemAt(names, i).name,
          kind: itemAt(names, i).kind,
          light: itemAt(names, i).light,
        }
      : shelf,
  );
  const fixedPlaces = experiment.plan.fixedPlaces && seed === undefined;
  const known = withoutArms(experiment, arms);
  const dealt = {
    ...known,
    arms,
    layout: wish.layout,
    units,
    plan: { ...known.plan, bench: renamed, randomisationSeed, fixedPlaces },
  };
  const whole = withWhatUnitsHad(experiment, dealt);
  return fixedPlaces ? oneSideEach(whole) : whole;
}

/** What units shared, they share again: in the same way, or where it came in another way each code with what it had. The same for the names of blocks, numbers sown, seed lots and starts. */
function withWhatUnitsHad(before: Experiment, dealt: Experiment): Experiment {
  const had = new Map(before.units.map((unit) => [unit.code, unit]));
  const kept = <Key extends 'lot' | 'startedOn' | 'container'>(key: Key, unit: Unit): Unit[Key] => {
    const all = new Set(before.units.map((own) => own[key]));
    return all.size === 1 ? itemAt([...all], 0) : (had.get(unit.code)?.[key] ?? null);
  };
  const sownAlike = new Set(before.units.map(({ sown }) => sown)).size === 1;
  const named = blockNames(before, dealt);
  const units = dealt.units.map((unit) => ({
    ...unit,
    block: unit.block === null ? null : (named.get(unit.block) ?? unit.block),
    sown: sownAlike ? unit.sown : (had.get(unit.code)?.sown ?? unit.sown),
    container: kept('container', unit),
    lot: kept('lot', unit),
    startedOn: kept('startedOn', unit),
  }));
  const sharing = sharingOf(before);
  if (sharing === null) return { ...dealt, units };
  const containers = containersOf(units, sharing);
  return { ...dealt, units: units.map((unit, i) => ({ ...unit, container: itemAt(containers, i) })) };
}

/** The blocks of a plan that is dealt anew keep the names that they had, in their order. */
function blockNames(before: Experiment, dealt: Experiment): ReadonlyMap<string, string> {
  if (before.layout !== dealt.layout) return new Map();
  const inOrder = ({ units }: Experiment) => [...new Set(units.flatMap(({ block }) => block ?? []))];
  const old = inOrder(before);
  return new Map(inOrder(dealt).flatMap((block, i) => (i < old.length ? [[block, itemAt(old, i)]] : [])));
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
 * @returns a capital letter, C left out, since that is the control; after Z a letter with a number
 * @example nextArmCode([{ code: 'A' }, { code: 'C' }]) // 'B'
 */
export function nextArmCode(arms: readonly Pick<Arm, 'code'>[]): string {
  const taken = new Set(arms.map((arm) => arm.code));
  for (let i = 0; ; i++) {
    const code = i < 26 ? String.fromCharCode(65 + i) : `A${i - 25}`;
    if (!taken.has(code) && code !== 'C') return code;
  }
}
