/**
 * An item that has to be there. Use it where the code above has made sure of it; where an item may be missing, handle that instead.
 * @param items any list, typed arrays included
 * @param index from 0; from −1 backwards when negative, as `Array.at` counts
 * @throws RangeError, naming index and length, when there is no such item
 * @example itemAt(['a', 'b'], -1) // 'b'
 */
export function itemAt<T>(items: ArrayLike<T>, index: number): T {
  const item = items[index < 0 ? items.length + index : index];
  if (item === undefined) throw new RangeError(`There is no item ${index} in a list of ${items.length}.`);
  return item;
}
