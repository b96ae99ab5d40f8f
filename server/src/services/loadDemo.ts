import { v7 as uuid } from 'uuid';
import { demoAccounts, demoExperiments, demoPictures, demoStudy } from '@fern/demo';
import type { Database } from '../openDatabase';
import { createExperiments } from './create';
import { drawPictures } from './makePicture';
import { hashPassword } from './passwords';

/** Fills an empty database with the demo: its accounts and their experiments, placed around today. A database with accounts is left as it is. */
export async function loadDemo(database: Database, today = new Date().toISOString().slice(0, 10)): Promise<void> {
  if ((await database.models.accounts.count()) > 0) return;
  for (const name of demoAccounts) {
    const id = uuid();
    // Nobody needs the password: the demo has one-click entries.
    const account = { id, name, password: await hashPassword(uuid()), demo: true, createdAt: new Date().toISOString() };
    await database.write(({ models }) => models.accounts.create(account));
    for (const { account, demo } of demoExperiments) {
      if (account !== name) continue;
      const study = demoStudy(demo, today);
      await createExperiments(database, id, [{ study, pictures: await drawPictures(demoPictures(demo, study)) }], 'made');
    }
  }
}
