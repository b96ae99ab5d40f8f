import { ARRIVING } from '../models/experimentRow';
import type { Database } from '../openDatabase';

const READINGS_AT_ONCE = 500;

/**
 * Takes an experiment out of the database for good, by pieces, so that others' changes come between. Nobody finds it from the first of
 * them on; what a server that is stopped meanwhile leaves of it goes when it starts again.
 */
export async function removeByPieces(database: Database, id: string): Promise<void> {
  await database.write(({ models }) => models.experiments.update({ version: ARRIVING }, { where: { id } }));
  let more = true;
  while (more)
    more = await database.write(async ({ statements }) => {
      const some = 'SELECT rowid FROM observations WHERE experimentId = ? LIMIT';
      await statements.run(`DELETE FROM observations WHERE rowid IN (${some} ${READINGS_AT_ONCE})`, [id]);
      return (await statements.all(`${some} 1`, [id])).length > 0;
    });
  await database.write(({ models }) => models.experiments.destroy({ where: { id } }));
}
