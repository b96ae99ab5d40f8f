/**
 * Throws for an item that is not there. In a loop that runs millions of times `values[i] ?? noSuchItem(values, i)` is twice as fast as `itemAt`.
 * @param items the list that was looked into
 * @param index from 0
 * @returns never
 * @throws RangeError, naming index and length
 */
export function noSuchItem(items: ArrayLike<unknown>, index: number): never {
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
  return item === undefined ? noSuchItem(items, index) : item;
}

/**
 * The last item of a list that is not empty.
 * @param items any list, typed arrays included
 * @throws RangeError when the list is empty
 * @example lastOf(['a', 'b']) // 'b'
 */
export const lastOf = <T>(items: ArrayLike<T>): T => itemAt(items, items.length - 1);

/**
 * Adds to one number of a list, in place.
 * @param numbers the list that is changed
 * @param index from 0
 * @param amount in the unit of the numbers
 * @throws RangeError when there is no number at that index
 */
export function addAt(numbers: number[] | Float64Array, index: number, amount: number): void {
  numbers[index] = itemAt(numbers, index) + amount;
}

/**
 * The number in a row and column of a matrix that has both.
 * @param matrix by rows
 * @param row from 0
 * @param column from 0
 * @returns in the matrix's unit
 * @throws RangeError when there is no such row or column
 */
export const cellAt = (matrix: readonly ArrayLike<number>[], row: number, column: number): number => itemAt(itemAt(matrix, row), column);
