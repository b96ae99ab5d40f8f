import { counted } from '../quantities/plural';

/**
 * A chance as people say it: "about 7 times in 10".
 * @param chance from 0 to 1
 * @returns words for the middle of a sentence
 * @example timesInTen(0.68) // 'about 7 times in 10'
 */
export function timesInTen(chance: number): string {
  const times = Math.round(chance * 10);
  if (times === 0) return 'almost never';
  return times === 10 ? 'almost always' : `about ${counted(times, 'time')} in 10`;
}

/**
 * Whether a chance is said with "almost", which stands before its verb.
 * @param chance from 0 to 1
 */
export const isAlmost = (chance: number): boolean => [0, 10].includes(Math.round(chance * 10));
