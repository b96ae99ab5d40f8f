import { itemAt } from '@fern/core';

/** A new seed for a shuffle: short enough to be printed and typed again. */
export function newSeed(): number {
  return itemAt(crypto.getRandomValues(new Uint16Array(1)), 0);
}
