import { byCode, type Care, type Experiment, type Incident, type Photo } from '../model';
import { checkDay } from './day';
import { noSuchArm, noSuchUnit } from './noSuch';
import { refused, type Objection } from './Objection';

type Entry = Pick<Incident | Care | Photo, 'on' | 'units' | 'arms'> & Partial<Pick<Care, 'began' | 'ended'>>;

/**
 * Something that was written down beside the readings: care, an incident, a photo.
 * @param experiment whose units and arms it may name
 * @param latest calendar date after which nothing can have happened yet
 * @returns pointers begin at the entry: "/units/0"
 */
export function checkEntry({ units, arms, plan }: Pick<Experiment, 'units' | 'arms' | 'plan'>, entry: Entry, latest: string): Objection[] {
  const day = checkDay(entry.on, { start: null, end: null, latest }, '/on');
  const { began = null, ended = null } = entry;
  return [
    ...day,
    ...entry.units.flatMap((code, i) => (byCode(units, code) ? [] : [refused('no-such-unit', `/units/${i}`, noSuchUnit(code, plan))])),
    ...entry.arms.flatMap((code, i) => (byCode(arms, code) ? [] : [refused('no-such-arm', `/arms/${i}`, noSuchArm(code))])),
    ...(began !== null && ended !== null && Date.parse(ended) < Date.parse(began)
      ? [refused('end-before-start', '/ended', `It ended, ${ended}, before it began, ${began}.`)]
      : []),
  ];
}

/** Of what was written down, as far as one mends another. */
interface Chained {
  readonly id: string;
  readonly replaces: string | null;
}

/**
 * An entry is mended once, in a chain: two people who mend the same are told of one another.
 * @param entry that is to be written down, or was
 * @param known entries of its sort; with itself or without
 * @returns in words; null where it mends nothing, or may
 */
export function wrongRevision({ id, replaces }: Chained, known: readonly Chained[]): string | null {
  if (replaces === null) return null;
  if (replaces === id || !known.some((one) => one.id === replaces)) return `That entry (${replaces}) doesn’t exist.`;
  const isMended = known.some((one) => one.replaces === replaces && one.id !== id);
  return isMended ? 'This entry has already been edited. Reload, then edit the latest version.' : null;
}
