import { itemAt } from '../../invariant';
import type { Experiment } from '../../model';
import { withoutStop } from '../../quantities/withoutStop';
import { shelfRows } from '../../study/bench/shelves';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** All of an arm stands on one side, shelf or in one bed, or is handled differently on purpose: then place and treatment cannot be told apart. */
export function placeRule(experiment: Experiment): Finding<'place'>[] {
  const finding = (facts: Finding<'place'>['facts']): Finding<'place'> => ({ rule: 'place', severity: 'serious', facts });
  const how = whereApart(experiment);
  const others = experiment.plan.differences.filter((difference) => difference.trim() !== '');
  return [
    ...(how === null ? [] : [finding({ is: 'apart', how, fixed: experiment.plan.fixedPlaces })]),
    ...others.map((difference) => finding({ is: 'also-differs', difference: withoutStop(difference) })),
  ];
}

/** Each block holds one arm alone. */
function blocksApart({ layout, units }: Experiment): boolean {
  if (layout === 'completely-random') return false;
  const arms = new Map<string, Set<string>>();
  for (const { block, arm } of units) if (block !== null) arms.set(block, (arms.get(block) ?? new Set()).add(arm));
  return arms.size > 1 && [...arms.values()].every(({ size }) => size === 1) && new Set(units.map(({ arm }) => arm)).size > 1;
}

/** How the arms stand apart, each by itself; null where they are mixed. Whether luck alone could do it is asked where arms stand in clumps. */
export function whereApart(experiment: Experiment): 'block' | 'shelf' | 'side' | null {
  if (blocksApart(experiment)) return 'block';
  const arms = unitsByArm(experiment).map(({ units }) => units.filter(({ row, column }) => row !== null && column !== null));
  if (arms.length < 2 || arms.some((units) => units.length < 2)) return null;
  const shelves = shelfRows(experiment.plan.bench);
  const shelfOf = (row: number | null) => shelves.findIndex(({ first, last }) => row !== null && row >= first && row <= last);
  const onShelves = arms.map((units) => new Set(units.map(({ row }) => shelfOf(row))));
  const shelvesApart =
    shelves.length > 1 &&
    onShelves.every((own, i) => onShelves.every((other, k) => k <= i || [...own].every((shelf) => !other.has(shelf))));
  if (shelvesApart) return 'shelf';
  const ranges = arms
    .map((units) => units.map(({ column }) => column ?? 0))
    .map((columns) => [Math.min(...columns), Math.max(...columns)] as const);
  const inOrder = [...ranges].sort(([a], [b]) => a - b);
  return inOrder.slice(1).every(([first], i) => first > itemAt(inOrder, i)[1]) ? 'side' : null;
}
