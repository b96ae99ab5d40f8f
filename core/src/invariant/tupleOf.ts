type Tuple<T, N extends number, Items extends readonly T[] = []> = Items['length'] extends N ? Items : Tuple<T, N, readonly [...Items, T]>;

/**
 * The first items of a list that has to hold them, to take apart by position.
 * @param count how many, 1 or more
 * @returns the first `count` items, as a tuple of that length
 * @throws RangeError, naming both numbers, when there are fewer
 * @example tupleOf('2031-04-05'.split('-'), 2) // ['2031', '04']
 */
export function tupleOf<T, N extends number>(items: readonly T[], count: N): Tuple<T, N>;
export function tupleOf<T>(items: readonly T[], count: number): readonly T[] {
  if (items.length < count) throw new RangeError(`A list of ${items.length} holds no ${count} items.`);
  return items.slice(0, count);
}
