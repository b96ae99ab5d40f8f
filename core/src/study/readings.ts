import type { Observation, Study } from '../model';
import { memoize } from './memoize';

/** All readings of one measure of one unit. */
export interface Cell {
  /** As they came in, corrected ones too. */
  readonly all: readonly Observation[];
  /** Those that count: all but the ones that another corrects. */
  readonly live: readonly Observation[];
}

/** Readings by measure and unit. Made once of a study; a new reading makes its own cell anew and shares the rest. */
type ReadingIndex = ReadonlyMap<string, ReadonlyMap<string, Cell>>;

const nothing: Cell = { all: [], live: [] };

const indexOf = memoize((observations: readonly Observation[]): ReadingIndex => {
  const index = new Map<string, Map<string, Observation[]>>();
  for (const seen of observations) {
    let units = index.get(seen.measure);
    if (!units) index.set(seen.measure, (units = new Map()));
    const list = units.get(seen.unit);
    if (list) list.push(seen);
    else units.set(seen.unit, [seen]);
  }
  return new Map([...index].map(([measure, units]) => [measure, new Map([...units].map(([unit, all]) => [unit, cellOf(all)]))]));
});

function cellOf(all: readonly Observation[]): Cell {
  return { all, live: live(all) };
}

/** Corrections resolved. Of readings that correct one another in a ring, the one that came last counts. */
function live(all: readonly Observation[]): readonly Observation[] {
  const replaced = new Set<string>();
  for (const { replaces } of all) if (replaces !== null) replaced.add(replaces);
  if (replaced.size === 0) return all;
  const left = all.filter((seen) => !replaced.has(seen.id));
  return left.length === 0 ? all.slice(-1) : left;
}

// Of studies that readings were added to: their list is put together only when someone wants the whole of it.
const ofStudies = new WeakMap<object, ReadingIndex>();

function indexOfStudy(study: Pick<Study, 'observations'>): ReadingIndex {
  return ofStudies.get(study) ?? indexOf(study.observations);
}

/**
 * The readings of a measure, by unit.
 * @param measure its code
 * @returns empty where nothing of it was read
 */
export function readingsOf(study: Pick<Study, 'observations'>, measure: string): ReadonlyMap<string, Cell> {
  return indexOfStudy(study).get(measure) ?? new Map();
}

/**
 * The codes of all measures of which anything was read.
 * @returns in the order in which they were first read
 */
export function measuresRead(study: Pick<Study, 'observations'>): string[] {
  return [...indexOfStudy(study).keys()];
}

/**
 * The readings of one measure of one unit.
 * @param measure its code
 * @param unit its code
 * @returns an empty cell where nothing was read
 */
export function cell(study: Pick<Study, 'observations'>, measure: string, unit: string): Cell {
  return readingsOf(study, measure).get(unit) ?? nothing;
}

/**
 * Whether a reading stands as it is: it is in the study, and nothing corrects it.
 * @param seen a reading, as it was seen at some time
 * @returns false where another was put in its place
 */
export const stillCounts = (study: Pick<Study, 'observations'>, seen: Observation): boolean =>
  cell(study, seen.measure, seen.unit).live.some(({ id }) => id === seen.id);

/**
 * A study with more readings. What was indexed stays: only the cells that were added to are made anew. Readings that are there already
 * are left out.
 * @param fresh in the order in which they came in
 * @returns the same study where nothing was added
 */
export function addReadings(study: Study, fresh: readonly Observation[]): Study {
  const before = indexOfStudy(study);
  const changed = new Map<string, Map<string, Cell>>();
  const added: Observation[] = [];
  for (const seen of fresh) {
    const units = changed.get(seen.measure) ?? new Map(before.get(seen.measure));
    const { all } = units.get(seen.unit) ?? nothing;
    if (all.some(({ id }) => id === seen.id)) continue;
    changed.set(seen.measure, units.set(seen.unit, cellOf([...all, seen])));
    added.push(seen);
  }
  if (added.length === 0) return study;
  const index: ReadingIndex = new Map([...before, ...changed]);
  let whole: readonly Observation[] | null = null;
  const next: Study = {
    experiment: study.experiment,
    incidents: study.incidents,
    care: study.care,
    photos: study.photos,
    get observations() {
      if (whole === null) {
        whole = study.observations.concat(added);
        indexOf.keep(whole, index);
      }
      return whole;
    },
  };
  ofStudies.set(next, index);
  return next;
}
