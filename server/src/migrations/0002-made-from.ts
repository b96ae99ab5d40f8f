import { DataTypes, type QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

/** What an experiment was made from: a digest of what the client sent under its key, so that the same again is the same one. */
export const madeFrom: Migration = {
  name: '0002-made-from',
  async up(query: QueryInterface) {
    await query.addColumn('experiments', 'madeFrom', { type: DataTypes.TEXT, allowNull: true });
  },
  async down(query: QueryInterface) {
    // Sequelize would make the table anew, and with it lose what hangs on it.
    await query.sequelize.query('ALTER TABLE experiments DROP COLUMN madeFrom');
  },
};
