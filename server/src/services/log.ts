import type { FieldError, SentReading } from '@fern/contract';
import {
  addDays,
  careFields,
  byCode,
  incidentFields,
  itemAt,
  observationFields,
  onItsRound,
  refusedReading,
  same,
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

/**
 * Appends readings as one change: all are stored, or none. A reading whose id is already there is not stored again and is answered
 * as the first time; the same id with another content is refused.
 */
export async function appendObservations(
  database: Database,
  ownerId: string,
  experimentId: string,
  sent: readonly SentReading[],
): Promise<Observation[]> {
  // Read by a reader first: whoever may not write does not reach the writer, which then need not read it again.
  await getExperiment(database, ownerId, experimentId);
  return database.write(async (tables) => {
    const { experiment } = await getExperiment(tables, ownerId, experimentId);
    const stored = await readingsNamed(tables, experimentId, sent);
    const known = new Map(stored.map((seen) => [seen.id, seen]));
    const observations = onRounds(sent, experiment, known);
    const errors = observations.flatMap((seen, i) => [
      ...check(seen, i, experiment, known),
      ...checkCorrection(seen, i, known, observations.slice(0, i)),
    ]);
    if (errors.length > 0) throw new ProblemError(422, `${itemAt(errors, 0).detail} Nothing was stored.`, errors);
    const receivedAt = new Date().toISOString();
    const fresh = observations.filter((seen) => !known.has(seen.id));
    await insertRecords(tables, 'observations', fresh, () => ({ experimentId, receivedAt }));
    return observations.map((seen) => known.get(seen.id) ?? seen);
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
    checkCodes(experiment, entry);
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

/** Whom an entry names must be there. */
export function checkCodes({ units, arms }: Experiment, entry: Incident | Care | Photo): void {
  const unit = entry.units.findIndex((code) => !units.some((own) => own.code === code));
  const arm = entry.arms.findIndex((code) => !arms.some((own) => own.code === code));
  const wrong = (pointer: string, detail: string) => new ProblemError(422, `${detail} Nothing was stored.`, [{ pointer, detail }]);
  if (unit >= 0) throw wrong(`/units/${unit}`, `There is no unit ${entry.units[unit]} in this experiment.`);
  if (arm >= 0) throw wrong(`/arms/${arm}`, `There is no arm ${entry.arms[arm]} in this experiment.`);
}

/** An entry is mended once, in a chain: two people who mend the same are told of one another. */
async function checkRevision(
  { statements }: Tables,
  experimentId: string,
  table: EntryTable,
  { replaces }: Incident | Care | Photo,
): Promise<void> {
  if (replaces === null) return;
  const found = await statements.all<{ id: string }>(`SELECT id FROM ${table} WHERE experimentId = ?1 AND (id = ?2 OR replaces = ?2)`, [
    experimentId,
    replaces,
  ]);
  const wrong = (detail: string) => new ProblemError(409, `${detail} Nothing was stored.`, [{ pointer: '/replaces', detail }]);
  if (!found.some(({ id }) => id === replaces)) throw wrong('There is no such entry to be mended.');
  if (found.length > 1) throw wrong('This entry was mended already. Load the experiment again, then mend that one.');
}

function check(seen: Observation, i: number, experiment: Experiment, known: ReadonlyMap<string, Observation>): FieldError[] {
  const error = at(i);
  const unit = byCode(experiment.units, seen.unit);
  const measure = byCode(experiment.measures, seen.measure);
  const errors: FieldError[] = [];
  if (!unit) errors.push(error('unit', `There is no unit ${seen.unit} in this experiment.`));
  if (!measure) errors.push(error('measure', `There is no measure ${seen.measure} in this experiment.`));
  if (unit && measure)
    errors.push(...refusedReading(seen, { measure, unit }, experiment, latestToday()).map(({ field, detail }) => error(field, detail)));
  const before = known.get(seen.id);
  if (before && !same(before, seen)) errors.push(error('id', 'This id already belongs to another reading.'));
  return errors;
}

/** The latest calendar date that it can be anywhere by now. */
const latestToday = () => addDays(new Date().toISOString().slice(0, 10), 1);

const at =
  (i: number) =>
  (field: keyof Observation, detail: string): FieldError => ({ pointer: `/observations/${i}/${field}`, detail });

/** A correction names an earlier reading of the same unit and measure that nothing else corrects yet: a chain, never a fork or a ring. */
function checkCorrection(
  seen: Observation,
  i: number,
  known: ReadonlyMap<string, Observation>,
  earlier: readonly Observation[],
): FieldError[] {
  if (seen.replaces === null || known.has(seen.id)) return [];
  const corrected = known.get(seen.replaces) ?? earlier.find((other) => other.id === seen.replaces);
  if (!corrected || corrected.unit !== seen.unit || corrected.measure !== seen.measure)
    return [at(i)('replaces', 'A correction must name an earlier reading of the same unit and measure.')];
  const other = [...known.values(), ...earlier].find(({ id, replaces }) => replaces === seen.replaces && id !== seen.id);
  return other
    ? [
        at(i)(
          'replaces',
          `This reading was corrected already, to ${other.value ?? 'no value'}. Load the experiment again, then correct that one.`,
        ),
      ]
    : [];
}
