import { DataTypes, type QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

const text = { type: DataTypes.TEXT, allowNull: false };
const maybe = { type: DataTypes.TEXT, allowNull: true };

const stay = (columns: string) =>
  `CREATE TRIGGER observations_stay BEFORE UPDATE ${columns} ON observations
   BEGIN SELECT RAISE(ABORT, 'observations are appended, never changed'); END`;

/** A bin for deleted experiments, a log of what was done that its owner can read, and a way to take a person's name out of readings. */
export const binAndHistory: Migration = {
  name: '0004-bin-and-history',
  async up(query: QueryInterface) {
    await query.addColumn('experiments', 'deletedAt', maybe);
    await query.createTable('history', {
      id: { ...text, primaryKey: true },
      accountId: { ...text, references: { model: 'accounts', key: 'id' }, onDelete: 'CASCADE' },
      experimentId: maybe,
      title: maybe,
      at: text,
      what: text,
      detail: maybe,
    });
    await query.addIndex('history', ['accountId', 'at']);
    await query.sequelize.query('DROP TRIGGER observations_stay');
    await query.sequelize.query(
      stay('OF experimentId, id, unit, plant, measure, observedOn, value, category, blinded, source, note, replaces, receivedAt'),
    );
  },
  async down(query: QueryInterface) {
    await query.sequelize.query('DROP TRIGGER observations_stay');
    await query.sequelize.query(stay(''));
    await query.dropTable('history');
    await query.sequelize.query('ALTER TABLE experiments DROP COLUMN deletedAt');
  },
};
