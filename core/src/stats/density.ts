import { sd } from './moments';

const POINTS = 48;

/**
 * How densely values lie: a Gaussian kernel, its width by the normal reference rule, mirrored at ends that are known so that nothing lies
 * beyond them.
 * Source: Silverman BW (1986) Density Estimation, eq. 3.28 and §2.10.
 * @param values one a unit
 * @param ends beyond which no value can lie; null where there are none
 * @returns x in the values' unit and density, along the range of the values; null where all are alike
 */
export function density(values: readonly number[], ends: readonly [number, number] | null): { x: number; y: number }[] | null {
  const spread = sd(values);
  if (spread === null || spread === 0) return null;
  const width = (1.06 * spread) / values.length ** 0.2;
  const low = Math.max(ends?.[0] ?? -Infinity, Math.min(...values) - 2 * width);
  const high = Math.min(ends?.[1] ?? Infinity, Math.max(...values) + 2 * width);
  const mirrored = ends
    ? [...values, ...values.map((value) => 2 * ends[0] - value), ...values.map((value) => 2 * ends[1] - value)]
    : values;
  return Array.from({ length: POINTS }, (_, i) => {
    const x = low + ((high - low) * i) / (POINTS - 1);
    const sum = mirrored.reduce((total, value) => total + Math.exp(-(((x - value) / width) ** 2) / 2), 0);
    return { x, y: sum / (values.length * width * Math.sqrt(2 * Math.PI)) };
  });
}
