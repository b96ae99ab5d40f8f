import type { Experiment, Plan, Unit } from '../model';
import { memoize } from './memoize';
import { unitsRead } from './unitsRead';

/** What counts once: each unit, or each container that holds units of one arm alone. */
export type Basis = 'unit' | 'container';

/**
 * What counts once in an experiment: the smallest thing to which an arm was given separately, and no smaller than a container that holds one
 * arm only. Containers that hold several arms are places, as blocks are.
 * @returns containers where one holds several units and every one holds a single arm
 * Source: Hurlbert SH (1984) Ecological Monographs 54:187–211.
 */
export function basisOf({ units }: Pick<Experiment, 'units'>): Basis {
  return isByContainer(units) ? 'container' : 'unit';
}

const isByContainer = memoize((units: readonly Unit[]): boolean => {
  const arms = new Map<string, Set<string>>();
  let several = false;
  for (const { container, arm } of units) {
    if (container === null) continue;
    const own = arms.get(container);
    several ||= own !== undefined;
    arms.set(container, (own ?? new Set()).add(arm));
  }
  return several && [...arms.values()].every((own) => own.size === 1);
});

/**
 * The replicates of an experiment: its units, or one that stands for each container.
 * @returns as many as count
 */
export function replicates(experiment: Pick<Experiment, 'units'>): readonly Unit[] {
  return unitsRead(experiment, { by: basisOf(experiment) });
}

/**
 * What a person calls one replicate: "pot", or "tank" of "tank C.2".
 * @returns a word in the singular
 */
export function replicateWord({ units, plan }: Pick<Experiment, 'units' | 'plan'>): string {
  if (basisOf({ units }) === 'unit') return plan.unitNoun;
  return containerWord(plan);
}

/** The word for what units share, in the singular. */
export const containerWord = ({ containerNoun }: Pick<Plan, 'containerNoun'>): string => containerNoun || 'container';

/**
 * Replicates an arm that a comparison cannot do with fewer than: shuffling 3 against 3 gives the clearest result in 2 of 20 shuffles.
 * @param layout how the arms were dealt
 * @returns 4, or 6 pairs
 */
export function fewestUnits(layout: Experiment['layout']): number {
  return layout === 'pairs' ? 6 : 4;
}
