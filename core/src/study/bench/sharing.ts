import { itemAt } from '../../invariant';
import type { Experiment, Unit } from '../../model';

/** Whether units have their own, or one for all, one or several for each arm, or one for so many places side by side. */
const ways = ['own', 'all', 'arm', 'several', 'places'] as const;

/** What units share, and how: a tank for each arm, two lamps for each arm, a tray for every three places. */
export interface Sharing {
  readonly how: (typeof ways)[number];
  /** What is shared, in the singular: "tank", "lamp", "tray". */
  readonly what: string;
  /** How many an arm has, or how many places one serves. */
  readonly each: number;
}

/**
 * What each unit shares. Of several an arm, each holds neighbours along the bench.
 * @param units on their places
 * @param sharing what is shared, and how
 * @returns the container's name for each unit, in their order; null where it has its own
 */
export function containersOf(units: readonly Unit[], { how, what, each }: Sharing): (string | null)[] {
  const seen = new Map<string, number>();
  const sizes = new Map<string, number>();
  for (const { arm } of units) sizes.set(arm, (sizes.get(arm) ?? 0) + 1);
  return units.map((unit) => {
    const before = seen.get(unit.arm) ?? 0;
    seen.set(unit.arm, before + 1);
    const name = {
      all: () => what,
      arm: () => `${what} ${unit.arm}`,
      several: () => `${what} ${unit.arm}.${1 + Math.floor((before * each) / (sizes.get(unit.arm) ?? 1))}`,
    };
    if (how === 'own') return null;
    if (how === 'places') return `${what} ${unit.row ?? 1}-${Math.ceil((unit.column ?? 1) / each)}`;
    return name[how]();
  });
}

/**
 * How the units share now; null where they came sharing in another way.
 * @returns what they share, and how
 */
export function sharingOf({ units, plan }: Pick<Experiment, 'units' | 'plan'>): Sharing | null {
  const names = new Set(units.map(({ container }) => container));
  const [first] = names;
  if (names.size === 1 && first === null) return { how: 'own', what: 'tray', each: 1 };
  const what = plan.containerNoun;
  const arms = new Map(units.map(({ arm }) => [arm, new Set(units.filter((unit) => unit.arm === arm).map(({ container }) => container))]));
  const sizes = [...names].map((name) => units.filter(({ container }) => container === name).length);
  const found = ways.flatMap((how): Sharing[] => {
    const each = how === 'several' ? Math.max(...[...arms.values()].map(({ size }) => size)) : how === 'places' ? Math.max(...sizes) : 1;
    return how === 'own' ? [] : [{ how, what, each }];
  });
  return found.find((sharing) => containersOf(units, sharing).every((name, i) => name === itemAt(units, i).container)) ?? null;
}
