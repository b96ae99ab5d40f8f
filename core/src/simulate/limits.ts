import type { Conditions } from '../model/Truth';

/** Growth as a share of the best, by temperature: 0 at 4 °C and 40 °C, best at 24 °C (a triangle; common practice). */
export function temperatureLimit(temperature: number): number {
  if (temperature <= 4 || temperature >= 40) return 0;
  return temperature <= 24 ? (temperature - 4) / 20 : (40 - temperature) / 16;
}

/** Growth as a share of the best, by daily light: half at 6 mol m⁻² d⁻¹, saturating (Michaelis–Menten form; common practice). */
export function lightLimit(light: number): number {
  return light <= 0 ? 0 : (light / (light + 6)) * 1.25 > 1 ? 1 : (light / (light + 6)) * 1.25;
}

/** The scarcest condition sets the pace. Source: Liebig's law of the minimum (1840). */
export function growthLimit(conditions: Conditions): number {
  return Math.min(temperatureLimit(conditions.temperature), lightLimit(conditions.light), conditions.water, conditions.nutrients);
}

/** How much taller a plant of the same mass stretches in poor light: 1 in full light, up to 1.8 in the dark. */
export function stretch(light: number): number {
  return 1 + 0.8 * (1 - lightLimit(light));
}
