import { existsSync, rmSync, statSync } from 'node:fs';
import { QueryTypes, Sequelize } from 'sequelize';
import sqlite3 from 'sqlite3';

/** Why a database cannot be opened, in a sentence for whoever runs the server, with what to do. */
export class DatabaseProblem extends Error {}

const BACKUP = 'Bring back a backup of it, or keep the data elsewhere with FERN_DATABASE=PATH.';

/** Refuses an empty file: data may have stood there, and a silent new start would hide that they are gone. */
export function checkNotEmpty(file: string): void {
  if (existsSync(file) && statSync(file).size === 0)
    throw new DatabaseProblem(`${file} is empty. If it held data, they are gone from it. ${BACKUP} To begin anew, delete the empty file.`);
}

/** Refuses a database that is damaged, or that is not one of ours. */
export async function checkSound(file: string, sequelize: Sequelize): Promise<void> {
  const [said] = await sequelize.query<{ quick_check: string }>('PRAGMA quick_check(1)', { type: QueryTypes.SELECT });
  if (said?.quick_check !== 'ok') throw damaged(file);
  const rows = await sequelize.query<{ name: string }>(`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'`, {
    type: QueryTypes.SELECT,
  });
  const names = rows.map(({ name }) => name);
  if (names.length > 0 && !names.includes('SequelizeMeta'))
    throw new DatabaseProblem(
      `${file} is a database of another program (it holds ${names.slice(0, 3).join(', ')}). Nothing was changed in it. Keep the data elsewhere with FERN_DATABASE=PATH.`,
    );
}

/**
 * Refuses a file that is no sound database of ours, without opening it for long or changing it.
 * @throws {DatabaseProblem}
 */
export async function checkFile(file: string): Promise<void> {
  if (!existsSync(file)) throw new DatabaseProblem(`There is no file ${file}.`);
  checkNotEmpty(file);
  const sequelize = new Sequelize({
    dialect: 'sqlite',
    storage: file,
    logging: false,
    dialectOptions: { mode: sqlite3.OPEN_READONLY },
  });
  try {
    await checkSound(file, sequelize);
  } catch (error) {
    throw inPlainWords(file, error);
  } finally {
    await sequelize.close();
  }
}

const damaged = (file: string) => new DatabaseProblem(`${file} is damaged or is no database. Nothing was changed in it. ${BACKUP}`);

/** What the database library could not do, in plain words; other errors come back as they are. */
export function inPlainWords(file: string, error: unknown): unknown {
  const code = codeOf(error);
  if (code === 'SQLITE_NOTADB' || code === 'SQLITE_CORRUPT') return damaged(file);
  if (code === 'SQLITE_READONLY' || code === 'SQLITE_CANTOPEN' || code === 'EACCES' || code === 'EROFS')
    return new DatabaseProblem(
      `${file} cannot be written. Give this account the right to write it and its folder, or use FERN_DATABASE=PATH.`,
    );
  if (code === 'SQLITE_FULL' || code === 'ENOSPC')
    return new DatabaseProblem(`The disk that holds ${file} is full. Make room, then start again.`);
  return error;
}

/** The database library's own name for what went wrong; null for what is no error of it. */
export function codeOf(error: unknown): string | null {
  if (typeof error !== 'object' || error === null) return null;
  if ('original' in error) return codeOf(error.original);
  return 'code' in error && typeof error.code === 'string' ? error.code : null;
}

/**
 * Keeps a second server off the same data for as long as this one runs. The lock is the operating system's own, on a file beside the data,
 * so that it goes with the process however that ends.
 * @returns gives the lock back
 * @throws {DatabaseProblem} where another server has it
 */
export function lockFile(file: string): Promise<() => Promise<void>> {
  return new Promise((resolve, reject) => {
    const lock = new sqlite3.Database(`${file}-lock`, (opened) => {
      if (opened) return reject(opened);
      lock.exec('PRAGMA busy_timeout = 1500; PRAGMA journal_mode = MEMORY; BEGIN EXCLUSIVE', (error) => {
        if (!error) return resolve(() => new Promise((done) => lock.close(() => done())));
        lock.close();
        reject(
          codeOf(error) === 'SQLITE_BUSY'
            ? new DatabaseProblem(
                `Another Fern Test server is running on ${file}. Stop it first, or use FERN_DATABASE=PATH for other data.`,
              )
            : error,
        );
      });
    });
  });
}

/**
 * Takes a database away, with what SQLite keeps beside it.
 * @throws {DatabaseProblem} where a server runs on it; nothing is taken away then
 */
export async function removeDatabase(file: string): Promise<void> {
  if (!existsSync(file)) return;
  const unlock = await lockFile(file);
  for (const end of ['', '-wal', '-shm']) rmSync(file + end, { force: true });
  await unlock();
}
