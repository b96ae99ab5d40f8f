import {
  copyFileSync,
  existsSync,
  linkSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { runMaintenance } from '../cli/runMaintenance';
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
    expect(await runMaintenance(['backup', backup], file, now)).toMatchObject({ code: 0 });
    await writing;
    await add(database, 'after');
    await database.close();
    writeFileSync(file, 'a stick of memory that was pulled out too early\n'.repeat(500));
    const restored = await runMaintenance(['restore', backup], file, now);
    expect(restored).toMatchObject({ code: 0, say: expect.stringContaining('What stood there before is kept in') });
    const back = await names();
    expect(back).toContain('before');
    expect(back).not.toContain('after');
    expect(readFileSync(`${file}.before-2026-04-14T09-30-00`, 'utf8')).toContain('pulled out too early');
  });

  it('while a server runs on the data nothing is put back', async () => {
    const database = await openDatabase(file);
    await add(database, 'before');
    await runMaintenance(['backup', join(folder, 'b.sqlite')], file, now);
    await add(database, 'after');
    expect(await runMaintenance(['restore', join(folder, 'b.sqlite')], file, now)).toMatchObject({
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
    const answer = await runMaintenance(['restore', from()], file, now);
    expect(answer).toMatchObject({ code: 1, say: expect.stringMatching(words) });
    expect(await names()).toEqual(['here']);
  });

  it('says how it is called', async () => {
    expect(await runMaintenance(['backup'], file, now)).toMatchObject({ code: 1, say: expect.stringContaining('There is no database') });
    expect(await runMaintenance([], file, now)).toMatchObject({ code: 2, say: expect.stringContaining('npm run backup') });
    expect(await runMaintenance(['restore'], file, now)).toMatchObject({ code: 2 });
  });
});

describe('a backup never takes the place of anything', () => {
  const at = (name: string) => join(folder, name);
  it('onto what is there, the database above all, is refused while the server runs; nothing acknowledged is lost and nothing is replaced', async () => {
    const database = await openDatabase(file);
    await add(database, 'before');
    writeFileSync(at('certificate.key'), 'a key');
    expect(await runMaintenance(['backup', at('earlier.sqlite')], file, now)).toMatchObject({ code: 0 });
    symlinkSync(file, at('link.sqlite'));
    linkSync(file, at('second.sqlite'));
    symlinkSync(at('gone'), at('nowhere.sqlite'));
    await add(database, 'after');
    const stood = () =>
      Object.fromEntries(
        readdirSync(folder).map((name) => [name, existsSync(at(name)) ? readFileSync(at(name), 'latin1') : 'leads nowhere']),
      );
    const before = stood();
    for (const [to, words] of [
      [file, 'is the database itself'],
      [join(folder, 'x', '..', 'data.sqlite'), 'is the database itself'],
      [at('link.sqlite'), 'is the database itself'],
      [at('second.sqlite'), 'is the database itself'],
      [`${file}-wal`, 'belongs to the database'],
      [`${file}-shm`, 'belongs to the database'],
      [`${file}-journal`, 'belongs to the database'],
      [`${file}-lock`, 'belongs to the database'],
      [at('certificate.key'), 'is there already'],
      [at('earlier.sqlite'), 'is there already'],
      [at('nowhere.sqlite'), 'is there already'],
      [folder, 'is a folder'],
    ] as const) {
      expect([to, await runMaintenance(['backup', to], file, now)]).toEqual([to, { code: 1, say: expect.stringContaining(words) }]);
      expect(stood()).toEqual(before);
    }
    await add(database, 'last');
    await database.close();
    expect(await names()).toEqual(['after', 'before', 'last']);
  });

  it('a file of one’s own beside the target stays, whatever its name', async () => {
    await (await openDatabase(file)).close();
    writeFileSync(at('mine.sqlite.part'), 'my notes');
    expect(await runMaintenance(['backup', at('mine.sqlite')], file, now)).toMatchObject({ code: 0 });
    expect(readFileSync(at('mine.sqlite.part'), 'utf8')).toBe('my notes');
  });

  it('of two at once onto one name, one is made and one is refused', async () => {
    await (await openDatabase(file)).close();
    const both = await Promise.all([1, 2].map(() => runMaintenance(['backup', at('mine.sqlite')], file, now)));
    expect(both.map(({ code }) => code).sort()).toEqual([0, 1]);
    expect(readdirSync(folder).filter((name) => name.endsWith('.part'))).toEqual([]);
  });
});

describe('what is put back', () => {
  it('is never the database itself', async () => {
    const database = await openDatabase(file);
    await add(database, 'here');
    await database.close();
    expect(await runMaintenance(['restore', file], file, now)).toMatchObject({
      code: 1,
      say: expect.stringContaining('is the database itself'),
    });
    expect(await names()).toEqual(['here']);
  });

  it('comes with what its write-ahead log still holds, as after a kill', async () => {
    const database = await openDatabase(file);
    await add(database, 'in the log');
    const killed = join(folder, 'killed.sqlite');
    for (const end of ['', '-wal']) copyFileSync(file + end, killed + end);
    await add(database, 'later');
    await database.close();
    expect(await runMaintenance(['restore', killed], file, now)).toMatchObject({ code: 0 });
    expect(await names()).toEqual(['in the log']);
  });

  it('keeps what it replaces each time, also twice in a second', async () => {
    const database = await openDatabase(file);
    await add(database, 'first');
    await runMaintenance(['backup', join(folder, 'b.sqlite')], file, now);
    await add(database, 'second');
    await database.close();
    await runMaintenance(['restore', join(folder, 'b.sqlite')], file, now);
    const again = await runMaintenance(['restore', join(folder, 'b.sqlite')], file, now);
    expect(again.say).toContain('data.sqlite.before-2026-04-14T09-30-00-2');
    copyFileSync(`${file}.before-2026-04-14T09-30-00`, file);
    expect(await names()).toEqual(['first', 'second']);
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
