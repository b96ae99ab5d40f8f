import { packColumns, zipBundle } from '@fern/core';
import { SHOWN } from '../models/experimentRow';
import type { Tables } from '../oneWriter';
import { getStudy } from './experiments';
import { packStudy } from './packages';

/** What is read whole and sent as it is: a study, its package, or all packages of an owner. */
export type Wanted =
  | { readonly what: 'study' | 'columns' | 'package'; readonly ownerId: string; readonly id: string }
  | { readonly what: 'everything'; readonly ownerId: string };

/** As it goes over the network: JSON, or a .zip. */
export async function studyBytes(tables: Tables, wanted: Wanted): Promise<Uint8Array> {
  if (wanted.what === 'everything') return packEverything(tables, wanted.ownerId);
  const study = await getStudy(tables, wanted.ownerId, wanted.id);
  if (wanted.what === 'package') return packStudy(study);
  // As columns the readings come in a tenth of the size, which is how a page of 100,000 opens without a pause.
  const sent = wanted.what === 'columns' ? { ...study, observations: packColumns(study.observations) } : study;
  return new TextEncoder().encode(JSON.stringify(sent));
}

/** All experiments of an owner as packages in one .zip, the oldest first. */
async function packEverything(tables: Tables, ownerId: string): Promise<Uint8Array> {
  const packages: { title: string; bytes: Uint8Array }[] = [];
  for (const id of await experimentsOf(tables, ownerId)) {
    const study = await getStudy(tables, ownerId, id);
    packages.push({ title: study.experiment.title, bytes: packStudy(study) });
  }
  return zipBundle(packages);
}

/** Their ids, the oldest first. */
export async function experimentsOf({ statements }: Tables, ownerId: string): Promise<string[]> {
  const rows = await statements.all<{ id: string }>(`SELECT id FROM experiments WHERE ownerId = ? AND ${SHOWN} ORDER BY id`, [ownerId]);
  return rows.map(({ id }) => id);
}
