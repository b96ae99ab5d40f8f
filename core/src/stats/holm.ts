import { itemAt } from '../invariant';

/**
 * Holm's step-down adjustment: each p in the order given, raised so that all together keep the 5% promise.
 * Source: Holm S (1979) Scand J Statist 6:65–70.
 * @param ps in any order
 * @returns in the same order, none below its own p or above 1
 * @example holm([0.01, 0.04, 0.03]) // [0.03, 0.06, 0.06]
 */
export function holm(ps: readonly number[]): number[] {
  const order = ps.map((_, i) => i).sort((a, b) => itemAt(ps, a) - itemAt(ps, b));
  const adjusted = new Array<number>(ps.length);
  let floor = 0;
  order.forEach((index, rank) => {
    floor = Math.max(floor, Math.min(1, (ps.length - rank) * itemAt(ps, index)));
    adjusted[index] = floor;
  });
  return adjusted;
}
