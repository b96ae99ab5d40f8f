import { itemAt } from '../invariant';
import { centre } from '../stats/moments';

/** Blocks of places side by side, so that each is as evenly lit as can be. */
export interface LightBlocks {
  /** Whether the cuts go between places of a row, or between rows. */
  readonly between: 'places' | 'rows';
  /** After which place or row each cut goes, counted from 1. */
  readonly cuts: readonly number[];
  /** Share of the differences in light that is left within the blocks, 0 to 1. */
  readonly left: number;
}

const squares = (values: readonly number[]) => {
  const mean = centre(values);
  return values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
};

/**
 * The boundaries between blocks that leave the least difference in light within them (least squares over contiguous groups; Fisher WD
 * (1958) J Am Stat Assoc 53: 789–798).
 * @param rows readings, row by row; all rows equally long
 * @param blocks how many, 2 or more
 * @returns null where there are fewer places than blocks, or no differences
 */
export function lightBlocks(rows: readonly (readonly number[])[], blocks: number): LightBlocks | null {
  const all = rows.flat();
  const total = all.length === 0 ? 0 : squares(all);
  if (total === 0 || blocks < 2) return null;
  const columns = itemAt(rows, 0).map((_, i) => rows.flatMap((row) => row[i] ?? []));
  const ways = (
    [
      ['places', columns],
      ['rows', rows],
    ] as const
  ).flatMap(([between, lines]) => {
    const found = bestCuts(lines, blocks);
    return found === null ? [] : [{ between, cuts: found.cuts, left: found.cost / total }];
  });
  return ways.reduce<LightBlocks | null>((best, way) => (best === null || way.left < best.left - 1e-12 ? way : best), null);
}

/** By dynamic programming over the last cut. */
function bestCuts(
  lines: readonly (readonly number[])[],
  blocks: number,
): { readonly cuts: readonly number[]; readonly cost: number } | null {
  const n = lines.length;
  if (n < blocks) return null;
  const cost = (from: number, to: number) => squares(lines.slice(from, to).flat());
  let best = Array.from({ length: n + 1 }, (_, to) => (to === 0 ? null : { cost: cost(0, to), cuts: [] as readonly number[] }));
  for (let k = 2; k <= blocks; k++)
    best = best.map((_, to) => {
      let found: { cost: number; cuts: readonly number[] } | null = null;
      for (let at = k - 1; at < to; at++) {
        const before = itemAt(best, at);
        if (before === null) continue;
        const sum = before.cost + cost(at, to);
        if (found === null || sum < found.cost) found = { cost: sum, cuts: [...before.cuts, at] };
      }
      return found;
    });
  return itemAt(best, n);
}
