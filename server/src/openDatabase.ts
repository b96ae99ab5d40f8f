import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize, Transaction } from 'sequelize';
import sqlite3 from 'sqlite3';
import { Umzug, SequelizeStorage } from 'umzug';
import { migrations } from './migrations/index';
import { defineModels, type Models } from './models/index';

export interface Database {
  readonly sequelize: Sequelize;
  readonly models: Models;
  /** Runs everything inside as one transaction: all of it is stored, or none. */
  readonly inTransaction: <T>(work: (transaction: Transaction) => Promise<T>) => Promise<T>;
  readonly close: () => Promise<void>;
}

// FULL: a row that was acknowledged survives a power cut.
const PRAGMAS = 'PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA foreign_keys = ON; PRAGMA busy_timeout = 5000;';

type Done = (error: Error | null) => void;

/** Sequelize opens a connection of its own for every transaction and has no hook for it with SQLite: each sets itself up as it opens. */
class Connection extends sqlite3.Database {
  constructor(file: string, mode: number, done: Done) {
    super(file, mode, (error) => (error ? done(error) : this.exec(PRAGMAS, done)));
  }
}

/** Opens the SQLite file (made if missing) and brings it up to date by the migrations. */
export async function openDatabase(file: string): Promise<Database> {
  mkdirSync(dirname(file), { recursive: true });
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    dialectModule: { ...sqlite3, Database: Connection },
    storage: file,
    logging: false,
    transactionType: Transaction.TYPES.IMMEDIATE,
  });
  const umzug = new Umzug({
    migrations: migrations.map(({ name, up, down }) => ({
      name,
      up: () => up(sequelize.getQueryInterface()),
      down: () => down(sequelize.getQueryInterface()),
    })),
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  });
  await umzug.up();
  return {
    sequelize,
    models: defineModels(sequelize),
    inTransaction: (work) => sequelize.transaction(work),
    close: () => sequelize.close(),
  };
}
