import { itemAt, withFormerNames, experimentFields, unitFields } from '@fern/core';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize';
import { expect, it } from 'vitest';
import { openDatabase } from '../openDatabase';
import { anyPlan, anyReading } from '../routeFixtures';
import { getExperiment } from '../services/experiments';
import { insertRecords } from '../services/records';
import { migrations } from './index';

it('experiments of before are read under the names of now, and take readings', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'fern-codes-'));
  const file = join(folder, 'before.sqlite');
  const before = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  const run = (sql: string, replacements: unknown[] = []) => before.query(sql, { replacements });
  await run('CREATE TABLE SequelizeMeta (name VARCHAR(255) PRIMARY KEY)');
  for (const { name, up } of migrations.filter((own) => own.name < '0009')) {
    await up(before.getQueryInterface());
    await run('INSERT INTO SequelizeMeta VALUES (?)', [name]);
  }
  const { units, ...rest } = anyPlan;
  await run(`INSERT INTO accounts VALUES ('me', 'M. Bracken', 'x', 0, '2026')`);
  await run(`INSERT INTO experiments (id, ownerId, version, document, changedAt) VALUES ('x', 'me', 4, ?, '2026')`, [
    JSON.stringify(withFormerNames(experimentFields, rest)),
  ]);
  for (const [position, unit] of units.entries()) {
    const row = { ...withFormerNames(unitFields, unit), experimentId: 'x', position };
    await run(
      `INSERT INTO units (${Object.keys(row)
        .map((name) => `"${name}"`)
        .join(', ')}) VALUES (${Object.keys(row)
        .map(() => '?')
        .join(', ')})`,
      Object.values(row),
    );
  }
  await before.close();

  const database = await openDatabase(file);
  expect((await getExperiment(database, 'me', 'x')).experiment).toEqual(anyPlan);
  const take = (unit: string) =>
    database.write((tables) =>
      insertRecords(tables, 'observations', [anyReading(unit, { unit })], () => ({ experimentId: 'x', receivedAt: '2026' })),
    );
  await take(itemAt(units, 0).code);
  await expect(take('D99')).rejects.toThrow('no such unit');
  await database.close();
  rmSync(folder, { recursive: true, force: true });
});
