import { QueryTypes, type QueryInterface } from 'sequelize';
import { experimentFields, onRounds, withBlanks } from '@fern/core';
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

type Planned = Parameters<typeof onRounds>[0];
type Unplaced = Parameters<typeof onRounds>[1];

/** As a package is put on walks that names none: the first day fills the walk, a correction belongs where that belongs which it corrects. */
async function placeOnWalks({ sequelize }: QueryInterface): Promise<void> {
  const all = <Row extends object>(sql: string, replacements: Record<string, unknown> = {}) =>
    sequelize.query<Row>(sql, { replacements, type: QueryTypes.SELECT });
  for (const { id, document } of await all<{ id: string; document: string }>('SELECT id, document FROM experiments')) {
    const units = await all<Planned['units'][number]>('SELECT unit AS code, startedOn FROM units WHERE experimentId = :id', { id });
    const readings = await all<Unplaced[number]>(
      'SELECT id, unit, plant, measure, observedOn, replaces FROM observations WHERE experimentId = :id',
      { id },
    );
    const byWalk = new Map<number, string[]>();
    for (const { plannedDay, id: own } of onRounds({ ...withBlanks(experimentFields, JSON.parse(document) as object), units }, readings)) {
      if (plannedDay === null) continue;
      const ids = byWalk.get(plannedDay) ?? [];
      byWalk.set(plannedDay, ids);
      ids.push(own);
    }
    for (const [day, ids] of byWalk)
      await sequelize.query(
        'UPDATE observations SET plannedDay = :day WHERE experimentId = :id AND id IN (SELECT value FROM json_each(:ids))',
        {
          replacements: { day, id, ids: JSON.stringify(ids) },
        },
      );
  }
}
