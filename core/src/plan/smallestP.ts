import type { Experiment, Unit } from '../model';
import { logChoose } from '../stats/fisherExact';

/**
 * The smallest p that the randomisation test of a treatment against the control could give with this layout, two-sided:
 * 2 of 6 with 2 against 2, 2 of 20 with 3 against 3.
 * @param treated units of the treatment
 * @param control units of the control
 * @param layout how the arms were dealt
 * @returns above 0; null without units in both arms
 */
export function smallestP(treated: readonly Unit[], control: readonly Unit[], layout: Experiment['layout']): number | null {
  if (treated.length === 0 || control.length === 0) return null;
  const blocks = layout === 'completely-random' ? [null] : [...new Set([...treated, ...control].map((unit) => unit.block))];
  let logArrangements = 0;
  let mirrored = true;
  for (const block of blocks) {
    const inside = (units: readonly Unit[]) =>
      layout === 'completely-random' ? units.length : units.filter((unit) => unit.block === block).length;
    const [t, c] = [inside(treated), inside(control)];
    logArrangements += logChoose(t + c, t);
    // Only where every block is split evenly can the mirror image of an arrangement be reached, which doubles the p.
    if (t !== c) mirrored = false;
  }
  return Math.min(1, (mirrored ? 2 : 1) * Math.exp(-logArrangements));
}
