import type { FieldError } from '@fern/contract';
import type { Experiment, Observation } from '@fern/core';
import type { Database } from '../openDatabase';
import type { ObservationRow } from '../models/index';
import { ProblemError } from '../ProblemError';
import { asObservation } from './asObservation';
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
    const stored = await models.observations.findAll({ where: { experimentId, id: [...new Set(named)] }, transaction });
    const known = new Map(stored.map((row) => [row.id, asObservation(row)]));
    const errors = observations.flatMap((seen, i) => check(seen, i, experiment, known, observations));
    if (errors.length > 0) throw new ProblemError(422, `${errors[0].detail} Nothing was stored.`, errors);
    const receivedAt = new Date().toISOString();
    const fresh = observations.filter((seen) => !known.has(seen.id));
    await models.observations.bulkCreate(
      fresh.map((seen) => ({ ...seen, experimentId, receivedAt })),
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
  });
  return rows.map(asObservation);
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
  if (measure?.kind === 'count' && !Number.isInteger(seen.value)) errors.push(error('value', 'A count is a whole number.'));
  if (measure?.kind === 'count' && unit?.sown != null && seen.value > unit.sown)
    errors.push(error('value', `${seen.value} is more than the ${unit.sown} sown in ${seen.unit}.`));
  if (measure?.kind === 'event' && seen.value !== 0 && seen.value !== 1)
    errors.push(error('value', 'An event is 1 (it happened) or 0 (not yet).'));
  const before = known.get(seen.id);
  if (before && JSON.stringify(before) !== JSON.stringify(asObservation(seen as ObservationRow)))
    errors.push(error('id', 'This id already belongs to another reading.'));
  const corrected = seen.replaces === null ? undefined : (known.get(seen.replaces) ?? together.find((other) => other.id === seen.replaces));
  if (
    seen.replaces !== null &&
    (!corrected || corrected.unit !== seen.unit || corrected.measure !== seen.measure || seen.replaces === seen.id)
  ) {
    errors.push(error('replaces', 'A correction must name an earlier reading of the same unit and measure.'));
  }
  return errors;
}
