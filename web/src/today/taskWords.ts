import { upperFirst } from 'lodash-es';
import { kindOf, plural } from '@fern/core';
import type { DueTask } from '../stores/experiments';

/** "Count sprouts and 1 more in 12 dishes", "Potted: 12 pots". */
export function taskWords({ measures, step, left, unitNoun }: DueTask): string {
  const units = `${left} ${left === 1 ? unitNoun : plural(unitNoun)}`;
  if (step !== null) return `${upperFirst(step)}: ${units}`;
  const [first, ...rest] = measures;
  if (!first) return units;
  const more = rest.length > 0 ? ` and ${rest.length} more` : '';
  return `${kindOf(first).verb} ${first.name.toLowerCase()}${more} in ${units}`;
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
