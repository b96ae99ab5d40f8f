import type { ActivityKind, ExperimentRecord, SownAgain, StudyRecord } from '@fern/contract';
import {
  careFields,
  byCode,
  checkChange,
  checkDay,
  checkReadings,
  latestAnywhere,
  incidentFields,
  observationFields,
  photoFields,
  same,
  withListedChanges,
  type Amendment,
  type Experiment,
  type Unit,
} from '@fern/core';
import type { Database } from '../openDatabase';
import type { Tables } from '../oneWriter';
import { fromRow } from '../models/columns';
import { asDocument, asRecord, SHOWN } from '../models/experimentRow';
import { notFound, ProblemError } from '../ProblemError';
import { remember } from './history';
import { loggedOf } from './loggedOf';
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
    const [first, ...more] = checkChange(before.experiment, experiment, await loggedOf(tables, id, before.experiment, experiment));
    if (first) {
      const errors = [first, ...more].map(({ pointer, detail }) => ({ pointer: `/experiment${pointer}`, detail }));
      throw new ProblemError(422, `${first.detail} Nothing was stored.`, errors);
    }
    const checked = withListedChanges(before.experiment, experiment);
    const { models } = tables;
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
    if (state.lostOn !== null) refuseDay(state.lostOn, '/lostOn');
    const [changed] = await tables.models.units.update(state, { where: { experimentId: id, code: unit } });
    if (changed === 0) throw notFound();
    await tables.models.experiments.increment('version', { where: { id } });
    const record = await getExperiment(tables, ownerId, id);
    await remember(tables, ownerId, { what: 'unit', experimentId: id, title: record.experiment.title, detail: stateWords(unit, state) });
    return record;
  });
}

/** A day that is still to come is none on which something was found. */
function refuseDay(day: string, pointer: string): void {
  const [first] = checkDay(day, { start: null, end: null, latest: latestAnywhere(new Date()) }, pointer);
  if (first) throw new ProblemError(422, `${first.detail} Nothing was stored.`, [{ pointer, detail: first.detail }]);
}

/** The categories that were told of a unit come to no more than was sown in it. */
async function refuseSown({ models }: Tables, id: string, experiment: Experiment, unit: string): Promise<void> {
  const rows = await models.observations.findAll({ where: { experimentId: id, unit }, raw: true });
  const readings = rows.map((row) => fromRow(observationFields, row));
  const study = { experiment, observations: [], incidents: [], care: [], photos: [] };
  const found = checkReadings(study, readings, latestAnywhere(new Date())).find(({ rule }) => rule === 'categories-above-sown');
  if (found)
    throw new ProblemError(422, `${found.detail} Put those right first. Nothing was stored.`, [{ pointer: '/sown', detail: found.detail }]);
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
    refuseDay(on, '/on');
    await refuseSown(tables, id, { ...experiment, units: experiment.units.map((own) => (own === before ? { ...own, sown } : own)) }, unit);
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
