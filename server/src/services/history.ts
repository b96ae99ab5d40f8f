import { v7 as uuid } from 'uuid';
import type { ActivityKind, HistoryLine } from '@fern/contract';
import type { Database } from '../openDatabase';
import type { Tables } from '../oneWriter';

const MOST_TOLD = 500;

interface Done {
  readonly what: ActivityKind;
  readonly experimentId?: string;
  readonly title?: string;
  readonly detail?: string;
}

/** Writes into the owner's log what is done; part of the change itself, so that neither is without the other. */
export async function remember({ statements }: Tables, accountId: string, done: Done): Promise<void> {
  const at = new Date().toISOString();
  // Of a draft that saves itself all the time, one line a day is enough.
  if (done.what === 'changed') {
    const today = await statements.all(
      `SELECT 1 FROM history WHERE accountId = ? AND experimentId = ? AND at >= ? AND what IN ('changed', 'made') LIMIT 1`,
      [accountId, done.experimentId ?? '', at.slice(0, 10)],
    );
    if (today.length > 0) return;
  }
  const row = { id: uuid(), accountId, experimentId: null, title: null, detail: null, at, ...done };
  await statements.insert('history', ['id', 'accountId', 'experimentId', 'title', 'at', 'what', 'detail'], [row]);
}

/** The owner's log, the newest first. */
export async function readHistory({ models }: Database, accountId: string): Promise<HistoryLine[]> {
  const rows = await models.history.findAll({ where: { accountId }, order: [['id', 'DESC']], limit: MOST_TOLD, raw: true });
  return rows.map(({ accountId: _own, ...line }) => line);
}
