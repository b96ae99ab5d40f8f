import { isSealed, openKey, sealKey, type Experiment } from '@fern/core';
import type { ExperimentRecord, SealOpening } from '@fern/contract';
import { asDocument } from '../models/experimentRow';
import type { Database } from '../openDatabase';
import type { Tables } from '../oneWriter';
import { ProblemError } from '../ProblemError';
import { getExperiment } from './experiments';
import { remember } from './history';

/**
 * Seals the key of a started plan that is read blind; a key that is sealed stays as it is.
 * @param on calendar date
 * @throws {ProblemError} 422 where there is nothing to seal, or it was opened before
 */
export function seal(database: Database, ownerId: string, id: string, on: string): Promise<ExperimentRecord> {
  return database.write(async (tables) => {
    const record = await getExperiment(tables, ownerId, id);
    const { experiment } = record;
    if (isSealed(experiment)) return record;
    const why = whyNot(experiment);
    if (why !== null) throw new ProblemError(422, `${why} Nothing was changed.`, [{ pointer: '/experiment/plan/seal', detail: why }]);
    await store(tables, record, sealKey(experiment, on));
    await remember(tables, ownerId, { what: 'sealed', experimentId: id, title: experiment.title, detail: on });
    return getExperiment(tables, ownerId, id);
  });
}

function whyNot({ blinded, plan }: Experiment): string | null {
  if (plan.seal.openedOn !== null) return `The key was opened on ${plan.seal.openedOn}: what was seen cannot be hidden again.`;
  if (plan.lockedOn === null) return 'Start the experiment first, then seal its key.';
  return blinded ? null : 'It is not planned to be read blind, so there is no key to seal.';
}

/**
 * Opens a sealed key; one that is open keeps the reason that was given first.
 * @param by who opens it
 * @throws {ProblemError} 422 where no key is sealed
 */
export function openSeal(
  database: Database,
  ownerId: string,
  id: string,
  by: string,
  { on, reason }: SealOpening,
): Promise<ExperimentRecord> {
  return database.write(async (tables) => {
    const record = await getExperiment(tables, ownerId, id);
    const { experiment } = record;
    if (experiment.plan.seal.openedOn !== null) return record;
    if (!isSealed(experiment)) throw new ProblemError(422, 'No key is sealed here. Nothing was changed.');
    await store(tables, record, openKey(experiment, on, by, reason));
    await remember(tables, ownerId, { what: 'unsealed', experimentId: id, title: experiment.title, detail: reason });
    return getExperiment(tables, ownerId, id);
  });
}

async function store({ models }: Tables, { id, version }: ExperimentRecord, experiment: Experiment): Promise<void> {
  const changed = { version: version + 1, document: asDocument(experiment), changedAt: new Date().toISOString() };
  await models.experiments.update(changed, { where: { id } });
}
