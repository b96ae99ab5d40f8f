import type { ActivityKind, ExperimentRecord, SownAgain, StudyRecord } from '@fern/contract';
import {
  careFields,
  byCode,
  incidentFields,
  observationFields,
  photoFields,
  same,
  type Amendment,
  type Experiment,
  type Observation,
  type Unit,
} from '@fern/core';
import type { Database } from '../openDatabase';
import type { Tables } from '../oneWriter';
import { fromRow } from '../models/columns';
import { asDocument, asRecord, SHOWN } from '../models/experimentRow';
import { notFound, ProblemError } from '../ProblemError';
import { checkFrozen } from './checkFrozen';
import { checkNamed } from './checkNamed';
import { remember } from './history';
import { insertRecords, type RecordTable } from './records';

const MOST_KNOWN = 200;

/** One experiment of this owner; another's is not found. */
export async function getExperiment(tables: Tables, ownerId: string, id: string): Promise<ExperimentRecord> {
  const { statements, models, known } = tables;
  const [head] = await statements.all<{ version: number }>(`SELECT version FROM experiments WHERE id = ? AND ownerId = ? AND ${SHOWN}`, [
    id,
    ownerId,
  ]);
  if (!head) throw notFound();
  const before = known.get(id);
  if (before?.version === head.version) return before;
  const row = await models.experiments.findByPk(id);
  if (!row) throw notFound();
  const units = await models.units.findAll({ where: { experimentId: id }, order: [['position', 'ASC']], raw: true });
  const record = asRecord(row, units);
  // What a writer reads may still be taken back.
  if ('write' in tables) {
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(id, record);
  }
  return record;
}

/** Stores a change made from `version`; refuses where someone else changed it since, and where it bends a frozen plan without an amendment. */
export function changeExperiment(
  database: Database,
  ownerId: string,
  id: string,
  version: number,
  experiment: Experiment,
): Promise<ExperimentRecord> {
  return database.write(async (tables) => {
    const before = await getExperiment(tables, ownerId, id);
    // The reply to this very change was lost on its way: it is stored already, and is answered again.
    if (before.version === version + 1 && same(before.experiment, experiment)) return before;
    if (before.version !== version) {
      throw new ProblemError(
        409,
        'This experiment was changed in another window or by someone else. Nothing was overwritten: load it again, then make your change.',
      );
    }
    checkSeal(before.experiment, experiment);
    const checked = checkFrozen(before.experiment, experiment);
    const { models } = tables;
    const read = await tables.statements.all<Pick<Observation, 'unit' | 'measure'>>(
      'SELECT DISTINCT unit, measure FROM observations WHERE experimentId = ?',
      [id],
    );
    if (read.length > 0 && !same(before.experiment.plan.predictions, experiment.plan.predictions)) {
      throw new ProblemError(422, 'Predictions are sealed since the first reading.', [
        { pointer: '/experiment/plan/predictions', detail: 'Predictions cannot change once there are readings.' },
      ]);
    }
    const units = new Set(experiment.units.map((unit) => unit.code));
    const measures = new Set(experiment.measures.map((measure) => measure.code));
    const lost = read.find((row) => !units.has(row.unit) || !measures.has(row.measure));
    if (lost) {
      const pointer = units.has(lost.unit) ? '/experiment/measures' : '/experiment/units';
      throw new ProblemError(422, 'A unit or measure that has readings cannot be taken away. Mark the unit as lost or excluded instead.', [
        { pointer, detail: `${units.has(lost.unit) ? `Measure ${lost.measure}` : `Unit ${lost.unit}`} has readings.` },
      ]);
    }
    await checkNamed(tables, id, before.experiment, checked);
    await models.experiments.update(
      { version: version + 1, document: asDocument(checked), changedAt: new Date().toISOString() },
      { where: { id } },
    );
    await models.units.destroy({ where: { experimentId: id } });
    await insertRecords(tables, 'units', checked.units, (position) => ({ experimentId: id, position }));
    for (const done of deedsOf(before.experiment, checked))
      await remember(tables, ownerId, { ...done, experimentId: id, title: checked.title });
    return { id, version: version + 1, experiment: checked };
  });
}

/** Whether arms are hidden is changed by its own routes alone, which write it into the log. */
function checkSeal(before: Experiment, after: Experiment): void {
  if (same(before.plan.seal, after.plan.seal)) return;
  const detail = 'A key is sealed under Prepare, and opened under Weigh up with a reason: no other change touches its seal.';
  throw new ProblemError(422, `${detail} Nothing was stored: load the page again.`, [{ pointer: '/experiment/plan/seal', detail }]);
}

/** Marks a unit as lost, excluded, ended or active again. */
export function setUnitStatus(
  database: Database,
  ownerId: string,
  id: string,
  unit: string,
  state: Pick<Unit, 'status' | 'statusReason' | 'lostOn'>,
): Promise<ExperimentRecord> {
  return database.write(async (tables) => {
    await getExperiment(tables, ownerId, id);
    const [changed] = await tables.models.units.update(state, { where: { experimentId: id, code: unit } });
    if (changed === 0) throw notFound();
    await tables.models.experiments.increment('version', { where: { id } });
    const record = await getExperiment(tables, ownerId, id);
    await remember(tables, ownerId, { what: 'unit', experimentId: id, title: record.experiment.title, detail: stateWords(unit, state) });
    return record;
  });
}

/** What was said of a unit, whole: what is mended later stays in the owner's log as it was. */
function stateWords(unit: string, { status, statusReason, lostOn }: Pick<Unit, 'status' | 'statusReason' | 'lostOn'>): string {
  return `${unit}: ${status}${lostOn === null ? '' : ` on ${lostOn}`}${statusReason === null ? '' : `, ${statusReason}`}`;
}

/**
 * Puts right how many were put into a unit: a fact that was found at the bench, with its day. It stands among the amendments, with the
 * number before. The same number again changes nothing.
 */
export function setSownAgain(
  database: Database,
  ownerId: string,
  id: string,
  unit: string,
  { sown, on }: SownAgain,
): Promise<ExperimentRecord> {
  return database.write(async (tables) => {
    const { version, experiment } = await getExperiment(tables, ownerId, id);
    const before = byCode(experiment.units, unit);
    if (!before) throw notFound();
    if (before.sown === sown) return { id, version, experiment };
    const amendment: Amendment = {
      on,
      what: `${sown} were in ${unit}, not ${before.sown ?? 'a number that was known'}`,
      reason: 'counted again',
      changes: [{ what: `unit ${unit}, number sown`, before: String(before.sown ?? 'nothing'), after: String(sown) }],
    };
    const amended =
      experiment.plan.lockedOn === null ? experiment.plan : { ...experiment.plan, amendments: [...experiment.plan.amendments, amendment] };
    await tables.models.units.update({ sown }, { where: { experimentId: id, code: unit } });
    await tables.models.experiments.update(
      { version: version + 1, document: asDocument({ ...experiment, plan: amended }), changedAt: new Date().toISOString() },
      { where: { id } },
    );
    await remember(tables, ownerId, { what: 'amended', experimentId: id, title: experiment.title, detail: amendment.what });
    return getExperiment(tables, ownerId, id);
  });
}

/** The experiment with everything that was logged, and the version that a change must name. */
export async function getStudy(tables: Tables, ownerId: string, id: string): Promise<StudyRecord> {
  const { version, experiment } = await getExperiment(tables, ownerId, id);
  const rows = (table: Exclude<RecordTable, 'units'>, first: string) =>
    tables.models[table].findAll({
      where: { experimentId: id },
      order: [
        [first, 'ASC'],
        ['id', 'ASC'],
      ],
      raw: true,
    });
  const [observations, incidents, care, photos] = await Promise.all([
    rows('observations', 'receivedAt'),
    rows('incidents', 'on'),
    rows('care', 'on'),
    rows('photos', 'on'),
  ]);
  return {
    version,
    experiment,
    observations: observations.map((row) => fromRow(observationFields, row)),
    incidents: incidents.map((row) => fromRow(incidentFields, row)),
    care: care.map((row) => fromRow(careFields, row)),
    photos: photos.map((row) => fromRow(photoFields, row)),
  };
}

/** What the owner's log says of a change. */
function deedsOf(before: Experiment, after: Experiment): { readonly what: ActivityKind; readonly detail?: string }[] {
  if (before.plan.lockedOn === null && after.plan.lockedOn !== null) return [{ what: 'started', detail: after.plan.lockedOn }];
  const unsealed = before.plan.lockedOn !== null && before.blinded && !after.blinded;
  const amendment = after.plan.amendments.length > before.plan.amendments.length ? after.plan.amendments.at(-1) : undefined;
  if (!unsealed && !amendment) return [{ what: 'changed' }];
  return [
    ...(unsealed ? [{ what: 'unsealed' as const }] : []),
    ...(amendment ? [{ what: 'amended' as const, detail: amendment.reason }] : []),
  ];
}
