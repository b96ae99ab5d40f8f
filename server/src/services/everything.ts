import { zipBundle } from '@fern/core';
import { SHOWN } from '../models/experimentRow';
import type { Database } from '../openDatabase';
import { getStudy } from './experiments';
import { remember } from './history';
import { packStudy } from './packages';

/** All experiments of an owner as packages in one .zip, the oldest first. */
export async function packEverything(database: Database, ownerId: string): Promise<Uint8Array> {
  const rows = await database.statements.all<{ id: string }>(`SELECT id FROM experiments WHERE ownerId = ? AND ${SHOWN} ORDER BY id`, [
    ownerId,
  ]);
  const packages: { title: string; bytes: Uint8Array }[] = [];
  for (const { id } of rows) {
    const study = await getStudy(database, ownerId, id);
    packages.push({ title: study.experiment.title, bytes: packStudy(study) });
  }
  await database.write((tables) => remember(tables, ownerId, { what: 'exported', detail: `${packages.length} experiments` }));
  return zipBundle(packages);
}
