interface Container {
  /** mL of mix that it usually holds; 0 where it holds none. */
  readonly mix: number;
  /** A thing to get, and neither a place nor a plant. */
  readonly isThing: boolean;
}

const thing = (mix: number): Container => ({ mix, isThing: true });
const place: Container = { mix: 0, isThing: false };

/** What words for a unit, in the singular, say of it. Source: common practice. */
const containers: Readonly<Record<string, Container>> = {
  pot: thing(400),
  pouch: thing(400),
  tray: thing(1500),
  cell: thing(60),
  plant: place,
  cutting: place,
  tree: place,
  plot: place,
  spot: place,
  place,
  bed: place,
  unit: place,
};

/**
 * What a unit is as a thing.
 * @param word for it, as it was typed
 * @returns a thing without mix where the word is not known
 */
export const containerOf = (word: string): Container => {
  const key = word.trim().toLowerCase();
  return (Object.hasOwn(containers, key) ? containers[key] : undefined) ?? thing(0);
};
