import {
  closeSync,
  existsSync,
  fsyncSync,
  lstatSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import sqlite3 from 'sqlite3';
import { checkFile, codeOf, DatabaseProblem, lockFile } from '../databaseFile';

const DAYS_KEPT = 14;
const DAILY = /^daily-(\d{4}-\d{2}-\d{2})\.sqlite$/;

/** What SQLite and the server keep beside a database under its name. */
const BESIDE = ['-wal', '-shm', '-journal', '-lock'];
const ANOTHER = 'Nothing was changed. Name a file that is not there yet.';

/**
 * Copies a database into one file, also while a server writes to it: what is committed by then is in the copy, whole.
 * @param file the database
 * @param to a file that is not there yet
 * @throws {DatabaseProblem} where there is no database, where something stands in the target’s place, and where the copy is not sound; it is not kept then
 */
export async function backUp(file: string, to: string): Promise<void> {
  if (!existsSync(file)) throw new DatabaseProblem(`There is no database ${file} yet, so there is nothing to keep.`);
  checkFree(file, to);
  mkdirSync(dirname(to), { recursive: true });
  await copied(file, to, (copy) => {
    // Whoever makes a file of this name first has it.
    try {
      closeSync(openSync(to, 'wx'));
    } catch (error) {
      throw codeOf(error) === 'EEXIST' ? isThere(to) : error;
    }
    renameSync(copy, to);
  });
}

/** Refuses a target that is there, or that the database would take for its own. */
function checkFree(file: string, to: string): void {
  if (isSame(file, to)) throw new DatabaseProblem(`${to} is the database itself. FILE is where the backup goes. ${ANOTHER}`);
  if (BESIDE.some((end) => resolve(to) === resolve(file + end)))
    throw new DatabaseProblem(`${to} belongs to the database ${file}. FILE is where the backup goes. ${ANOTHER}`);
  const there = lstatSync(to, { throwIfNoEntry: false });
  if (there?.isDirectory()) throw new DatabaseProblem(`${to} is a folder. ${ANOTHER}`);
  if (there) throw isThere(to);
}

const isThere = (to: string) => new DatabaseProblem(`${to} is there already, and a backup takes the place of nothing. ${ANOTHER}`);

/** Whether two paths lead to one file, also by a link. */
function isSame(one: string, other: string): boolean {
  if (resolve(one) === resolve(other)) return true;
  const [a, b] = [one, other].map((path) => statSync(path, { throwIfNoEntry: false }));
  return a !== undefined && b !== undefined && a.dev === b.dev && a.ino === b.ino;
}

/**
 * Copies a database with what its write-ahead log holds, in a folder of its own beside the place where it is to go.
 * @param place puts the copy there, once it is known to be sound and is on the disk
 */
async function copied(file: string, to: string, place: (copy: string) => void): Promise<void> {
  const folder = mkdtempSync(`${to}.part-`);
  try {
    const copy = join(folder, 'copy');
    await runOn(file, `VACUUM INTO '${copy.replaceAll("'", "''")}'`);
    await checkFile(copy);
    const handle = openSync(copy, 'r+');
    fsyncSync(handle);
    closeSync(handle);
    place(copy);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/**
 * The backup of a day, where there is none yet; those of more than 14 days ago go.
 * @param today calendar date
 * @returns whether one was made
 */
export async function backUpDaily(file: string, folder: string, today: string): Promise<boolean> {
  const to = join(folder, `daily-${today}.sqlite`);
  const fresh = !existsSync(to);
  if (fresh) await backUp(file, to);
  const days = readdirSync(folder).flatMap((name) => DAILY.exec(name)?.[1] ?? []);
  const oldest = new Date(Date.parse(today) - DAYS_KEPT * 86_400_000).toISOString().slice(0, 10);
  for (const day of days) if (day <= oldest) rmSync(join(folder, `daily-${day}.sqlite`));
  return fresh;
}

/**
 * Puts a backup in the place of a database. What stood there is kept beside it.
 * @param stamp names what is kept, as a time of day
 * @returns where the old data are; null where there were none
 * @throws {DatabaseProblem} where the backup is the database itself or is not sound, or a server runs on the database; nothing is changed then
 */
export async function restore(file: string, from: string, stamp: string): Promise<string | null> {
  if (isSame(file, from))
    throw new DatabaseProblem(`${from} is the database itself. Nothing was changed. FILE is the backup that is put back.`);
  await checkFile(from);
  mkdirSync(dirname(file), { recursive: true });
  const unlock = await lockFile(file);
  try {
    const kept = existsSync(file) ? freeName(`${file}.before-${stamp}`) : null;
    await copied(from, file, (copy) => {
      if (kept !== null) for (const end of ['', '-wal', '-shm']) if (existsSync(file + end)) renameSync(file + end, kept + end);
      renameSync(copy, file);
    });
    return kept;
  } finally {
    await unlock();
  }
}

/** The name itself, or with the first number that makes it new. */
function freeName(name: string): string {
  for (let count = 1; ; count++) {
    const free = count === 1 ? name : `${name}-${count}`;
    if (!existsSync(free)) return free;
  }
}

/** Runs one statement on a database that is only read. */
function runOn(file: string, sql: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const database = new sqlite3.Database(file, sqlite3.OPEN_READONLY, (opened) => {
      if (opened) return reject(opened);
      database.exec(sql, (error) => database.close(() => (error ? reject(error) : resolve())));
    });
  });
}
