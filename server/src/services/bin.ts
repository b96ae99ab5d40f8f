import { Op } from 'sequelize';
import type { BinLine, ExperimentRecord } from '@fern/contract';
import { notFound } from '../ProblemError';
import { ARRIVING } from '../models/experimentRow';
import type { Database } from '../openDatabase';
import { getExperiment } from './experiments';
import { remember } from './history';
import { removeByPieces } from './removeByPieces';

/** How long what was deleted can be had back. */
const DAYS_KEPT = 30;
const KEPT_MS = DAYS_KEPT * 86_400_000;

const inBin = (ownerId: string) => ({ ownerId, deletedAt: { [Op.not]: null }, version: { [Op.gt]: ARRIVING } });
const titleOf = (document: string) => (JSON.parse(document) as { title: string }).title;

/** Lays an experiment into the bin: it is found nowhere else then. */
export async function deleteExperiment(database: Database, ownerId: string, id: string): Promise<void> {
  await database.write(async (tables) => {
    const { experiment } = await getExperiment(tables, ownerId, id);
    await tables.models.experiments.update({ deletedAt: new Date().toISOString() }, { where: { id } });
    await remember(tables, ownerId, { what: 'deleted', experimentId: id, title: experiment.title });
  });
  database.known.delete(id);
}

/** What lies in the owner's bin, the last deleted first. */
export async function readBin({ models }: Database, ownerId: string): Promise<BinLine[]> {
  const rows = await models.experiments.findAll({
    where: inBin(ownerId),
    order: [['deletedAt', 'DESC']],
    raw: true,
  });
  return rows.map(({ id, document, deletedAt }) => {
    const at = deletedAt ?? '';
    return { id, title: titleOf(document), deletedAt: at, goneAt: new Date(Date.parse(at) + KEPT_MS).toISOString() };
  });
}

/** Takes an experiment out of the bin, with all that was logged. */
export function restoreExperiment(database: Database, ownerId: string, id: string): Promise<ExperimentRecord> {
  return database.write(async (tables) => {
    const [found] = await tables.models.experiments.update({ deletedAt: null }, { where: { id, ...inBin(ownerId) } });
    if (found === 0) throw notFound();
    const record = await getExperiment(tables, ownerId, id);
    await remember(tables, ownerId, { what: 'restored', experimentId: id, title: record.experiment.title });
    return record;
  });
}

/** Takes an experiment out of the bin for good. */
export async function emptyOne(database: Database, ownerId: string, id: string): Promise<void> {
  await database.write(async (tables) => {
    const row = await tables.models.experiments.findOne({ where: { id, ...inBin(ownerId) }, raw: true });
    if (row === null) throw notFound();
    await tables.models.experiments.update({ version: ARRIVING }, { where: { id } });
    await remember(tables, ownerId, { what: 'gone', experimentId: id, title: titleOf(row.document) });
  });
  await removeByPieces(database, id);
}

/** Takes out for good what has lain in the bin for 30 days. */
export async function emptyBin(database: Database, now: number): Promise<void> {
  const before = new Date(now - KEPT_MS).toISOString();
  const old = await database.models.experiments.findAll({
    where: { deletedAt: { [Op.lt]: before } },
    attributes: ['id', 'ownerId'],
    raw: true,
  });
  for (const { id, ownerId } of old) await emptyOne(database, ownerId, id);
}
