import { itemAt } from '@fern/core';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Sequelize } from 'sequelize';
import { expect, it } from 'vitest';
import { anyPlan } from '../routeFixtures';
import { openDatabase } from '../openDatabase';
import { migrations } from './index';

const folder = mkdtempSync(join(tmpdir(), 'fern-before-'));
const file = join(folder, 'before.sqlite');

/** A database as it was before, with a test of two dishes that are read on days 3, 5 and 7; the second began two days later. */
async function makeBefore(): Promise<void> {
  const before = new Sequelize({ dialect: 'sqlite', storage: file, logging: false });
  const run = (sql: string, replacements: unknown[] = []) => before.query(sql, { replacements });
  await run('CREATE TABLE SequelizeMeta (name VARCHAR(255) PRIMARY KEY)');
  for (const { name, up } of migrations.filter((own) => own.name < '0005')) {
    await up(before.getQueryInterface());
    await run('INSERT INTO SequelizeMeta VALUES (?)', [name]);
  }
  const { units, ...rest } = anyPlan;
  const document = JSON.stringify({ ...rest, startedOn: '2026-04-01', measures: [{ ...anyPlan.measures[0], readingDays: [3, 5, 7] }] });
  await run(`INSERT INTO accounts VALUES ('me', 'M. Bracken', 'x', 0, '2026')`);
  await run(`INSERT INTO experiments (id, ownerId, version, document, changedAt) VALUES ('x', 'me', 4, ?, '2026')`, [document]);
  for (const [unit, startedOn] of [
    ['D01', null],
    ['D02', '2026-04-03'],
  ])
    await run(`INSERT INTO units (experimentId, unit, position, arm, startedOn, status) VALUES ('x', ?, 0, ?, ?, 'active')`, [
      unit,
      itemAt(units, 0).arm,
      startedOn,
    ]);
  for (const [id, unit, on, replaces] of [
    ['again', 'D01', '2026-04-05'],
    ['mend', 'D01', '2026-04-09', 'day'],
    ['early', 'D01', '2026-04-02'],
    ['day', 'D01', '2026-04-04T09:00:00Z'],
    ['late', 'D01', '2026-04-07'],
    ['own', 'D02', '2026-04-06'],
  ])
    await run(
      `INSERT INTO observations (experimentId, id, unit, measure, observedOn, value, blinded, source, receivedAt, replaces)
       VALUES ('x', ?, ?, 'sprouts', ?, 3, 0, 'hand', '2026', ?)`,
      [id, unit, on, replaces ?? null],
    );
  await before.close();
}

it('puts the readings of before on the walks that their days say, and keeps what may not be changed', async () => {
  await makeBefore();
  const database = await openDatabase(file);
  const rows = await database.statements.all<{ id: string; plannedDay: number | null; value: number }>(
    'SELECT id, plannedDay, value, absent FROM observations ORDER BY id',
  );
  expect(rows).toEqual([
    // After the walk of day 3 was filled and before that of day 5; what corrects a reading of day 3, whenever that was typed.
    { id: 'again', plannedDay: null, value: 3, absent: null },
    { id: 'day', plannedDay: 3, value: 3, absent: null },
    { id: 'early', plannedDay: null, value: 3, absent: null },
    { id: 'late', plannedDay: 5, value: 3, absent: null },
    { id: 'mend', plannedDay: 3, value: 3, absent: null },
    { id: 'own', plannedDay: 3, value: 3, absent: null },
  ]);
  const change = (sql: string) => database.write(({ statements }) => statements.run(sql));
  await expect(change('UPDATE observations SET value = 9')).rejects.toThrow('never changed');
  await expect(change('UPDATE observations SET plannedDay = 9')).rejects.toThrow('never changed');
  await change(`UPDATE observations SET observer = 'Person 1'`);
  await expect(
    change(`INSERT INTO observations SELECT experimentId, 'new', 'D99', plant, measure, observedOn, plannedDay, moment, value, absent,
      category, observer, blinded, source, note, replaces, receivedAt FROM observations LIMIT 1`),
  ).rejects.toThrow('no such unit');
  await change('DELETE FROM experiments');
  expect(await database.models.observations.count()).toBe(0);
  await database.close();
  rmSync(folder, { recursive: true, force: true });
});
