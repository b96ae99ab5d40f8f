import type { QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

/** Photos: what is said of each, and the pictures themselves, which only those who look at them read. */
export const photos: Migration = {
  name: '0007-photos',
  async up(query: QueryInterface) {
    const run = (sql: string) => query.sequelize.query(sql);
    const ofExperiment = 'experimentId TEXT NOT NULL REFERENCES experiments (id) ON DELETE CASCADE';
    await run(
      `CREATE TABLE photos (${ofExperiment}, id TEXT NOT NULL, "on" TEXT NOT NULL, units TEXT NOT NULL, arms TEXT NOT NULL, note TEXT,
       file TEXT NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL, replaces TEXT, withdrawn TINYINT(1) NOT NULL DEFAULT 0,
       PRIMARY KEY (experimentId, id))`,
    );
    await run(
      `CREATE TABLE pictures (${ofExperiment}, file TEXT NOT NULL, bytes BLOB NOT NULL, small BLOB NOT NULL, madeFrom TEXT NOT NULL,
       PRIMARY KEY (experimentId, file))`,
    );
  },
  async down(query: QueryInterface) {
    await query.dropTable('pictures');
    await query.dropTable('photos');
  },
};
