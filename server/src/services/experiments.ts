import { QueryTypes, type Transaction } from 'sequelize';
import { v7 as uuid } from 'uuid';
import type { ExperimentProgress, ExperimentRecord } from '@fern/contract';
import type { Care, Experiment, Happening, ReadSoFar, Study, Unit } from '@fern/core';
import type { Database } from '../openDatabase';
import type { ExperimentRow, UnitRow } from '../models/index';
import { notFound, ProblemError } from '../ProblemError';
import { asObservation } from './asObservation';
import { checkFrozen } from './checkFrozen';

/** The owner's experiments with what has been read so far, the newest change first. Four queries, however many there are. */
export async function listExperiments({ sequelize, models }: Database, ownerId: string): Promise<ExperimentProgress[]> {
  const rows = await models.experiments.findAll({ where: { ownerId }, order: [['changedAt', 'DESC']] });
  if (rows.length === 0) return [];
  const ids = rows.map((row) => row.id);
  const units = group(
    await models.units.findAll({ where: { experimentId: ids }, order: [['position', 'ASC']], raw: true }),
    (unit) => unit.experimentId,
  );
  const read = group(
    await sequelize.query<ReadSoFar & { experimentId: string }>(
      `SELECT experimentId, measure, substr(observedOn, 1, 10) AS "on", count(DISTINCT unit) AS units
       FROM observations WHERE experimentId IN (:ids) GROUP BY experimentId, measure, substr(observedOn, 1, 10)`,
      { replacements: { ids }, type: QueryTypes.SELECT },
    ),
    (row) => row.experimentId,
  );
  return rows.map((row) => ({
    ...asRecord(row, units.get(row.id) ?? []),
    read: (read.get(row.id) ?? []).map(({ measure, on, units: count }) => ({ measure, on, units: count })),
  }));
}

/** One experiment of this owner; another's is not found. */
export async function getExperiment(
  { models }: Database,
  ownerId: string,
  id: string,
  transaction?: Transaction,
): Promise<ExperimentRecord> {
  const row = await models.experiments.findOne({ where: { id, ownerId }, transaction });
  if (!row) throw notFound();
  return asRecord(row, await models.units.findAll({ where: { experimentId: id }, order: [['position', 'ASC']], raw: true, transaction }));
}

/** Stores a new experiment, whole or not at all. With what was logged where it comes from a package. */
export function createExperiment(database: Database, ownerId: string, study: Study): Promise<ExperimentRecord> {
  return database.inTransaction(async (transaction) => {
    const id = uuid();
    const { experiment } = study;
    const { models } = database;
    await models.experiments.create({ id, ownerId, version: 1, document: asDocument(experiment), changedAt: now() }, { transaction });
    await models.units.bulkCreate(unitRows(id, experiment.units), { transaction });
    await models.observations.bulkCreate(
      study.observations.map((seen) => ({ ...seen, experimentId: id, receivedAt: now() })),
      { transaction },
    );
    await models.happenings.bulkCreate(
      study.happenings.map((event) => happeningRow(id, event)),
      { transaction },
    );
    await models.care.bulkCreate(
      study.care.map((care) => ({ ...care, experimentId: id })),
      { transaction },
    );
    return { id, version: 1, experiment };
  });
}

/** Stores a change made from `version`; refuses where someone else changed it since, and where it bends a frozen plan without an amendment. */
export function changeExperiment(
  database: Database,
  ownerId: string,
  id: string,
  version: number,
  experiment: Experiment,
): Promise<ExperimentRecord> {
  return database.inTransaction(async (transaction) => {
    const before = await getExperiment(database, ownerId, id, transaction);
    if (before.version !== version) {
      throw new ProblemError(
        409,
        'This experiment was changed in another window or by someone else. Nothing was overwritten: load it again, then make your change.',
      );
    }
    checkFrozen(before.experiment, experiment);
    const { models } = database;
    const read = await models.observations.findAll({
      where: { experimentId: id },
      attributes: ['unit', 'measure'],
      group: ['unit', 'measure'],
      raw: true,
      transaction,
    });
    if (read.length > 0 && JSON.stringify(before.experiment.plan.predictions) !== JSON.stringify(experiment.plan.predictions)) {
      throw new ProblemError(422, 'Predictions are sealed since the first reading.', [
        { pointer: '/experiment/plan/predictions', detail: 'Predictions cannot change once there are readings.' },
      ]);
    }
    const units = new Set(experiment.units.map((unit) => unit.unit));
    const measures = new Set(experiment.measures.map((measure) => measure.measure));
    const lost = read.find((row) => !units.has(row.unit) || !measures.has(row.measure));
    if (lost) {
      const pointer = units.has(lost.unit) ? '/experiment/measures' : '/experiment/units';
      throw new ProblemError(422, 'A unit or measure that has readings cannot be taken away. Mark the unit as lost or excluded instead.', [
        { pointer, detail: `${units.has(lost.unit) ? `Measure ${lost.measure}` : `Unit ${lost.unit}`} has readings.` },
      ]);
    }
    await models.experiments.update(
      { version: version + 1, document: asDocument(experiment), changedAt: now() },
      { where: { id }, transaction },
    );
    await models.units.destroy({ where: { experimentId: id }, transaction });
    await models.units.bulkCreate(unitRows(id, experiment.units), { transaction });
    return { id, version: version + 1, experiment };
  });
}

export async function deleteExperiment({ models }: Database, ownerId: string, id: string): Promise<void> {
  if ((await models.experiments.destroy({ where: { id, ownerId } })) === 0) throw notFound();
}

/** Marks a unit as lost, excluded, ended or active again. */
export function setUnitStatus(
  database: Database,
  ownerId: string,
  id: string,
  unit: string,
  state: Pick<Unit, 'status' | 'statusReason'>,
): Promise<ExperimentRecord> {
  return database.inTransaction(async (transaction) => {
    await getExperiment(database, ownerId, id, transaction);
    const [changed] = await database.models.units.update(state, { where: { experimentId: id, unit }, transaction });
    if (changed === 0) throw notFound();
    await database.models.experiments.increment('version', { where: { id }, transaction });
    return getExperiment(database, ownerId, id, transaction);
  });
}

/** The experiment with everything that was logged. */
export async function getStudy(database: Database, ownerId: string, id: string): Promise<Study> {
  const { experiment } = await getExperiment(database, ownerId, id);
  const where = { experimentId: id };
  const { models } = database;
  const [observations, happenings, care] = await Promise.all([
    models.observations.findAll({
      where,
      order: [
        ['receivedAt', 'ASC'],
        ['id', 'ASC'],
      ],
    }),
    models.happenings.findAll({
      where,
      order: [
        ['on', 'ASC'],
        ['id', 'ASC'],
      ],
    }),
    models.care.findAll({
      where,
      order: [
        ['on', 'ASC'],
        ['id', 'ASC'],
      ],
    }),
  ]);
  return {
    experiment,
    observations: observations.map(asObservation),
    happenings: happenings.map((row): Happening => ({
      id: row.id,
      on: row.on,
      kind: row.kind as Happening['kind'],
      arms: JSON.parse(row.arms),
      units: JSON.parse(row.units),
      note: row.note,
    })),
    care: care.map(({ id: careId, on, unit, arm, kind, amount, amountUnit, note }): Care => ({
      id: careId,
      on,
      unit,
      arm,
      kind,
      amount,
      amountUnit,
      note,
    })),
  };
}

/** Appends an event or a care row; the same id again changes nothing. */
export async function addHappening(database: Database, ownerId: string, id: string, event: Happening): Promise<Happening> {
  await getExperiment(database, ownerId, id);
  await database.models.happenings.bulkCreate([happeningRow(id, event)], { ignoreDuplicates: true });
  return event;
}

export async function addCare(database: Database, ownerId: string, id: string, care: Care): Promise<Care> {
  await getExperiment(database, ownerId, id);
  await database.models.care.bulkCreate([{ ...care, experimentId: id }], { ignoreDuplicates: true });
  return care;
}

const now = () => new Date().toISOString();

function asDocument({ units: _units, ...rest }: Experiment): string {
  return JSON.stringify(rest);
}

function asRecord(row: ExperimentRow, units: readonly UnitRow[]): ExperimentRecord {
  const own = units.map(({ experimentId: _experimentId, position: _position, ...unit }): Unit => unit);
  return { id: row.id, version: row.version, experiment: { ...(JSON.parse(row.document) as Omit<Experiment, 'units'>), units: own } };
}

function unitRows(experimentId: string, units: readonly Unit[]): UnitRow[] {
  return units.map((unit, position) => ({ ...unit, experimentId, position }));
}

function happeningRow(experimentId: string, event: Happening) {
  return { ...event, experimentId, arms: JSON.stringify(event.arms), units: JSON.stringify(event.units) };
}

function group<T>(rows: readonly T[], key: (row: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const list = groups.get(key(row));
    if (list) list.push(row);
    else groups.set(key(row), [row]);
  }
  return groups;
}
