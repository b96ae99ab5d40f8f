import { itemAt } from '@fern/core';
import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { Sequelize } from 'sequelize';
import sqlite3 from 'sqlite3';
import { Umzug, SequelizeStorage } from 'umzug';
import type { ExperimentRecord } from '@fern/contract';
import { checkNotEmpty, checkSound, inPlainWords, lockFile } from './databaseFile';
import { ARRIVING } from './models/experimentRow';
import { migrations } from './migrations/index';
import { defineModels } from './models/index';
import { oneWriter, type Tables, type Work } from './oneWriter';
import { statementsOf } from './statements';

/** The tables for whoever only reads, and the one way to change them. */
export interface Database extends Tables {
  readonly file: string;
  /** For what takes long to read, so that short reads do not wait behind it. */
  readonly long: Tables;
  /** Runs everything inside as one change: all of it is stored, or none. */
  readonly write: <T>(work: Work<T>) => Promise<T>;
  readonly close: () => Promise<void>;
}

// FULL: a row that was acknowledged survives a power cut.
const WRITING =
  'PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA foreign_keys = ON; PRAGMA secure_delete = ON; PRAGMA busy_timeout = 5000;';
const READING = 'PRAGMA query_only = ON; PRAGMA busy_timeout = 5000;';

type Done = (error: Error | null) => void;

/** Sequelize has no hook for a new SQLite connection: each sets itself up as it opens. It opens one. */
async function connect(file: string, pragmas: string): Promise<Pick<Tables, 'sequelize' | 'statements'>> {
  const opened: sqlite3.Database[] = [];
  class Connection extends sqlite3.Database {
    constructor(name: string, mode: number, done: Done) {
      super(name, mode, (error) => (error ? done(error) : this.exec(pragmas, done)));
      opened.push(this);
    }
  }
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    dialectModule: { ...sqlite3, Database: Connection },
    storage: file,
    logging: false,
  });
  await sequelize.authenticate();
  return { sequelize, statements: statementsOf(itemAt(opened, 0)) };
}

/** The tables of a database that is open already, for one more who only reads. */
export async function openReader(file: string, known: Tables['known'] = new Map()): Promise<Tables> {
  const reader = await connect(file, READING);
  return { ...reader, models: defineModels(reader.sequelize), known };
}

/**
 * Opens the SQLite file (made if missing) and brings it up to date by the migrations.
 * @throws {DatabaseProblem} where it cannot be used, and then nothing was changed in it
 */
export async function openDatabase(file: string): Promise<Database> {
  try {
    mkdirSync(dirname(file), { recursive: true });
    checkNotEmpty(file);
    const unlock = await lockFile(file);
    try {
      return await openLocked(file, unlock);
    } catch (error) {
      await unlock();
      throw error;
    }
  } catch (error) {
    throw inPlainWords(file, error);
  }
}

async function openLocked(file: string, unlock: () => Promise<void>): Promise<Database> {
  const writer = await connect(file, WRITING);
  const writing = writer.sequelize;
  await checkSound(file, writing);
  /** A migration is made whole or not at all. */
  const whole = async (change: () => Promise<void>) => {
    await writer.statements.run('BEGIN IMMEDIATE');
    try {
      await change();
      await writer.statements.run('COMMIT');
    } catch (error) {
      await writer.statements.run('ROLLBACK');
      throw error;
    }
  };
  const umzug = new Umzug({
    migrations: migrations.map(({ name, up, down }) => ({
      name,
      up: () => whole(() => up(writing.getQueryInterface())),
      down: () => whole(() => down(writing.getQueryInterface())),
    })),
    storage: new SequelizeStorage({ sequelize: writing }),
    logger: undefined,
  });
  await umzug.up();
  await writer.statements.run('DELETE FROM experiments WHERE version = ?', [ARRIVING]);
  const known = new Map<string, ExperimentRecord>();
  const reader = await openReader(file, known);
  const long = await openReader(file, known);
  return {
    ...reader,
    file,
    long,
    write: oneWriter({ ...writer, models: defineModels(writing), known }),
    close: async () => {
      for (const { statements, sequelize } of [reader, long, writer]) {
        await statements.close();
        await sequelize.close();
      }
      await unlock();
    },
  };
}
