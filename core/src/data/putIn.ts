import type { Hazard } from '../model';
import { singular } from '../quantities/plural';

/** What words for what is put into a unit, in the singular, bring with them. Source: common practice. */
const hazardsByWord: Readonly<Record<string, readonly Hazard[]>> = {
  seed: ['dressed-seed'],
  grain: ['dressed-seed'],
  cutting: ['blade'],
  slip: ['blade'],
};

/**
 * What can hurt someone at what is put in.
 * @param word for it: "seeds", "cuttings"
 */
export function hazardsOfPutIn(word: string): readonly Hazard[] {
  const one = singular(word.trim().toLowerCase());
  return (Object.hasOwn(hazardsByWord, one) ? hazardsByWord[one] : undefined) ?? [];
}

/**
 * Whether seed is put in.
 * @param word for it
 */
export const isSeed = (word: string): boolean => singular(word.trim().toLowerCase()) === 'seed';
