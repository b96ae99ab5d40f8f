/** Saturation vapour pressure, kPa, at °C. Source: Allen RG et al. (1998) FAO Irrigation and Drainage Paper 56, eq. 11. */
export function saturationPressure(temperature: number): number {
  return 0.6108 * Math.exp((17.27 * temperature) / (temperature + 237.3));
}

/** Vapour pressure deficit of the air, kPa, at °C and per cent relative humidity. Source: FAO 56, eq. 12 and 19. */
export function vapourDeficit(temperature: number, humidity: number): number {
  return saturationPressure(temperature) * (1 - humidity / 100);
}

/** Growing degrees of one day, °C d: (max + min)/2 − base, not below 0. Source: McMaster GS & Wilhelm WW (1997) Agric For Meteorol 87:291–300, method 1. */
export function growingDegrees(maximum: number, minimum: number, base: number): number {
  return Math.max(0, (maximum + minimum) / 2 - base);
}
