/** Water that seed takes up, g or mL: seed mass × share (maize about 0.30; common practice). */
export function imbibitionWater(seedMass: number, share: number): number {
  return seedMass * share;
}

/** Water to wet a medium, mL: its mass or volume × ratio (vermiculite about 0.5 mL per g; common practice). */
export function wettingWater(medium: number, ratio: number): number {
  return medium * ratio;
}

export interface Part {
  readonly parts: number;
  /** g per mL, for parts by volume; null where the mix is by mass. */
  readonly bulkDensity: number | null;
}

/**
 * Mass of each part of a mix, g. By mass: total × part / Σ parts. By volume the parts are volumes, and each weighs its bulk density.
 * Null without parts, or where a bulk density is missing beside others. Common practice.
 */
export function partsByMass(total: number, parts: readonly Part[]): number[] | null {
  const byVolume = parts.some(({ bulkDensity }) => bulkDensity !== null);
  if (byVolume && parts.some(({ bulkDensity }) => bulkDensity === null)) return null;
  const weights = parts.map(({ parts: share, bulkDensity }) => share * (bulkDensity ?? 1));
  const sum = weights.reduce((a, b) => a + b, 0);
  return sum > 0 ? weights.map((weight) => (total * weight) / sum) : null;
}

/** Amendment for a share *of the mix* by mass, g: 10% of 600 g is 60 g amendment and 540 g base. Null outside 0 to 1. */
export function doseByMass(total: number, share: number): { readonly amendment: number; readonly base: number } | null {
  return share < 0 || share > 1 ? null : { amendment: share * total, base: (1 - share) * total };
}
