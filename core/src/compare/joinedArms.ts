import type { UnitValue } from './Contrast';

/**
 * Groups of arms that can be compared beside what the blocks did: two arms that stand in one block are joined, and so is all that a chain of
 * such blocks joins. Arms in different groups differ in their blocks as well, and nothing tells the two apart.
 * @param values that are compared, with their blocks
 * @returns for two arms whether they are in one group
 */
export function joinedArms(values: readonly UnitValue[]): (a: string, b: string) => boolean {
  const group = new Map<string, string>();
  const root = (name: string): string => {
    const next = group.get(name) ?? name;
    return next === name ? name : root(next);
  };
  for (const { arm, block } of values) group.set(root(`arm ${arm}`), root(`block ${block ?? ''}`));
  return (a, b) => root(`arm ${a}`) === root(`arm ${b}`);
}
