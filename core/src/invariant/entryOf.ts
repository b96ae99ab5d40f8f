/**
 * The entry of a record under a key that has to be there.
 * @param record by string keys
 * @param key one of them
 * @throws RangeError, naming the key and the keys there are, when it is not
 * @example entryOf({ g: 1, kg: 1000 }, 'kg') // 1000
 */
export function entryOf<T>(record: Readonly<Record<string, T>>, key: string): T {
  const entry = Object.hasOwn(record, key) ? record[key] : undefined;
  if (entry === undefined) throw new RangeError(`There is no “${key}” among ${Object.keys(record).join(', ')}.`);
  return entry;
}
