import type { FieldError, SentReading } from '@fern/contract';
import {
  careFields,
  incidentFields,
  itemAt,
  observationFields,
  askedAbout,
  checkEntry,
  checkReadings,
  latestAnywhere,
  onItsRound,
  refusedOf,
  same,
  wrongRevision,
  type Care,
  type Experiment,
  type Fields,
  type Incident,
  type Observation,
  type Photo,
} from '@fern/core';
import type { Database } from '../openDatabase';
import { fromRow } from '../models/columns';
import type { Tables } from '../oneWriter';
import { ProblemError } from '../ProblemError';
import { getExperiment } from './experiments';
import { insertRecords, type RecordTable } from './records';

/** What is written down and can be mended. */
type EntryTable = Exclude<RecordTable, 'units' | 'observations'>;

/** Readings as they were stored, and those among them that someone should look at again. */
interface Appended {
  readonly observations: readonly Observation[];
  readonly asked: readonly FieldError[];
}

/**
 * Appends readings as one change: all are stored, or none. A reading whose id is already there is not stored again and is answered
 * as the first time; the same id with another content is refused.
 */
export async function appendObservations(
  database: Database,
  ownerId: string,
  experimentId: string,
  sent: readonly SentReading[],
): Promise<Appended> {
  // Read by a reader first: whoever may not write does not reach the writer, which then need not read it again.
  await getExperiment(database, ownerId, experimentId);
  return database.write(async (tables) => {
    const { experiment } = await getExperiment(tables, ownerId, experimentId);
    const named = await readingsNamed(tables, experimentId, sent);
    const known = new Map(named.map((seen) => [seen.id, seen]));
    const observations = onRounds(sent, experiment, known);
    const fresh = observations.filter((seen) => !known.has(seen.id));
    const beside = await readingsBeside(tables, experimentId, fresh);
    const study = { experiment, observations: beside, incidents: [], care: [], photos: [] };
    const objections = checkReadings(study, fresh, latestAnywhere(new Date()));
    const places = fresh.map((seen) => observations.indexOf(seen));
    const placed = (found: typeof objections): FieldError[] =>
      found.map(({ pointer, detail }) => ({
        pointer: pointer.replace(/^\/\d+/, (i) => `/observations/${itemAt(places, Number(i.slice(1)))}`),
        detail,
      }));
    const errors = [...placed(refusedOf(objections)), ...otherContent(observations, known)];
    if (errors.length > 0) throw new ProblemError(422, `${itemAt(errors, 0).detail} Nothing was stored.`, errors);
    const receivedAt = new Date().toISOString();
    await insertRecords(tables, 'observations', fresh, () => ({ experimentId, receivedAt }));
    return { observations: observations.map((seen) => known.get(seen.id) ?? seen), asked: placed(askedAbout(objections)) };
  });
}

function otherContent(observations: readonly Observation[], known: ReadonlyMap<string, Observation>): FieldError[] {
  return observations.flatMap((seen, i) => {
    const before = known.get(seen.id);
    return before && !same(before, seen)
      ? [{ pointer: `/observations/${i}/id`, detail: 'This id already belongs to another reading.' }]
      : [];
  });
}

/** Each on the walk that it names; else on that of what it corrects, or of its day. */
function onRounds(sent: readonly SentReading[], experiment: Experiment, known: ReadonlyMap<string, Observation>): Observation[] {
  const place = onItsRound(experiment);
  return sent.map((seen) => {
    if (seen.plannedDay !== undefined) return { ...seen, plannedDay: seen.plannedDay };
    const corrected = seen.replaces === null ? undefined : known.get(seen.replaces);
    return corrected ? { ...seen, plannedDay: corrected.plannedDay } : place(seen);
  });
}

/** Those stored already under an id that these readings bear or correct, and what corrects it. */
async function readingsNamed(
  { statements }: Tables,
  experimentId: string,
  readings: readonly Pick<Observation, 'id' | 'replaces'>[],
): Promise<Observation[]> {
  const ids = JSON.stringify([...new Set(readings.flatMap(({ id, replaces }) => (replaces === null ? [id] : [id, replaces])))]);
  const rows = await statements.all<object>(
    `SELECT * FROM observations WHERE experimentId = ?1 AND id IN (SELECT value FROM json_each(?2))
     UNION ALL SELECT * FROM observations WHERE experimentId = ?1 AND replaces IN (SELECT value FROM json_each(?2))`,
    [experimentId, ids],
  );
  return rows.map((row) => fromRow(observationFields, row));
}

/** What is stored already of the same units, and of the others on the same rounds: what a reading is looked at beside. */
async function readingsBeside({ statements }: Tables, experimentId: string, readings: readonly Observation[]): Promise<Observation[]> {
  const each = (of: (seen: Observation) => string | number | null) => JSON.stringify([...new Set(readings.map(of))]);
  const same = 'SELECT * FROM observations WHERE experimentId = ?1 AND measure IN (SELECT value FROM json_each(?2))';
  const rows = await statements.all<object>(
    `SELECT * FROM (${same} AND unit IN (SELECT value FROM json_each(?3))
       UNION ${same} AND plannedDay IN (SELECT value FROM json_each(?4))
       UNION ${same} AND plannedDay IS NULL AND observedOn IN (SELECT value FROM json_each(?5)))
     ORDER BY receivedAt, id`,
    [
      experimentId,
      each(({ measure }) => measure),
      each(({ unit }) => unit),
      each(({ plannedDay }) => plannedDay),
      each(({ observedOn }) => observedOn),
    ],
  );
  return rows.map((row) => fromRow(observationFields, row));
}

/** Every reading of an experiment in the order in which it came in. */
export async function listObservations(database: Database, ownerId: string, experimentId: string): Promise<Observation[]> {
  await getExperiment(database, ownerId, experimentId);
  const rows = await database.models.observations.findAll({
    where: { experimentId },
    order: [
      ['receivedAt', 'ASC'],
      ['id', 'ASC'],
    ],
    raw: true,
  });
  return rows.map((row) => fromRow(observationFields, row));
}

/** Writes down what went wrong. The same entry again is the same one; its id with other content is refused. */
export const addIncident = (database: Database, ownerId: string, experimentId: string, event: Incident) =>
  append(database, ownerId, experimentId, 'incidents', incidentFields, event);

/** Writes down what was given to the plants, in the same way. */
export const addCare = (database: Database, ownerId: string, experimentId: string, care: Care) =>
  append(database, ownerId, experimentId, 'care', careFields, care);

/**
 * Appends an entry that others can mend. The same again is the same one; its id with other content is refused.
 * @param check of what only this sort of entry needs; part of the change
 */
export function append<Entry extends Incident | Care | Photo>(
  database: Database,
  ownerId: string,
  experimentId: string,
  table: EntryTable,
  fields: Fields,
  entry: Entry,
  check: (tables: Tables) => Promise<void> = () => Promise.resolve(),
): Promise<Entry> {
  return database.write(async (tables) => {
    const { experiment } = await getExperiment(tables, ownerId, experimentId);
    refuseEntry(experiment, entry);
    const stored = await tables.models[table].findOne({ where: { experimentId, id: entry.id }, raw: true });
    if (stored === null) {
      await checkRevision(tables, experimentId, table, entry);
      await check(tables);
      await insertRecords(tables, table, [entry], () => ({ experimentId }));
    } else if (!same(fromRow(fields, stored), entry))
      throw new ProblemError(409, 'Another entry is stored under this id already. Nothing was changed.', [
        { pointer: '/id', detail: 'This id already belongs to another entry.' },
      ]);
    return entry;
  });
}

/**
 * An entry names units and arms that are there, and a day that has come.
 * @throws {ProblemError} 422
 */
export function refuseEntry(experiment: Experiment, entry: Incident | Care | Photo): void {
  const [first, ...more] = refusedOf(checkEntry(experiment, entry, latestAnywhere(new Date())));
  if (first)
    throw new ProblemError(
      422,
      `${first.detail} Nothing was stored.`,
      [first, ...more].map(({ pointer, detail }) => ({ pointer, detail })),
    );
}

/** An entry is mended once, in a chain: two people who mend the same are told of one another. */
async function checkRevision(
  { statements }: Tables,
  experimentId: string,
  table: EntryTable,
  entry: Incident | Care | Photo,
): Promise<void> {
  if (entry.replaces === null) return;
  const known = await statements.all<{ id: string; replaces: string | null }>(
    `SELECT id, replaces FROM ${table} WHERE experimentId = ?1 AND (id = ?2 OR replaces = ?2)`,
    [experimentId, entry.replaces],
  );
  const detail = wrongRevision(entry, known);
  if (detail !== null) throw new ProblemError(409, `${detail} Nothing was stored.`, [{ pointer: '/replaces', detail }]);
}
