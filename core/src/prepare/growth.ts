/** Relative growth rate a day, (ln W₂ − ln W₁)/(t₂ − t₁); null without growth time or mass. Source: Hunt R (1982) Plant Growth Curves. */
export function relativeGrowth(mass1: number, mass2: number, days: number): number | null {
  return mass1 > 0 && mass2 > 0 && days > 0 ? (Math.log(mass2) - Math.log(mass1)) / days : null;
}

/** Volume of a head as an ellipsoid, π/6 × height × width², in the cube of the unit. Common practice. */
export function headVolume(height: number, width: number): number {
  return (Math.PI / 6) * height * width * width;
}

export interface MassLost {
  /** Share lost, 1 − m/m₀. */
  readonly share: number;
  /** Decay rate a day, −ln(m/m₀)/t; null where nothing is left. */
  readonly decay: number | null;
}

/** Mass lost from litter, cotton or tea; null without a first mass or time. Source: Olson JS (1963) Ecology 44:322–331. */
export function massLost(first: number, now: number, days: number): MassLost | null {
  if (!(first > 0) || !(days > 0) || now < 0) return null;
  return { share: 1 - now / first, decay: now > 0 ? -Math.log(now / first) / days : null };
}
