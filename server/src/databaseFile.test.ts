import { chmodSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sqlite3 from 'sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { DatabaseProblem, inPlainWords, removeDatabase } from './databaseFile';
import { openDatabase } from './openDatabase';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'fern-file-'));
  file = join(folder, 'data.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** The one sentence that whoever starts the server reads. */
async function said(): Promise<string> {
  try {
    await (await openDatabase(file)).close();
  } catch (error) {
    expect(error).toBeInstanceOf(DatabaseProblem);
    return (error as Error).message;
  }
  return 'opened';
}
async function filled(): Promise<void> {
  const database = await openDatabase(file);
  await database.write(({ models }) =>
    Promise.all(
      Array.from({ length: 400 }, (_, i) =>
        models.accounts.create({ id: `id${i}`, name: `name ${i}`, password: 'x'.repeat(200), demo: false, createdAt: '2026' }),
      ),
    ),
  );
  await database.close();
}

describe('a database that cannot be used is told in a sentence, and left as it is', () => {
  it('a new one is made, and opens again', async () => {
    expect([await said(), await said()]).toEqual(['opened', 'opened']);
  });

  it('an empty file where data may have stood', async () => {
    writeFileSync(file, '');
    expect(await said()).toMatch(/is empty\. If it held data, they are gone from it\. Bring back a backup/);
    expect(readFileSync(file)).toHaveLength(0);
  });

  it('text that is no database', async () => {
    writeFileSync(file, 'these are my notes, not a database\n'.repeat(200));
    expect(await said()).toMatch(/is damaged or is no database/);
    expect(readFileSync(file, 'utf8')).toContain('my notes');
  });

  it('half of a database', async () => {
    await filled();
    const whole = readFileSync(file);
    writeFileSync(file, whole.subarray(0, Math.floor(whole.length / 2)));
    expect(await said()).toMatch(/is damaged/);
  });

  it('one whose pages were overwritten', async () => {
    await filled();
    const bytes = readFileSync(file);
    bytes.fill(0xab, 4096 * 3, Math.min(bytes.length, 4096 * 20));
    writeFileSync(file, bytes);
    expect(await said()).toMatch(/is damaged/);
    expect(readFileSync(file).equals(bytes)).toBe(true);
  });

  it('that of another program', async () => {
    await new Promise((done) => new sqlite3.Database(file).exec('CREATE TABLE recipes (name TEXT)', done).close());
    expect(await said()).toMatch(/of another program \(it holds recipes\)\. Nothing was changed/);
  });

  it('one that another server has open, until that one stops', async () => {
    const first = await openDatabase(file);
    expect(await said()).toMatch(/Another Fern Test server is running on/);
    await first.close();
    expect(await said()).toBe('opened');
  });

  it('a folder in the place of the file', async () => {
    mkdirSync(file);
    expect(await said()).toMatch(/cannot be written/);
  });

  it.runIf(process.getuid?.() !== 0)('one that may only be read', async () => {
    await filled();
    chmodSync(file, 0o444);
    expect(await said()).toMatch(/cannot be written/);
  });

  it.each([
    ['SQLITE_READONLY', /cannot be written/],
    ['EACCES', /cannot be written/],
    ['SQLITE_FULL', /disk that holds .* is full/],
    ['ENOSPC', /is full/],
    ['SQLITE_CORRUPT', /is damaged/],
  ])('%s in plain words', (code, words) => {
    const problem = inPlainWords(file, { original: { code } });
    expect(problem).toBeInstanceOf(DatabaseProblem);
    expect(String(problem)).toMatch(words);
  });

  it('what is a fault of ours stays an error with its trace', () => {
    const fault = new TypeError('x is not a function');
    expect(inPlainWords(file, fault)).toBe(fault);
  });
});

it('a database on which a server runs is not taken away; one that nobody uses is', async () => {
  const database = await openDatabase(file);
  await expect(removeDatabase(file)).rejects.toThrow('Another Fern Test server is running');
  await database.close();
  expect(readFileSync(file).length).toBeGreaterThan(0);
  await removeDatabase(file);
  expect(readdirSync(folder)).not.toContain('data.sqlite');
});
