import { DataTypes, type QueryInterface } from 'sequelize';
import type { Migration } from './Migration';

const text = { type: DataTypes.TEXT, allowNull: false };
const maybe = { type: DataTypes.TEXT, allowNull: true };
const number = { type: DataTypes.DOUBLE, allowNull: true };
const id = { type: DataTypes.TEXT, primaryKey: true, allowNull: false };
const experiment = { ...text, references: { model: 'experiments', key: 'id' }, onDelete: 'CASCADE' };

/** Accounts, sessions, and experiments with their units, readings, events and care. */
export const start: Migration = {
  name: '0001-start',
  async up(query: QueryInterface) {
    await query.createTable('accounts', {
      id,
      name: { ...text, unique: true },
      password: text,
      demo: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
      createdAt: text,
    });
    await query.createTable('sessions', {
      digest: id,
      accountId: { ...text, references: { model: 'accounts', key: 'id' }, onDelete: 'CASCADE' },
      expiresAt: text,
    });
    await query.createTable('experiments', {
      id,
      ownerId: { ...text, references: { model: 'accounts', key: 'id' }, onDelete: 'CASCADE' },
      version: { type: DataTypes.INTEGER, allowNull: false },
      document: text,
      changedAt: text,
    });
    await query.createTable('units', {
      experimentId: { ...experiment, primaryKey: true },
      unit: id,
      position: { type: DataTypes.INTEGER, allowNull: false },
      arm: text,
      block: maybe,
      container: maybe,
      row: { type: DataTypes.INTEGER, allowNull: true },
      column: { type: DataTypes.INTEGER, allowNull: true },
      sown: { type: DataTypes.INTEGER, allowNull: true },
      lot: maybe,
      startedOn: maybe,
      status: text,
      statusReason: maybe,
    });
    await query.createTable('observations', {
      experimentId: { ...experiment, primaryKey: true },
      id,
      unit: text,
      plant: maybe,
      measure: text,
      observedOn: text,
      value: { ...number, allowNull: false },
      category: maybe,
      observer: maybe,
      blinded: { type: DataTypes.BOOLEAN, allowNull: false },
      source: text,
      note: maybe,
      replaces: maybe,
      receivedAt: text,
    });
    await query.createTable('happenings', {
      experimentId: { ...experiment, primaryKey: true },
      id,
      on: text,
      kind: text,
      arms: text,
      units: text,
      note: text,
    });
    await query.createTable('care', {
      experimentId: { ...experiment, primaryKey: true },
      id,
      on: text,
      unit: maybe,
      arm: maybe,
      kind: text,
      amount: number,
      amountUnit: maybe,
      note: maybe,
    });
    await query.addIndex('experiments', ['ownerId', 'changedAt']);
    await query.addIndex('sessions', ['accountId']);
    // What Today asks: how many units of a measure were read on a date.
    await query.addIndex('observations', ['experimentId', 'measure', 'observedOn', 'unit']);
    // A reading belongs to a unit of its own experiment, and is never changed once it is there.
    await query.sequelize.query(
      `CREATE TRIGGER observations_know_their_unit BEFORE INSERT ON observations
       WHEN NOT EXISTS (SELECT 1 FROM units WHERE experimentId = NEW.experimentId AND unit = NEW.unit)
       BEGIN SELECT RAISE(ABORT, 'no such unit'); END`,
    );
    await query.sequelize.query(
      `CREATE TRIGGER observations_stay BEFORE UPDATE ON observations BEGIN SELECT RAISE(ABORT, 'observations are appended, never changed'); END`,
    );
  },
  async down(query: QueryInterface) {
    for (const table of ['care', 'happenings', 'observations', 'units', 'experiments', 'sessions', 'accounts'])
      await query.dropTable(table);
  },
};
