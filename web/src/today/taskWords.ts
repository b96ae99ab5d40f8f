import { kindOf, plural } from '@fern/core';
import type { DueWalk } from '../stores/experiments';

/** "Count sprouts and 1 more in 12 dishes". */
export function taskWords({ walk, unitWord }: DueWalk): string {
  const [first, ...rest] = walk.measures;
  const more = rest.length > 0 ? ` and ${rest.length} more` : '';
  return `${kindOf(first).verb} ${first.name.toLowerCase()}${more} in ${walk.left} ${walk.left === 1 ? unitWord : plural(unitWord)}`;
}

/** Two letters for the stake: those of the title's longer words. */
export function initials(title: string): string {
  return title
    .split(/\s+/)
    .filter((word) => word.length > 3)
    .map((word) => word.charAt(0).toUpperCase())
    .slice(0, 2)
    .join('');
}
