const BINS = 36;

/**
 * Where dots of like value stand beside one another, so that none hides another and many show how densely they lie.
 * @param values of one arm
 * @param room half of the width that they may take
 * @returns how far each stands off the middle, in the order of the values
 */
export function spreadOut(values: readonly number[], room: number): number[] {
  const low = Math.min(...values);
  const reach = Math.max(...values) - low;
  const binOf = (value: number) => (reach === 0 ? 0 : Math.min(BINS - 1, Math.floor(((value - low) / reach) * BINS)));
  const bins = new Map<number, number[]>();
  values.forEach((value, i) => bins.set(binOf(value), [...(bins.get(binOf(value)) ?? []), i]));
  const fullest = Math.max(1, ...[...bins.values()].map((own) => own.length));
  const step = Math.min(room / 2, (2 * room) / fullest);
  const offsets = values.map(() => 0);
  for (const own of bins.values()) own.forEach((at, k) => (offsets[at] = (k - (own.length - 1) / 2) * step));
  return offsets;
}
