import type { Experiment, Unit } from '../../model';

/** How units share a reservoir, tray or lamp: none, one an arm, or one for every three places. */
const sharings = ['none', 'arm', 'three'] as const;
export type Sharing = (typeof sharings)[number];

/**
 * The container of a unit that shares in this way.
 * @param unit on its place
 * @param how the units share
 * @returns its name; null where it has its own
 */
export function containerOf(unit: Unit, how: Sharing): string | null {
  if (how === 'arm') return `tank ${unit.arm}`;
  return how === 'three' ? `tray ${unit.row ?? 1}-${Math.ceil((unit.column ?? 1) / 3)}` : null;
}

/**
 * How the units share now; null where they came sharing in another way.
 * @param experiment a plan
 * @returns the way in which they share
 */
export function sharingOf({ units }: Pick<Experiment, 'units'>): Sharing | null {
  return sharings.find((how) => units.every((unit) => unit.container === containerOf(unit, how))) ?? null;
}
