import { itemAt, lastOf } from '@fern/core';
import { v7 as uuid } from 'uuid';
import type { ExperimentRecord, FieldError } from '@fern/contract';
import type { Study } from '@fern/core';
import { ARRIVING, asDocument } from '../models/experimentRow';
import type { Database } from '../openDatabase';
import type { Tables } from '../oneWriter';
import { ProblemError } from '../ProblemError';
import { getExperiment } from './experiments';
import { remember } from './history';
import type { StoredPicture } from './makePicture';
import { insertPicture } from './photos';
import { insertRecords, type RecordTable } from './records';
import { removeByPieces } from './removeByPieces';

/** A study on its way into the database, with the pictures of its photos by their files. */
export interface Arriving {
  readonly study: Study;
  readonly pictures?: ReadonlyMap<string, StoredPicture>;
  /** What in it somebody should look at again. */
  readonly asked?: readonly FieldError[];
}

/** The client's own key for what it sends, with a digest of it: the same again under this key is the same thing. */
export interface Sent {
  readonly key: string;
  readonly digest: string;
}

/** More rows than this are more than one change, so that others' changes come between. */
const ROWS_TOGETHER = 500;

const ROWS_A_PICTURE = 50;

interface Piece {
  readonly rows: number;
  readonly store: (tables: Tables) => Promise<void>;
}

/**
 * Stores new experiments, all of them whole or none. With what was logged where they come from a package. A large one is stored by pieces,
 * and nobody finds it before it is whole; what a server that was stopped meanwhile left of it goes when it starts again.
 * @param sent null where the client gave no key
 * @returns the first of them; under a key that was sent before, that of the first time
 */
export async function createExperiments(
  database: Database,
  ownerId: string,
  arriving: readonly Arriving[],
  what: 'made' | 'imported',
  sent: Sent | null = null,
): Promise<ExperimentRecord> {
  const named = arriving.map((own, i) => ({ ...own, id: i === 0 && sent !== null ? sent.key : uuid() }));
  const at = new Date().toISOString();
  const head = ({ study, id }: (typeof named)[number]): Piece => ({
    rows: 1,
    store: async ({ models }) => {
      const document = asDocument(study.experiment);
      const madeFrom = sent?.digest ?? null;
      await models.experiments.create({ id, ownerId, version: ARRIVING, document, changedAt: at, madeFrom, deletedAt: null });
    },
  });
  const shown = ({ study, id }: (typeof named)[number]): Piece => ({
    rows: 1,
    store: async (tables) => {
      await tables.models.experiments.update({ version: 1 }, { where: { id } });
      await remember(tables, ownerId, { what, experimentId: id, title: study.experiment.title });
    },
  });
  const [changes = [], ...more] = together([
    ...named.map(head),
    ...named.flatMap(({ study, pictures, id }) => [...rowsOf(id, study, at), ...picturesOf(id, pictures)]),
    ...named.map(shown),
  ]);
  const before = await database.write(async (tables) => {
    const stored = sent === null ? null : await storedBefore(tables, ownerId, sent);
    if (stored === null) await storeAll(tables, changes);
    return stored;
  });
  if (before !== null) return before;
  try {
    for (const pieces of more) await database.write((tables) => storeAll(tables, pieces));
  } catch (error) {
    for (const { id } of named) await removeByPieces(database, id);
    throw error;
  }
  const { id, study } = itemAt(named, 0);
  return { id, version: 1, experiment: study.experiment };
}

async function storedBefore(tables: Tables, ownerId: string, sent: Sent): Promise<ExperimentRecord | null> {
  const row = await tables.models.experiments.findByPk(sent.key);
  if (row === null) return null;
  if (row.ownerId !== ownerId || row.madeFrom !== sent.digest)
    throw new ProblemError(409, 'Something else was stored under this key already. Nothing was changed.');
  if (row.version === ARRIVING) throw new ProblemError(409, 'This is being stored already. Wait a little, then load the list again.');
  return getExperiment(tables, ownerId, row.id);
}

/** Each takes as long as many rows. */
function picturesOf(id: string, pictures: Arriving['pictures'] = new Map()): Piece[] {
  return [...pictures].map(([file, picture]) => ({ rows: ROWS_A_PICTURE, store: (tables) => insertPicture(tables, id, file, picture) }));
}

function rowsOf(id: string, { experiment, observations, incidents, care, photos }: Study, at: string): Piece[] {
  const pieces = (table: RecordTable, records: readonly object[], own: (i: number) => Readonly<Record<string, string | number>>) =>
    cut(records).map(({ from, part }): Piece => ({
      rows: part.length,
      store: (tables) => insertRecords(tables, table, part, (i) => ({ experimentId: id, ...own(from + i) })),
    }));
  return [
    ...pieces('units', experiment.units, (position) => ({ position })),
    ...pieces('observations', observations, () => ({ receivedAt: at })),
    ...pieces('incidents', incidents, () => ({})),
    ...pieces('care', care, () => ({})),
    ...pieces('photos', photos, () => ({})),
  ];
}

function cut(records: readonly object[]): { readonly from: number; readonly part: readonly object[] }[] {
  const starts = Array.from({ length: Math.ceil(records.length / ROWS_TOGETHER) }, (_, i) => i * ROWS_TOGETHER);
  return starts.map((from) => ({ from, part: records.slice(from, from + ROWS_TOGETHER) }));
}

/** Pieces that are stored in one change: as many as come to no more than its rows. */
function together(pieces: readonly Piece[]): Piece[][] {
  const changes: Piece[][] = [[]];
  let rows = 0;
  for (const piece of pieces) {
    if (rows + piece.rows > ROWS_TOGETHER && rows > 0) {
      changes.push([]);
      rows = 0;
    }
    lastOf(changes).push(piece);
    rows += piece.rows;
  }
  return changes;
}

async function storeAll(tables: Tables, pieces: readonly Piece[]): Promise<void> {
  for (const piece of pieces) await piece.store(tables);
}
