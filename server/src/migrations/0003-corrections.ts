import type { QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

/** What corrects a reading is found without looking through the others. */
export const corrections: Migration = {
  name: '0003-corrections',
  async up(query: QueryInterface) {
    await query.sequelize.query('CREATE INDEX observations_replaces ON observations (experimentId, replaces) WHERE replaces IS NOT NULL');
  },
  async down(query: QueryInterface) {
    await query.sequelize.query('DROP INDEX observations_replaces');
  },
};
