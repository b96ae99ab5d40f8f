/**
 * Throws for an item that is not there. In a loop that runs millions of times `values[i] ?? missing(values, i)` is twice as fast as `itemAt`.
 * @throws RangeError, naming index and length
 */
export function missing(items: ArrayLike<unknown>, index: number): never {
  throw new RangeError(`There is no item ${index} in a list of ${items.length}.`);
}

/**
 * An item that has to be there. Use it where the code above has made sure of it; where an item may be missing, handle that instead.
 * @param items any list, typed arrays included
 * @param index from 0
 * @throws RangeError, naming index and length, when there is no such item
 * @example itemAt(['a', 'b'], 1) // 'b'
 */
export function itemAt<T>(items: ArrayLike<T>, index: number): T {
  const item = items[index];
  return item === undefined ? missing(items, index) : item;
}

/**
 * The last item of a list that is not empty.
 * @throws RangeError when it is
 */
export const lastOf = <T>(items: ArrayLike<T>): T => itemAt(items, items.length - 1);

/**
 * Adds to one number of a list, in place.
 * @throws RangeError when there is none at that index
 */
export function addAt(numbers: number[] | Float64Array, index: number, amount: number): void {
  numbers[index] = itemAt(numbers, index) + amount;
}

/**
 * The number in a row and column of a matrix that has both.
 * @throws RangeError when it has not
 */
export const cellAt = (matrix: readonly ArrayLike<number>[], row: number, column: number): number => itemAt(itemAt(matrix, row), column);
