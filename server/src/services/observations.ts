import type { FieldError } from '@fern/contract';
import { kindOf, observationFields, same, type Experiment, type Observation } from '@fern/core';
import type { Database } from '../openDatabase';
import { fromRow, toRow } from '../models/columns';
import { ProblemError } from '../ProblemError';
import { getExperiment } from './experiments';

/**
 * Appends readings in one transaction: all are stored, or none. A reading whose id is already there is not stored again and is answered
 * as the first time; the same id with another content is refused.
 */
export function appendObservations(
  database: Database,
  ownerId: string,
  experimentId: string,
  observations: readonly Observation[],
): Promise<Observation[]> {
  return database.inTransaction(async (transaction) => {
    const { experiment } = await getExperiment(database, ownerId, experimentId, transaction);
    const { models } = database;
    const named = [...observations.map((seen) => seen.id), ...observations.flatMap((seen) => seen.replaces ?? [])];
    const stored = await models.observations.findAll({ where: { experimentId, id: [...new Set(named)] }, raw: true, transaction });
    const known = new Map(stored.map((row) => fromRow(observationFields, row)).map((seen) => [seen.id, seen]));
    const errors = observations.flatMap((seen, i) => check(seen, i, experiment, known, observations));
    if (errors.length > 0) throw new ProblemError(422, `${errors[0].detail} Nothing was stored.`, errors);
    const receivedAt = new Date().toISOString();
    const fresh = observations.filter((seen) => !known.has(seen.id));
    await models.observations.bulkCreate(
      fresh.map((seen) => ({ ...toRow(observationFields, seen), experimentId, receivedAt })),
      { transaction },
    );
    return observations.map((seen) => known.get(seen.id) ?? seen);
  });
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

function check(
  seen: Observation,
  i: number,
  experiment: Experiment,
  known: ReadonlyMap<string, Observation>,
  together: readonly Observation[],
): FieldError[] {
  const error = (field: keyof Observation, detail: string): FieldError => ({ pointer: `/observations/${i}/${field}`, detail });
  const unit = experiment.units.find((u) => u.unit === seen.unit);
  const measure = experiment.measures.find((m) => m.measure === seen.measure);
  const errors: FieldError[] = [];
  if (!unit) errors.push(error('unit', `There is no unit ${seen.unit} in this experiment.`));
  if (!measure) errors.push(error('measure', `There is no measure ${seen.measure} in this experiment.`));
  if (experiment.startedOn !== null && seen.observedOn.slice(0, 10) < experiment.startedOn) {
    errors.push(error('observedOn', `${seen.observedOn.slice(0, 10)} is before the start on ${experiment.startedOn}.`));
  }
  if (unit && measure) {
    const kind = kindOf(measure);
    const impossible = kind
      .doubts(seen.value, { measure, unit, before: null, neighbours: [] })
      .filter(({ level }) => level === 'stop')
      .map(({ message }) => message);
    errors.push(...[kind.refuse(seen.value) ?? [], impossible].flat().map((detail) => error('value', detail)));
  }
  const before = known.get(seen.id);
  if (before && !same(before, seen)) errors.push(error('id', 'This id already belongs to another reading.'));
  const corrected = seen.replaces === null ? undefined : (known.get(seen.replaces) ?? together.find((other) => other.id === seen.replaces));
  if (
    seen.replaces !== null &&
    (!corrected || corrected.unit !== seen.unit || corrected.measure !== seen.measure || seen.replaces === seen.id)
  ) {
    errors.push(error('replaces', 'A correction must name an earlier reading of the same unit and measure.'));
  }
  return errors;
}
