import type { ExperimentLine } from '@fern/contract';
import {
  addDays,
  careFields,
  experimentFields,
  stepsOnDays,
  timersOf,
  recordingRounds,
  withBlanks,
  type Experiment,
  type ReadSoFar,
  type StartCount,
  type Unit,
} from '@fern/core';
import { fromRow } from '../models/columns';
import { SHOWN } from '../models/experimentRow';
import type { Database } from '../openDatabase';
import type { Statements } from '../statements';

/** How far ahead walks are told, so that a browser without a network knows what comes. */
const DAYS_AHEAD = 14;

/** What a unit shares, or itself. */
const SHARED = `coalesce('of ' || u.container, 'unit ' || u.code)`;

type Of<Row> = Row & { readonly experimentId: string };

/**
 * The owner's experiments as lines, the newest change first. A few queries, however many there are.
 * @param today calendar date
 */
export async function listExperiments({ long: { statements } }: Database, ownerId: string, today: string): Promise<ExperimentLine[]> {
  const rows = await statements.all<{ id: string; document: string }>(
    `SELECT id, document FROM experiments WHERE ownerId = ? AND ${SHOWN} ORDER BY changedAt DESC`,
    [ownerId],
  );
  const counted = async <Row extends object>(sql: string) => byExperiment(await statements.all<Of<Row>>(sql, [ownerId]));
  const starts = await counted<StartCount>(
    `SELECT u.experimentId, u.startedOn, count(*) AS units, count(DISTINCT ${SHARED}) AS containers FROM units u JOIN experiments e ON e.id = u.experimentId
     WHERE e.ownerId = ? AND ${SHOWN} AND u.status = 'active' GROUP BY u.experimentId, u.startedOn`,
  );
  // A tank was read also where the unit that stood for it is lost since.
  const read = await counted<ReadSoFar>(
    `SELECT o.experimentId, o.measure, o.plannedDay, u.startedOn, count(DISTINCT iif(u.status = 'active', o.unit, NULL)) AS units,
            count(DISTINCT ${SHARED}) AS containers
     FROM observations o JOIN units u ON u.experimentId = o.experimentId AND u.code = o.unit JOIN experiments e ON e.id = o.experimentId
     WHERE e.ownerId = ? AND ${SHOWN} AND o.plannedDay IS NOT NULL
     GROUP BY o.experimentId, o.measure, o.plannedDay, u.startedOn`,
  );
  const experiments = rows.map(({ id, document }) => ({
    id,
    experiment: withBlanks(experimentFields, { ...(JSON.parse(document) as object), units: [] }),
  }));
  const stepped = experiments.filter(({ experiment: { plan } }) => plan.stages.length > 0).map(({ id }) => id);
  const steps = await stepsOf(
    statements,
    experiments.filter(({ id }) => stepped.includes(id)),
    today,
  );
  return experiments.map(({ id, experiment }) => {
    const line = lineOf(id, experiment, starts.get(id) ?? [], read.get(id) ?? [], today);
    const readings = timersOf(experiment, [], line.walks);
    return { ...line, steps: steps.get(id)?.steps ?? [], timers: [...(steps.get(id)?.timers ?? []), ...readings] };
  });
}

interface Known {
  readonly id: string;
  readonly experiment: Experiment;
}

type StepLines = Pick<ExperimentLine, 'steps' | 'timers'>;

/** The steps that are not done, and the timers of those that are running, of experiments that have any. Once the sowing is over nobody asks about what came before. */
async function stepsOf(statements: Statements, experiments: readonly Known[], today: string): Promise<ReadonlyMap<string, StepLines>> {
  if (experiments.length === 0) return new Map();
  const ids = JSON.stringify(experiments.map(({ id }) => id));
  const units = byExperiment(
    await statements.all<Of<Pick<Unit, 'code' | 'arm' | 'status'>>>(
      'SELECT experimentId, code, arm, status FROM units WHERE experimentId IN (SELECT value FROM json_each(?))',
      [ids],
    ),
  );
  const care = byExperiment(
    await statements.all<Of<object>>('SELECT * FROM care WHERE step IS NOT NULL AND experimentId IN (SELECT value FROM json_each(?))', [
      ids,
    ]),
  );
  const last = addDays(today, DAYS_AHEAD);
  return new Map(
    experiments.map(({ id, experiment }) => {
      const done = (care.get(id) ?? []).map((row) => fromRow(careFields, row));
      const own = { ...experiment, units: units.get(id) ?? [] };
      // A day of room: it may be yesterday where the class is.
      const isSown = experiment.startedOn !== null && experiment.startedOn < addDays(today, -1);
      const open = stepsOnDays(own, done, today).filter(({ left, on, isBefore }) => left.length > 0 && on <= last && !(isSown && isBefore));
      return [
        id,
        { steps: open.map(({ name, day, at, left }) => ({ name, day, at, left: left.length })), timers: timersOf(own, done, []) },
      ];
    }),
  );
}

function lineOf(
  id: string,
  experiment: Experiment,
  starts: readonly StartCount[],
  read: readonly ReadSoFar[],
  today: string,
): Omit<ExperimentLine, keyof StepLines> {
  const { title, plan, startedOn, measures } = experiment;
  const last = addDays(today, DAYS_AHEAD);
  return {
    id,
    title,
    unitWord: plan.unitNoun,
    place: plan.place,
    startedOn: plan.lockedOn === null ? null : (startedOn ?? plan.lockedOn),
    measures: measures.map(({ name, kind }) => ({ name, kind })),
    walks: recordingRounds(experiment, starts, read, today)
      .filter(({ left, on }) => left > 0 && on <= last)
      .map((round) => ({ day: round.day, left: round.left, measures: round.measures.map((measure) => measures.indexOf(measure)) })),
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
