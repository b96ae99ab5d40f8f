import { packColumns, zipBundle, itemAt } from '@fern/core';
import { inFormerNames } from '../formerNames';
import { SHOWN } from '../models/experimentRow';
import type { Tables } from '../oneWriter';
import { ProblemError } from '../ProblemError';
import { getStudy } from './experiments';
import { zipStudy } from './packages';

/** What all pictures of an owner may come to, to be taken out in one file. */
const MOST_TOGETHER = 200 * 1024 * 1024;

/** What is read whole and sent as it is: a study, its package, or all packages of an owner. */
export type Wanted =
  | {
      readonly what: 'study' | 'columns' | 'package';
      readonly ownerId: string;
      readonly id: string;
      /** In the names of the version before. */
      readonly former?: boolean;
    }
  | { readonly what: 'everything'; readonly ownerId: string };

/** As it goes over the network: JSON, or a .zip. */
export async function studyBytes(tables: Tables, wanted: Wanted): Promise<Uint8Array> {
  if (wanted.what === 'everything') return packEverything(tables, wanted.ownerId);
  const study = await getStudy(tables, wanted.ownerId, wanted.id);
  if (wanted.what === 'package') return zipStudy(study, await picturesOf(tables, wanted.id));
  // As columns the readings come in a tenth of the size, which is how a page of 100,000 opens without a pause.
  const packed = wanted.what === 'columns' ? { ...study, observations: packColumns(study.observations) } : study;
  const sent = wanted.former ? inFormerNames(packed) : packed;
  return new TextEncoder().encode(JSON.stringify(sent));
}

async function picturesOf({ statements }: Tables, id: string): Promise<Map<string, Uint8Array>> {
  const rows = await statements.all<{ file: string; bytes: Buffer }>(
    'SELECT file, bytes FROM pictures WHERE experimentId = ? ORDER BY file',
    [id],
  );
  return new Map(rows.map(({ file, bytes }) => [file, bytes]));
}

/** All of it is put together in memory. */
async function checkTogether({ statements }: Tables, ownerId: string): Promise<void> {
  const { total } = itemAt(
    await statements.all<{ total: number }>(
      `SELECT coalesce(sum(length(bytes)), 0) AS total FROM pictures WHERE experimentId IN (SELECT id FROM experiments WHERE ownerId = ? AND ${SHOWN})`,
      [ownerId],
    ),
    0,
  );
  if (total <= MOST_TOGETHER) return;
  throw new ProblemError(
    413,
    'Your photos come to more than fits into one file. Take out each experiment by itself: “Data” on its last page.',
  );
}

/** All experiments of an owner as packages in one .zip, the oldest first. */
async function packEverything(tables: Tables, ownerId: string): Promise<Uint8Array> {
  await checkTogether(tables, ownerId);
  const packages: { title: string; bytes: Uint8Array }[] = [];
  for (const id of await experimentsOf(tables, ownerId)) {
    const study = await getStudy(tables, ownerId, id);
    packages.push({ title: study.experiment.title, bytes: zipStudy(study, await picturesOf(tables, id)) });
  }
  return zipBundle(packages);
}

/** Their ids, the oldest first. */
export async function experimentsOf({ statements }: Tables, ownerId: string): Promise<string[]> {
  const rows = await statements.all<{ id: string }>(`SELECT id FROM experiments WHERE ownerId = ? AND ${SHOWN} ORDER BY id`, [ownerId]);
  return rows.map(({ id }) => id);
}
