import type { Care, Incident, Photo, Study } from '../model';
import { memoize } from './memoize';

/**
 * What happened, as it is told now: each entry as it was last mended, without those that were withdrawn. The old words stay in the study.
 * @returns in order of days
 */
export function liveIncidents({ incidents }: Pick<Study, 'incidents'>): readonly Incident[] {
  return live(incidents);
}

/**
 * What was given, as it is told now: each entry as it was last mended, without those that were withdrawn.
 * @returns in order of days
 */
export function liveCare({ care }: Pick<Study, 'care'>): readonly Care[] {
  return given(care);
}

/** Under which care tells that a unit was put out. */
export const SET_UP = 'put out';

/**
 * Care as a reader wants it: without the ticks of the day on which all were put out.
 * @returns in order of days
 */
export const careToTell = (study: Pick<Study, 'care'>): readonly Care[] => liveCare(study).filter(({ step }) => step !== SET_UP);

/**
 * The photos as they are told now: each as it was last mended, without those that were withdrawn.
 * @returns in order of days
 */
export function livePhotos({ photos }: Pick<Study, 'photos'>): readonly Photo[] {
  return taken(photos);
}

/** Something that was written down, and can be mended or withdrawn by another entry. */
interface Entry {
  readonly id: string;
  readonly on: string;
  readonly replaces: string | null;
  readonly withdrawn: boolean;
}

function told<E extends Entry>(all: readonly E[]): readonly E[] {
  const replaced = new Set(all.map(({ replaces }) => replaces));
  return all.filter(({ id, withdrawn }) => !replaced.has(id) && !withdrawn).sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}

const live = memoize((all: readonly Incident[]) => told(all));
const given = memoize((all: readonly Care[]) => told(all));
const taken = memoize((all: readonly Photo[]) => told(all));

/**
 * What an entry said before it was mended.
 * @param all entries of its sort
 * @param entry as it is told now
 * @returns its earlier words, the newest first; empty where it was never mended
 */
export function earlierWords<E extends Entry>(all: readonly E[], entry: E): E[] {
  const byId = new Map(all.map((own) => [own.id, own]));
  const words: E[] = [];
  let before = entry.replaces === null ? undefined : byId.get(entry.replaces);
  while (before && !words.includes(before)) {
    words.push(before);
    before = before.replaces === null ? undefined : byId.get(before.replaces);
  }
  return words;
}
