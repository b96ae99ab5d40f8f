import { centre, sd } from '../stats/moments';

/** Daily light integral, mol m⁻² d⁻¹, from PPFD in µmol m⁻² s⁻¹ over so many hours: × 0.0036. */
export function dailyLight(ppfd: number, hours: number): number {
  return ppfd * hours * 0.0036;
}

export interface LightSurvey {
  readonly mean: number;
  /** Lowest over mean: 1 is even. */
  readonly evenness: number;
  /** Coefficient of variation; null with one reading. */
  readonly variation: number | null;
}

/** A light survey on a grid at canopy height (not tray height); null without readings or in the dark. */
export function lightSurvey(readings: readonly number[]): LightSurvey | null {
  if (readings.length === 0) return null;
  const mean = centre(readings);
  if (mean <= 0) return null;
  const spread = sd(readings);
  return { mean, evenness: Math.min(...readings) / mean, variation: spread === null ? null : spread / mean };
}

/** Cost of running a lamp: power (W) × hours a day × days × price a kWh. */
export function lampCost(watts: number, hours: number, days: number, pricePerKwh: number): number {
  return (watts / 1000) * hours * days * pricePerKwh;
}
