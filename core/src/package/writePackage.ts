import Papa from 'papaparse';
import { experimentFields, same, withColumnNames, type Field, type Fields, type Study } from '../model';
import { guarded } from './formulaGuard';
import type { PackageFiles } from './readPackage';
import { columnOf, plainFields, tables, wordColumns } from './tables';

type Row = Readonly<Record<string, unknown>>;
type Cell = string | number | boolean | null;

/** A column with what each row has in it. */
interface Column {
  readonly name: string;
  readonly schema: object;
  readonly cell: (row: Row) => Cell;
}

/**
 * Writes a study as an open experiment package. Reading it back gives the same study.
 * @param study of which every reading is kept, corrected ones too
 * @returns file name → text
 */
export function writePackage(study: Study): PackageFiles {
  const { experiment } = study;
  const rows: Record<keyof typeof tables, readonly Row[]> = {
    arms: experiment.arms,
    units: experiment.units,
    measures: experiment.measures,
    observations: study.observations,
    events: study.incidents,
    care: study.care,
    photos: study.photos,
  };
  const written = (Object.keys(tables) as (keyof typeof tables)[])
    .map((name) => ({ table: tables[name], rows: rows[name] }))
    .filter(({ table, rows: own }) => !table.optional || own.length > 0)
    .map((part) => ({ ...part, columns: columnsOf(part.table.fields, part.rows) }));
  const files: Record<string, string> = {};
  for (const { table, rows: own, columns } of written) {
    const data = own.map((row) => columns.map(({ cell }) => cell(row)));
    files[table.file] = Papa.unparse({ fields: columns.map(({ name }) => name), data }, { newline: '\r\n' }) + '\r\n';
  }
  const { arms: _arms, units: _units, measures: _measures, name, title, created, ...own } = experiment;
  const fern = withColumnNames(experimentFields, own);
  files['datapackage.json'] = JSON.stringify(
    {
      profile: 'tabular-data-package',
      name,
      title,
      created,
      resources: written.map(({ table, columns }) => ({
        name: table.name,
        path: table.file,
        profile: 'tabular-data-resource',
        encoding: 'utf-8',
        schema: {
          fields: columns.map(({ schema }) => schema),
          primaryKey: table.primaryKey,
          foreignKeys: table.foreignKeys.map(({ field, table: other }) => ({
            fields: field,
            reference: { resource: other === table.name ? '' : other, fields: tables[other].primaryKey },
          })),
        },
      })),
      fern: { formatVersion: 1, ...Object.fromEntries(Object.entries(fern).filter(([, value]) => value !== null)) },
    },
    null,
    2,
  );
  return files;
}

/** A column a field, in the order of the record, then a column a word. */
function columnsOf(fields: Fields, rows: readonly Row[]): Column[] {
  const plain = plainFields(fields)
    .filter(([name, { sparse, blank }]) => !sparse || rows.some((row) => !same(row[name], blank)))
    .map(([name, field]): Column => ({
      name: columnOf(name, field),
      schema: schemaOf(columnOf(name, field), field),
      cell: (row) => cellOf(field, row[name]),
    }));
  const words = wordColumns(fields).flatMap(([name, prefix]) => {
    const known = new Set(rows.flatMap((row) => Object.keys(row[name] as object)));
    return [...known].map((word): Column => ({
      name: `${prefix}${word}`,
      schema: { name: `${prefix}${word}`, type: 'string', constraints: { required: true } },
      cell: (row) => {
        const text = (row[name] as Readonly<Record<string, string>>)[word];
        return text === undefined ? null : guarded(text);
      },
    }));
  });
  return [...plain, ...words];
}

function cellOf({ cell, shape }: Field, value: unknown): Cell {
  const written = cell && value !== null ? cell.write(value as never) : (value as Cell);
  return typeof written === 'string' && shape.type !== 'number' ? guarded(written) : written;
}

function schemaOf(name: string, { shape, must, cell }: Field): object {
  const constraints = {
    ...(must ? { required: true } : {}),
    ...(shape.type === 'choice' ? { enum: shape.among } : {}),
    ...(shape.type === 'number' && shape.least !== undefined && !cell?.isText ? { minimum: shape.least } : {}),
  };
  return { name, type: cell?.isText ? 'string' : schemaType(shape), ...(Object.keys(constraints).length > 0 ? { constraints } : {}) };
}

/** Table Schema's name of a type. Dates with and without a time stand in one column, which it can only call text. */
function schemaType(shape: Field['shape']): string {
  if (shape.type === 'number') return shape.whole ? 'integer' : 'number';
  if (shape.type === 'flag') return 'boolean';
  return shape.type === 'date' ? 'date' : 'string';
}
