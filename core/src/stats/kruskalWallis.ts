import { chiSquareUpper } from './chiSquareUpper';
import { ranks } from './ranks';

export interface KruskalWallis {
  readonly h: number;
  readonly df: number;
  readonly p: number;
}

/**
 * Kruskal–Wallis test of several arms on ranks, corrected for ties. Source: Kruskal & Wallis (1952) JASA 47:583–621.
 * @param groups one list of unit values an arm
 * @returns H, its degrees of freedom and p; null with fewer than two non-empty arms or where all values are equal
 */
export function kruskalWallis(groups: readonly (readonly number[])[]): KruskalWallis | null {
  const filled = groups.filter((group) => group.length > 0);
  const all = filled.flat();
  const n = all.length;
  const { ranks: ranked, tieTerm } = ranks(all);
  const correction = 1 - tieTerm / (n ** 3 - n);
  if (filled.length < 2 || !(correction > 0)) return null;
  let start = 0;
  let sum = 0;
  for (const group of filled) {
    const total = ranked.slice(start, start + group.length).reduce((a, b) => a + b, 0);
    sum += (total - (group.length * (n + 1)) / 2) ** 2 / group.length;
    start += group.length;
  }
  const h = (12 * sum) / (n * (n + 1)) / correction;
  return { h, df: filled.length - 1, p: chiSquareUpper(h, filled.length - 1) };
}
