import { askedAbout, refusedOf } from '../check/Objection';
import { checkStudy } from '../check/study';
import { kindOf } from '../kinds';
import type { Experiment, Fields, Measure, Study } from '../model';
import { onRounds } from '../study/onRounds';
import type { Problem } from './Problem';
import { readDescriptor } from './readDescriptor';
import { problemOf } from './problemOf';
import { MOST_PROBLEMS, readTable, type TableRow } from './readTable';
import { tables, type Table } from './tables';

/** The texts of a package by file name. */
export type PackageFiles = Readonly<Record<string, string>>;

/** A whole study with what in it is unlikely and worth a second look; or every problem. */
export type ReadResult = { readonly study: Study; readonly asked: readonly Problem[] } | { readonly problems: readonly Problem[] };

/** The rows of all tables, as they were read. */
export type Rows = ReturnType<typeof readTables>['rows'];

/**
 * Reads an open experiment package. Either the whole study, or every problem found with file, row and column; never half a study.
 * @param files name → text, with datapackage.json among them
 * @param latest calendar date after which nothing can have happened yet
 * @returns `{ study, asked }` or `{ problems }`; never throws
 */
export function readPackage(files: PackageFiles, latest: string): ReadResult {
  const descriptor = readDescriptor(files['datapackage.json']);
  const problems: Problem[] = [...descriptor.problems];
  const { rows, columns } = readTables(files, descriptor.paths, problems);
  if (problems.length > 0 || descriptor.experiment === null) return { problems };
  const experiment: Experiment = {
    ...descriptor.experiment,
    arms: rows.arms.map(({ record }) => record),
    units: rows.units.map(({ record }) => record),
    measures: rows.measures.map(asMeasure),
  };
  // A package from elsewhere, or from before readings named their walk, leaves it to their days.
  const named = columns.get('observations')?.includes('planned_day') ?? false;
  const observations = rows.observations.map(({ record }) => record);
  const study: Study = {
    experiment,
    observations: named ? observations : onRounds(experiment, observations),
    incidents: rows.events.map(({ record }) => record),
    care: rows.care.map(({ record }) => record),
    photos: rows.photos.map(({ record }) => record),
  };
  const objections = checkStudy(study, latest);
  const refused = refusedOf(objections).slice(0, MOST_PROBLEMS);
  if (refused.length > 0) return { problems: refused.map((one) => problemOf(one, rows)) };
  return { study, asked: askedAbout(objections).map((one) => problemOf(one, rows)) };
}

function readTables(files: PackageFiles, paths: Readonly<Record<string, string>>, problems: Problem[]) {
  const columns = new Map<string, readonly string[]>();
  const rowsOf = <F extends Fields>(table: Table<F>): readonly TableRow<F>[] => {
    const csv = files[paths[table.name] ?? table.file];
    const problem = (message: string) => problems.push({ file: table.file, row: null, column: null, message });
    if (csv === undefined) {
      if (!table.optional) problem('the file is missing; expected it in the package');
      return [];
    }
    if (csv.includes('\0')) {
      problem('is not text; expected a CSV file in UTF-8');
      return [];
    }
    const read = readTable(table, csv);
    for (const found of read.problems) problems.push(found);
    columns.set(table.name, read.columns);
    return read.rows;
  };
  const rows = {
    arms: rowsOf(tables.arms),
    units: rowsOf(tables.units),
    measures: rowsOf(tables.measures),
    observations: rowsOf(tables.observations),
    events: rowsOf(tables.events),
    care: rowsOf(tables.care),
    photos: rowsOf(tables.photos),
  };
  return { rows, columns };
}

/** Which value counts follows from the kind, unless the table says otherwise: pickings add up. */
function asMeasure({ record, empty }: Rows['measures'][number]): Measure {
  return empty.has('when') ? { ...record, when: kindOf(record).fresh.when } : record;
}
