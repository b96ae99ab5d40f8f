import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { keep } from '../cli/keep';
import { openDatabase, type Database } from '../openDatabase';
import { backUpDaily } from './backup';

let folder: string;
let file: string;
const now = new Date('2026-04-14T09:30:00Z');
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'fern-backup-'));
  file = join(folder, 'data.sqlite');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const add = (database: Database, name: string) =>
  database.write(({ models }) => models.accounts.create({ id: name, name, password: '', demo: false, createdAt: '2026' }));
function made(text: string): string {
  writeFileSync(join(folder, 'backup.sqlite'), text);
  return join(folder, 'backup.sqlite');
}
async function names(): Promise<string[]> {
  const database = await openDatabase(file);
  const rows = await database.models.accounts.findAll({ order: [['name', 'ASC']] });
  await database.close();
  return rows.map(({ name }) => name);
}

describe('a way back', () => {
  it('the drill: a backup while people write, the data are damaged, the backup is put back, the old is kept', async () => {
    const database = await openDatabase(file);
    await add(database, 'before');
    const writing = Promise.all(Array.from({ length: 50 }, (_, i) => add(database, `during ${i}`)));
    const backup = join(folder, 'mine.sqlite');
    expect(await keep(['backup', backup], file, now)).toMatchObject({ code: 0 });
    await writing;
    await add(database, 'after');
    await database.close();
    writeFileSync(file, 'a stick of memory that was pulled out too early\n'.repeat(500));
    const restored = await keep(['restore', backup], file, now);
    expect(restored).toMatchObject({ code: 0, say: expect.stringContaining('What stood there before is kept in') });
    const back = await names();
    expect(back).toContain('before');
    expect(back).not.toContain('after');
    expect(readFileSync(`${file}.before-2026-04-14T09-30-00`, 'utf8')).toContain('pulled out too early');
  });

  it('while a server runs on the data nothing is put back', async () => {
    const database = await openDatabase(file);
    await add(database, 'before');
    await keep(['backup', join(folder, 'b.sqlite')], file, now);
    await add(database, 'after');
    expect(await keep(['restore', join(folder, 'b.sqlite')], file, now)).toMatchObject({
      code: 1,
      say: expect.stringContaining('Another Fern Test server is running'),
    });
    await database.close();
    expect(await names()).toEqual(['after', 'before']);
  });

  it.each<[string, () => string, RegExp]>([
    ['is not there', () => join(folder, 'nowhere.sqlite'), /There is no file/],
    ['is damaged', () => made('notes'.repeat(500)), /is damaged or is no database/],
    ['is empty', () => made(''), /is empty/],
  ])('a backup that %s changes nothing', async (_, from, words) => {
    const database = await openDatabase(file);
    await add(database, 'here');
    await database.close();
    const answer = await keep(['restore', from()], file, now);
    expect(answer).toMatchObject({ code: 1, say: expect.stringMatching(words) });
    expect(await names()).toEqual(['here']);
  });

  it('says how it is called', async () => {
    expect(await keep([], file, now)).toMatchObject({ code: 2, say: expect.stringContaining('npm run backup') });
    expect(await keep(['restore'], file, now)).toMatchObject({ code: 2 });
  });
});

describe('each day', () => {
  it('one backup is made, and 14 days of them are kept; others are left alone', async () => {
    const database = await openDatabase(file);
    const backups = join(folder, 'backups');
    mkdirSync(backups);
    for (const name of ['daily-2026-03-30.sqlite', 'daily-2026-03-31.sqlite', 'daily-2026-04-01.sqlite', 'mine.sqlite'])
      writeFileSync(join(backups, name), '');
    expect(await backUpDaily(file, backups, '2026-04-14')).toBe(true);
    expect(await backUpDaily(file, backups, '2026-04-14')).toBe(false);
    expect(readdirSync(backups).sort()).toEqual(['daily-2026-04-01.sqlite', 'daily-2026-04-14.sqlite', 'mine.sqlite']);
    await database.close();
    expect(existsSync(join(backups, 'daily-2026-04-14.sqlite.part'))).toBe(false);
  });
});
