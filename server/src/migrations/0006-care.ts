import type { QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

/** Care is of several units or arms, can be mended and withdrawn, and may be a step of the plan that was done. */
export const care: Migration = {
  name: '0006-care',
  async up(query: QueryInterface) {
    const run = (sql: string) => query.sequelize.query(sql);
    await run('ALTER TABLE care RENAME TO care_before');
    await run(
      `CREATE TABLE care (experimentId TEXT NOT NULL REFERENCES experiments (id) ON DELETE CASCADE, id TEXT NOT NULL, "on" TEXT NOT NULL,
       units TEXT NOT NULL, arms TEXT NOT NULL, kind TEXT NOT NULL, amount DOUBLE, amountUnit TEXT, note TEXT, step TEXT, replaces TEXT,
       withdrawn TINYINT(1) NOT NULL DEFAULT 0, PRIMARY KEY (experimentId, id))`,
    );
    await run(
      `INSERT INTO care (experimentId, id, "on", units, arms, kind, amount, amountUnit, note)
       SELECT experimentId, id, "on", iif(unit IS NULL, '[]', json_array(unit)),
              iif(arm IS NULL OR unit IS NOT NULL, '[]', json_array(arm)), kind, amount, amountUnit, note FROM care_before`,
    );
    await run('DROP TABLE care_before');
  },
  async down() {
    await Promise.reject(new Error('Care of several units has no place in the table before this. Take a backup from before the update.'));
  },
};
