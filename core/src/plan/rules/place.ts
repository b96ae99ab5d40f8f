import { itemAt } from '../../invariant';
import type { Experiment, Finding } from '../../model';
import { shelfRows } from '../../study/bench/shelves';
import { unitsByArm } from '../../study/unitsByArm';

/** All of an arm stands on one side, shelf or in one bed, or is handled differently on purpose: then place and treatment cannot be told apart. */
export function placeRule(experiment: Experiment): Finding[] {
  const apart = whereApart(experiment);
  const findings: Finding[] = [...experiment.plan.differences, ...unlikeThoughKept(experiment)]
    .filter((difference) => difference.trim() !== '')
    .map((difference) => ({
      rule: 'place',
      severity: 'serious',
      message: `The arms also differ in something else: ${difference.trim().replace(/\.$/, '')}. A result could come from that as well.`,
      remedy: 'Make it alike if you can. If not, the report says it beside the verdict.',
    }));
  if (apart !== null)
    findings.unshift({
      rule: 'place',
      severity: 'serious',
      message: `Each arm stands ${apart}. What is better or worse about a place will look like the treatment.`,
      remedy: experiment.plan.fixedPlaces
        ? 'Repeat it with the sides changed over, or measure light and warmth on both, and say so.'
        : 'Shuffle the places, so that every arm has some of each.',
    });
  return findings;
}

/** "More for the dry side" is not kept the same. */
function unlikeThoughKept({ plan }: Experiment): string[] {
  return plan.kept
    .filter(({ how }) => /\b(more|less|extra|longer|shorter|twice|double)\b[^.;]*\b(for|in|on|to) the\b/i.test(how))
    .map(({ what, how }) => `${what}, ${how}`);
}

/** Each block holds one arm alone. */
function blocksApart({ layout, units }: Experiment): boolean {
  if (layout === 'completely-random') return false;
  const arms = new Map<string, Set<string>>();
  for (const { block, arm } of units) if (block !== null) arms.set(block, (arms.get(block) ?? new Set()).add(arm));
  return arms.size > 1 && [...arms.values()].every(({ size }) => size === 1) && new Set(units.map(({ arm }) => arm)).size > 1;
}

/** How the arms stand apart, each by itself; null where they are mixed. Whether luck alone could do it is asked where arms stand in clumps. */
export function whereApart(experiment: Experiment): string | null {
  if (blocksApart(experiment)) return 'in a block of its own';
  const arms = unitsByArm(experiment).map(({ units }) => units.filter(({ row, column }) => row !== null && column !== null));
  if (arms.length < 2 || arms.some((units) => units.length < 2)) return null;
  const shelves = shelfRows(experiment.plan.bench);
  const shelfOf = (row: number | null) => shelves.findIndex(({ first, last }) => row !== null && row >= first && row <= last);
  const onShelves = arms.map((units) => new Set(units.map(({ row }) => shelfOf(row))));
  const shelvesApart =
    shelves.length > 1 &&
    onShelves.every((own, i) => onShelves.every((other, k) => k <= i || [...own].every((shelf) => !other.has(shelf))));
  if (shelvesApart) return 'on its own shelf, or in its own bed';
  const ranges = arms
    .map((units) => units.map(({ column }) => column ?? 0))
    .map((columns) => [Math.min(...columns), Math.max(...columns)] as const);
  const inOrder = [...ranges].sort(([a], [b]) => a - b);
  return inOrder.slice(1).every(([first], i) => first > itemAt(inOrder, i)[1]) ? 'on its own side' : null;
}
