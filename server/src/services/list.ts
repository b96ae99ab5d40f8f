import { QueryTypes } from 'sequelize';
import type { ExperimentLine } from '@fern/contract';
import { addDays, experimentFields, walks, withBlanks, type Experiment, type ReadSoFar, type StartCount } from '@fern/core';
import { SHOWN } from '../models/experimentRow';
import type { Database } from '../openDatabase';

/** How far ahead walks are told, so that a browser without a network knows what comes. */
const DAYS_AHEAD = 14;

type Of<Row> = Row & { readonly experimentId: string };

/**
 * The owner's experiments as lines, the newest change first. Three queries, however many there are.
 * @param today calendar date
 */
export async function listExperiments(
  { long: { sequelize, statements } }: Database,
  ownerId: string,
  today: string,
): Promise<ExperimentLine[]> {
  const rows = await statements.all<{ id: string; document: string }>(
    `SELECT id, document FROM experiments WHERE ownerId = ? AND ${SHOWN} ORDER BY changedAt DESC`,
    [ownerId],
  );
  const counted = async <Row extends object>(sql: string) =>
    byExperiment(await sequelize.query<Of<Row>>(sql, { replacements: { ownerId }, type: QueryTypes.SELECT }));
  const starts = await counted<StartCount>(
    `SELECT u.experimentId, u.startedOn, count(*) AS units FROM units u JOIN experiments e ON e.id = u.experimentId
     WHERE e.ownerId = :ownerId AND ${SHOWN} AND u.status = 'active' GROUP BY u.experimentId, u.startedOn`,
  );
  const read = await counted<ReadSoFar>(
    `SELECT o.experimentId, o.measure, o.plannedDay, u.startedOn, count(DISTINCT o.unit) AS units
     FROM observations o JOIN units u ON u.experimentId = o.experimentId AND u.unit = o.unit JOIN experiments e ON e.id = o.experimentId
     WHERE e.ownerId = :ownerId AND ${SHOWN} AND u.status = 'active' AND o.plannedDay IS NOT NULL
     GROUP BY o.experimentId, o.measure, o.plannedDay, u.startedOn`,
  );
  return rows.map(({ id, document }) => {
    const experiment = withBlanks(experimentFields, { ...(JSON.parse(document) as object), units: [] });
    return lineOf(id, experiment, starts.get(id) ?? [], read.get(id) ?? [], today);
  });
}

function lineOf(
  id: string,
  experiment: Experiment,
  starts: readonly StartCount[],
  read: readonly ReadSoFar[],
  today: string,
): ExperimentLine {
  const { title, plan, startedOn, measures } = experiment;
  const last = addDays(today, DAYS_AHEAD);
  return {
    id,
    title,
    unitWord: plan.unitWord,
    startedOn: plan.frozenOn === null ? null : (startedOn ?? plan.frozenOn),
    measures: measures.map(({ name, kind }) => ({ name, kind })),
    walks: walks(experiment, starts, read, today)
      .filter(({ left, on }) => left > 0 && on <= last)
      .map((walk) => ({ day: walk.day, left: walk.left, measures: walk.measures.map((measure) => measures.indexOf(measure)) })),
  };
}

function byExperiment<Row extends object>(rows: readonly Of<Row>[]): ReadonlyMap<string, readonly Row[]> {
  const groups = new Map<string, Row[]>();
  for (const row of rows) {
    const list = groups.get(row.experimentId) ?? [];
    groups.set(row.experimentId, list);
    list.push(row);
  }
  return groups;
}
