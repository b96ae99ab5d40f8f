import type { Objection } from '../check/Objection';
import type { Fields } from '../model';
import { experimentFields } from '../model/experiment';
import { planFields } from '../model/plan';
import type { Problem } from './Problem';
import type { Rows } from './readPackage';
import { columnOf, tables, type Table } from './tables';

/** The tables of a study's lists, by their JSON pointers. */
const lists: readonly (readonly [pointer: string, table: keyof typeof tables])[] = [
  ['/experiment/arms', 'arms'],
  ['/experiment/units', 'units'],
  ['/experiment/measures', 'measures'],
  ['/observations', 'observations'],
  ['/incidents', 'events'],
  ['/care', 'care'],
  ['/photos', 'photos'],
];

/**
 * An objection to a study, as a problem of the package that it was read from.
 * @param rows as they stood in the package
 * @returns with file, row and column; of what stands in the descriptor, its key
 */
export function problemOf({ pointer, detail }: Objection, rows: Rows): Problem {
  const message = detail;
  for (const [list, name] of lists) {
    if (pointer !== list && !pointer.startsWith(`${list}/`)) continue;
    const { file, fields }: Table = tables[name];
    const [, index, field] = pointer.slice(list.length).split('/');
    const row = index === undefined ? null : (rows[name][Number(index)]?.row ?? null);
    return { file, row, column: field === undefined ? null : columnIn(fields, field, columnOf), message };
  }
  const [, , ...keys] = pointer.split('/');
  return { file: 'datapackage.json', row: null, column: keyOf(keys), message };
}

function columnIn(fields: Fields, name: string, nameOf: (name: string, field: Fields[string]) => string): string {
  const field = fields[name];
  return field === undefined ? name : nameOf(name, field);
}

/** The key of a descriptor: what is of the package itself stands outside `fern`. */
function keyOf([first = '', second, ...rest]: readonly string[]): string {
  if (['name', 'title', 'created'].includes(first)) return first;
  const own = (fields: Fields, name: string) => columnIn(fields, name, (key, { column }) => column ?? key);
  const head = own(experimentFields, first);
  const plan = second === undefined ? [] : [first === 'plan' ? own(planFields, second) : second];
  return ['fern', head, ...plan, ...rest].join('.');
}
