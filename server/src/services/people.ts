import { v7 as uuid } from 'uuid';
import type { PersonLine } from '@fern/contract';
import { observationFields, type Experiment, type Observation } from '@fern/core';
import { fromRow } from '../models/columns';
import { notFound } from '../ProblemError';
import type { Tables } from '../oneWriter';
import type { Database } from '../openDatabase';
import { remember } from './history';

const OF_OWNER = 'FROM observations o JOIN experiments e ON e.id = o.experimentId WHERE e.ownerId = ?';

/** Everyone who is named in the owner's experiments, in the bin too: as reader, or as who predicted something. */
export async function listPeople(database: Database, ownerId: string): Promise<PersonLine[]> {
  const readers = await database.statements.all<PersonLine>(
    `SELECT o.observer AS name, count(*) AS readings, count(DISTINCT o.experimentId) AS experiments ${OF_OWNER}
     AND o.observer IS NOT NULL GROUP BY o.observer`,
    [ownerId],
  );
  const named = new Map(readers.map((line) => [line.name, line]));
  for (const { plan } of await documentsOf(database, ownerId))
    for (const { person } of plan.predictions) if (!named.has(person)) named.set(person, { name: person, readings: 0, experiments: 0 });
  return [...named.values()].sort((a, b) => (a.name < b.name ? -1 : 1));
}

/** All that one person has read and predicted. */
export async function dataOf(database: Database, ownerId: string, name: string) {
  const rows = await database.statements.all<object & { experiment: string }>(
    `SELECT o.*, json_extract(e.document, '$.title') AS experiment ${OF_OWNER} AND o.observer = ?`,
    [ownerId, name],
  );
  const readings = rows.map((row): Observation & { experiment: string } => ({
    ...fromRow(observationFields, row),
    experiment: row.experiment,
  }));
  const predictions = (await documentsOf(database, ownerId)).flatMap(({ title, plan }) =>
    plan.predictions.filter(({ person }) => person === name).map((prediction) => ({ ...prediction, experiment: title })),
  );
  if (readings.length + predictions.length === 0) throw notFound();
  return { name, readings, predictions };
}

/**
 * Puts a pseudonym in the place of a person's name in all readings and predictions; the readings stay.
 * @returns the pseudonym
 */
export function erasePerson(database: Database, ownerId: string, name: string): Promise<string> {
  return database.write(async (tables) => {
    const pseudonym = `Person ${uuid().slice(-6)}`;
    await dataOf({ ...database, ...tables }, ownerId, name);
    await tables.statements.run(
      'UPDATE observations SET observer = ? WHERE observer = ? AND experimentId IN (SELECT id FROM experiments WHERE ownerId = ?)',
      [pseudonym, name, ownerId],
    );
    for (const document of await documentsOf(tables, ownerId)) {
      if (!document.plan.predictions.some(({ person }) => person === name)) continue;
      const predictions = document.plan.predictions.map((own) => (own.person === name ? { ...own, person: pseudonym } : own));
      const changed = JSON.stringify({ ...document.all, plan: { ...document.plan, predictions } });
      await tables.statements.run('UPDATE experiments SET document = ?, version = version + 1 WHERE id = ?', [changed, document.id]);
    }
    await remember(tables, ownerId, { what: 'erased', detail: pseudonym });
    return pseudonym;
  });
}

type Document = Pick<Experiment, 'title' | 'plan'>;

async function documentsOf({ statements }: Pick<Tables, 'statements'>, ownerId: string) {
  const rows = await statements.all<{ id: string; document: string }>('SELECT id, document FROM experiments WHERE ownerId = ?', [ownerId]);
  return rows.map(({ id, document }) => {
    const all = JSON.parse(document) as Document;
    return { id, all, title: all.title, plan: all.plan };
  });
}
