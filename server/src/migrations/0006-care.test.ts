import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize';
import { expect, it } from 'vitest';
import { careFields } from '@fern/core';
import { anyPlan } from '../routeFixtures';
import { fromRow } from '../models/columns';
import { openDatabase } from '../openDatabase';
import { migrations } from './index';

it('keeps what was given before, to the same unit, the same arm, or all', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'fern-care-'));
  const file = join(folder, 'before.sqlite');
  const before = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  const run = (sql: string, replacements: unknown[] = []) => before.query(sql, { replacements });
  await run('CREATE TABLE SequelizeMeta (name VARCHAR(255) PRIMARY KEY)');
  for (const { name, up } of migrations.filter((own) => own.name < '0006')) {
    await up(before.getQueryInterface());
    await run('INSERT INTO SequelizeMeta VALUES (?)', [name]);
  }
  const { units: _units, ...document } = anyPlan;
  await run(`INSERT INTO accounts VALUES ('me', 'M. Bracken', 'x', 0, '2026')`);
  await run(`INSERT INTO experiments (id, ownerId, version, document, changedAt) VALUES ('x', 'me', 4, ?, '2026')`, [
    JSON.stringify(document),
  ]);
  for (const [id, unit, arm] of [
    ['a', 'D01', null],
    ['b', null, 'C'],
    ['c', null, null],
    ['d', 'D02', 'C'],
  ])
    await run(
      `INSERT INTO care (experimentId, id, "on", unit, arm, kind, amount, amountUnit) VALUES ('x', ?, '2026-04-02', ?, ?, 'water', 60, 'mL')`,
      [id, unit, arm],
    );
  await before.close();

  const database = await openDatabase(file);
  const rows = await database.models.care.findAll({ order: [['id', 'ASC']], raw: true });
  expect(rows.map((row) => fromRow(careFields, row)).map(({ id, units, arms, amount }) => [id, units, arms, amount])).toEqual([
    ['a', ['D01'], [], 60],
    ['b', [], ['C'], 60],
    ['c', [], [], 60],
    // A row of a unit was of that unit alone, whatever arm stood beside it.
    ['d', ['D02'], [], 60],
  ]);
  await database.close();
  rmSync(folder, { recursive: true, force: true });
});
