import { QueryTypes, type QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

const columns =
  'experimentId, id, unit, plant, measure, observedOn, value, category, observer, blinded, source, note, replaces, receivedAt';

/**
 * Readings name the walk that they were taken for, and may say why they have no value; those that are there are put on their walks by their
 * days. What happened can be mended, a loss has a day.
 */
export const realLife: Migration = {
  name: '0005-real-life',
  async up(query: QueryInterface) {
    const run = (sql: string) => query.sequelize.query(sql);
    // A column that may be empty from now on needs its table made anew.
    await run('DROP TRIGGER observations_stay');
    await run('DROP TRIGGER observations_know_their_unit');
    await run('ALTER TABLE observations RENAME TO observations_before');
    await run(
      `CREATE TABLE observations (experimentId TEXT NOT NULL REFERENCES experiments (id) ON DELETE CASCADE, id TEXT NOT NULL, unit TEXT NOT NULL,
       plant TEXT, measure TEXT NOT NULL, observedOn TEXT NOT NULL, plannedDay DOUBLE, moment TEXT, value DOUBLE, absent TEXT, category TEXT,
       observer TEXT, blinded TINYINT(1) NOT NULL, source TEXT NOT NULL, note TEXT, replaces TEXT, receivedAt TEXT NOT NULL,
       PRIMARY KEY (experimentId, id))`,
    );
    await run(`INSERT INTO observations (${columns}) SELECT ${columns} FROM observations_before`);
    await run('DROP TABLE observations_before');
    await placeOnWalks(query);
    await run(`ALTER TABLE happenings ADD COLUMN effect TEXT NOT NULL DEFAULT ''`);
    await run('ALTER TABLE happenings ADD COLUMN replaces TEXT');
    await run('ALTER TABLE happenings ADD COLUMN withdrawn TINYINT(1) NOT NULL DEFAULT 0');
    await run('ALTER TABLE units ADD COLUMN lostOn TEXT');
    await run('ALTER TABLE units ADD COLUMN "group" TEXT');
    await run('CREATE INDEX observations_of_walks ON observations (experimentId, measure, plannedDay, unit)');
    await run('CREATE INDEX observations_replaces ON observations (experimentId, replaces) WHERE replaces IS NOT NULL');
    await run(
      `CREATE TRIGGER observations_know_their_unit BEFORE INSERT ON observations
       WHEN NOT EXISTS (SELECT 1 FROM units WHERE experimentId = NEW.experimentId AND unit = NEW.unit)
       BEGIN SELECT RAISE(ABORT, 'no such unit'); END`,
    );
    await run(
      `CREATE TRIGGER observations_stay BEFORE UPDATE OF ${columns.replace(' observer,', '')}, plannedDay, moment, absent ON observations
       BEGIN SELECT RAISE(ABORT, 'observations are appended, never changed'); END`,
    );
  },
  async down() {
    await Promise.reject(
      new Error('A reading without a value has no place in the tables before this. Take a backup from before the update.'),
    );
  },
};

interface Planned {
  readonly startedOn: string | null;
  readonly measures: readonly { readonly measure: string; readonly readingDays: readonly number[] }[];
}

/** A reading belongs to the planned day on or before its own. */
async function placeOnWalks({ sequelize }: QueryInterface): Promise<void> {
  const rows = await sequelize.query<{ id: string; document: string }>('SELECT id, document FROM experiments', { type: QueryTypes.SELECT });
  for (const { id, document } of rows) {
    const { startedOn, measures } = JSON.parse(document) as Planned;
    for (const { measure, readingDays } of measures) {
      const day = `julianday(substr(observedOn, 1, 10)) - julianday(coalesce((SELECT startedOn FROM units u WHERE u.experimentId = observations.experimentId
        AND u.unit = observations.unit), :startedOn))`;
      await sequelize.query(
        `UPDATE observations SET plannedDay = (SELECT max(value) FROM json_each(:days) WHERE value <= ${day})
         WHERE experimentId = :id AND measure = :measure`,
        { replacements: { id, measure, startedOn, days: JSON.stringify(readingDays) } },
      );
    }
  }
}
