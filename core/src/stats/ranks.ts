import { itemAt } from '../invariant';

export interface Ranks {
  /** Rank of each value from 1, ties sharing their mean rank. */
  readonly ranks: readonly number[];
  /** Σ(t³ − t) over groups of t tied values; 0 without ties. */
  readonly tieTerm: number;
}

/**
 * Mid-ranks of a list of values.
 * @param values in any order
 * @returns a rank a value, from 1, and the sizes of ties
 */
export function ranks(values: readonly number[]): Ranks {
  const order = values.map((_, i) => i).sort((a, b) => itemAt(values, a) - itemAt(values, b));
  const result = new Array<number>(values.length);
  let tieTerm = 0;
  for (let start = 0; start < order.length;) {
    let end = start;
    while (end < order.length && values[itemAt(order, end)] === values[itemAt(order, start)]) end++;
    const size = end - start;
    for (let i = start; i < end; i++) result[itemAt(order, i)] = (start + 1 + end) / 2;
    tieTerm += size ** 3 - size;
    start = end;
  }
  return { ranks: result, tieTerm };
}
