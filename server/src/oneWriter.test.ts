import { itemAt } from '@fern/core';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { openDatabase, type Database } from './openDatabase';
import type { Tables } from './oneWriter';

let folder: string;
let database: Database;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'fern-writer-'));
  database = await openDatabase(join(folder, 'data.sqlite'));
});
afterEach(async () => {
  await database.close();
  rmSync(folder, { recursive: true, force: true });
});

const account = (name: string) => ({ id: name, name, password: '', demo: false, createdAt: '2026-04-01' });
const add = (name: string) => database.write(({ models }) => models.accounts.create(account(name)));
const names = async ({ models }: Pick<Tables, 'models'> = database) =>
  (await models.accounts.findAll({ order: [['name', 'ASC']] })).map(({ name }) => name);

describe('the one writer', () => {
  it('stores what many bring at once, each whole', async () => {
    const wanted = Array.from({ length: 250 }, (_, i) => `a${String(i).padStart(3, '0')}`);
    await Promise.all(wanted.map(add));
    expect(await names()).toEqual(wanted);
  });

  it('makes changes one after another: each sees what the one before it did', async () => {
    const counts = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        database.write(async ({ models }) => {
          await models.accounts.create(account(`b${i}`));
          return models.accounts.count();
        }),
      ),
    );
    expect(counts).toEqual(Array.from({ length: 40 }, (_, i) => i + 1));
  });

  it('a change that fails takes back itself alone, to its last row', async () => {
    const results = await Promise.allSettled([
      add('first'),
      database.write(async ({ models }) => {
        await models.accounts.create(account('half'));
        await models.accounts.create(account('first'));
      }),
      add('third'),
    ]);
    expect(results.map(({ status }) => status)).toEqual(['fulfilled', 'rejected', 'fulfilled']);
    expect(await names()).toEqual(['first', 'third']);
  });

  it('what waits is committed together', async () => {
    let commits = 0;
    await database.write(({ statements }) => {
      const { run } = statements;
      Object.assign(statements, {
        run: (sql: string) => {
          if (sql === 'COMMIT') commits++;
          return run(sql);
        },
      });
      return Promise.resolve();
    });
    commits = 0;
    await Promise.all(Array.from({ length: 60 }, (_, i) => add(`c${i}`)));
    expect(commits).toBeGreaterThan(0);
    expect(commits).toBeLessThanOrEqual(3);
  });

  it('nobody is told before it is stored, and readers see only what is', async () => {
    let seen: string[] = [];
    const written = database.write(async ({ models }) => {
      await models.accounts.create(account('new'));
      seen = await names();
    });
    await written;
    expect(seen).toEqual([]);
    expect(await names()).toEqual(['new']);
  });

  it('where the disk refuses the commit, everyone in it is told that nothing was stored', async () => {
    const limit = (pages: number) => database.write(({ sequelize }) => sequelize.query(`PRAGMA max_page_count = ${pages}`));
    await limit(1);
    const long = 'x'.repeat(200_000);
    const results = await Promise.allSettled([add('small'), add(long), add('after')]);
    expect(results.map(({ status }) => status)).toContain('rejected');
    const stored = await names();
    results.forEach(({ status }, i) => expect(stored.includes(itemAt(['small', long, 'after'], i))).toBe(status === 'fulfilled'));
    await limit(1_000_000);
    await add('again');
    expect(await names()).toContain('again');
  });

  it('a reader cannot write', async () => {
    await expect(database.models.accounts.create(account('x'))).rejects.toThrow(/readonly/);
  });
});
