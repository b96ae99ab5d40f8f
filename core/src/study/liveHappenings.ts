import type { Happening, Study } from '../model';
import { remembered } from './remembered';

/**
 * What happened, as it is told now: each entry as it was last mended, without those that were withdrawn. The old words stay in the study.
 * @param study with all its entries
 * @returns in order of days
 */
export function liveHappenings({ happenings }: Pick<Study, 'happenings'>): readonly Happening[] {
  return live(happenings);
}

const live = remembered((all: readonly Happening[]): readonly Happening[] => {
  const replaced = new Set(all.map(({ replaces }) => replaces));
  return all.filter(({ id, withdrawn }) => !replaced.has(id) && !withdrawn).sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
});

/**
 * What an entry said before it was mended.
 * @param study with all its entries
 * @param happening as it is told now
 * @returns its earlier words, the newest first; empty where it was never mended
 */
export function earlierWords({ happenings }: Pick<Study, 'happenings'>, happening: Happening): Happening[] {
  const byId = new Map(happenings.map((own) => [own.id, own]));
  const words: Happening[] = [];
  let before = happening.replaces === null ? undefined : byId.get(happening.replaces);
  while (before && !words.includes(before)) {
    words.push(before);
    before = before.replaces === null ? undefined : byId.get(before.replaces);
  }
  return words;
}
