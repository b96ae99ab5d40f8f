import { kindOf } from '../kinds';
import { byCode, readsBlind, type Experiment, type Measure } from '../model';
import { hasCategories } from '../study/categories';
import type { RoundItem } from '../study/roundItems';

/** Cells that stand together, as they can be counted in one go. */
export interface CellGroup {
  /** What holds them, or their arm: "tray C". */
  readonly name: string;
  readonly units: readonly string[];
}

/**
 * The stops of a walk that one tap each answers: of units with one seed, whether it has come up; or whether something has happened.
 * @param items of one walk
 * @param measure one of its measures
 * @returns in their order; empty where it is a number that is read
 */
export function tappedItems(items: readonly RoundItem[], measure: Measure): RoundItem[] {
  if (hasCategories(measure) || measure.by === 'plant') return [];
  const kind = kindOf(measure);
  return items.filter((item) => item.measure.code === measure.code && (kind.timed || (kind.ofSown && item.unit.sown === 1)));
}

/**
 * How cells stand together: by what holds them; where each arm has several or none, by arm and holder; read blind, by holder alone.
 * @param items that one tap each answers
 * @returns each group with its cells, in the order of the stops
 */
export function cellGroups(experiment: Pick<Experiment, 'arms' | 'blinded' | 'plan'>, items: readonly RoundItem[]): CellGroup[] {
  const groups = new Map<string, string[]>();
  for (const { unit } of items) {
    const arm = readsBlind(experiment) ? null : (byCode(experiment.arms, unit.arm)?.name ?? unit.arm);
    const name = [unit.container, arm].filter((part) => part !== null).join(', ') || 'all';
    groups.set(name, [...(groups.get(name) ?? []), unit.code]);
  }
  return [...groups].map(([name, units]) => ({ name, units }));
}

/**
 * What stands beside cells that were counted as one number: which of them it was is not known.
 * @param group that was counted
 * @param total of it
 * @returns the note of each of its readings
 */
export function countedTogether({ name, units }: CellGroup, total: number): string {
  return `${total} of ${units.length} in ${name}, counted together: which ones is not known`;
}
