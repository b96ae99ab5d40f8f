import { median } from '../stats/moments';
import type { UnitValue } from './Contrast';

/** From fewer units a median says too little of what is usual. */
const FEWEST = 5;

/**
 * Units beyond 3 median absolute deviations of their arm (scaled by 1.4826 to match an SD). Never dropped by themselves.
 * Source: Leys C et al. (2013) J Exp Soc Psychol 49:764–766.
 */
export function outliers(values: readonly UnitValue[]): UnitValue[] {
  return [...new Set(values.map((unit) => unit.arm))].flatMap((arm) => {
    const own = values.filter((unit) => unit.arm === arm);
    const middle = median(own.map((unit) => unit.value));
    const deviation = middle === null ? null : median(own.map((unit) => Math.abs(unit.value - middle)));
    if (own.length < FEWEST || middle === null || deviation === null || deviation === 0) return [];
    return own.filter((unit) => Math.abs(unit.value - middle) > 3 * 1.4826 * deviation);
  });
}
