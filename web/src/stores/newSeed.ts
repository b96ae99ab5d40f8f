/** A new seed for a shuffle: short enough to be printed and typed again. */
export function newSeed(): number {
  return crypto.getRandomValues(new Uint16Array(1))[0];
}
