import { readsBlind, type Experiment, type Unit } from '@fern/core';

export type Reach = 'all' | 'arms' | 'units';

/** Whom something is about, with what was picked before of the ways that are not chosen now. */
export interface Target {
  readonly reach: Reach;
  readonly arms: readonly string[];
  readonly units: readonly string[];
}

/** Whom an entry names; at first all, with the unit at hand ready to be picked. */
export function targetOf(
  entry: { readonly arms: readonly string[]; readonly units: readonly string[] } | null,
  unit?: Unit | null,
): Target {
  if (entry === null) return { reach: 'all', arms: [], units: unit ? [unit.code] : [] };
  return { reach: entry.units.length > 0 ? 'units' : entry.arms.length > 0 ? 'arms' : 'all', arms: entry.arms, units: entry.units };
}

/** The codes that an entry names: none where it is about all. */
export function namedBy({ reach, arms, units }: Target): { readonly arms: readonly string[]; readonly units: readonly string[] } {
  return { arms: reach === 'arms' ? arms : [], units: reach === 'units' ? units : [] };
}

/** @param verb as in "it touched" */
export function reachWords(experiment: Experiment, verb: string): { readonly value: Reach; readonly label: string }[] {
  return [
    { value: 'all', label: `${verb} all alike` },
    ...(readsBlind(experiment) ? [] : [{ value: 'arms' as const, label: `${verb} some groups` }]),
    { value: 'units', label: `${verb} some, picked one by one` },
  ];
}

export function strangersIn({ units }: Experiment, whom: Target): string[] {
  const known = new Set(units.map(({ code: unit }) => unit));
  return whom.units.filter((code) => !known.has(code));
}

/** What is wrong with a choice of whom; null where nothing is. */
export function targetError(experiment: Experiment, whom: Target): string | null {
  const strangers = strangersIn(experiment, whom);
  if (whom.reach === 'units' && strangers.length > 0) return `There is no ${experiment.plan.unitNoun} ${strangers.join(', ')}.`;
  if (whom.reach === 'units' && whom.units.length === 0) return 'Pick which of them.';
  return whom.reach === 'arms' && whom.arms.length === 0 ? 'Tick the groups.' : null;
}
