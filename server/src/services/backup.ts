import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import sqlite3 from 'sqlite3';
import { checkFile, lockFile } from '../databaseFile';

const DAYS_KEPT = 14;
const DAILY = /^daily-(\d{4}-\d{2}-\d{2})\.sqlite$/;

/**
 * Copies a database into one file, also while a server writes to it: what is committed by then is in the copy, whole.
 * @param file the database
 * @param to a file that is not there yet
 * @throws {DatabaseProblem} where the copy is not sound; it is not kept then
 */
export async function backUp(file: string, to: string): Promise<void> {
  mkdirSync(dirname(to), { recursive: true });
  const part = `${to}.part`;
  rmSync(part, { force: true });
  await runOn(file, `VACUUM INTO '${part.replaceAll("'", "''")}'`);
  try {
    await checkFile(part);
    renameSync(part, to);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
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
 * @throws {DatabaseProblem} where the backup is not sound or a server runs on the database; nothing is changed then
 */
export async function restore(file: string, from: string, stamp: string): Promise<string | null> {
  await checkFile(from);
  mkdirSync(dirname(file), { recursive: true });
  const unlock = await lockFile(file);
  try {
    const kept = existsSync(file) ? `${file}.before-${stamp}` : null;
    const copy = `${file}.part`;
    copyFileSync(from, copy);
    if (kept) for (const end of ['', '-wal', '-shm']) if (existsSync(file + end)) renameSync(file + end, kept + end);
    renameSync(copy, file);
    return kept;
  } finally {
    await unlock();
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
