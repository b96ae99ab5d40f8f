import { itemAt } from '../invariant';
import { armFields } from '../model/arm';
import { careFields } from '../model/care';
import type { Field, Fields } from '../model/fields';
import { incidentFields } from '../model/incident';
import { measureFields } from '../model/measure';
import { observationFields } from '../model/observation';
import { photoFields } from '../model/photo';
import { unitFields } from '../model/unit';

/** A code in a column that must stand in a row of another table. */
interface ForeignKey {
  readonly field: string;
  readonly table: string;
  readonly key: string;
}

/** One table of the package. Its columns are its record's fields. */
export interface Table<F extends Fields = Fields> {
  readonly name: string;
  readonly file: string;
  readonly fields: F;
  readonly primaryKey: string;
  readonly optional: boolean;
  readonly foreignKeys: readonly ForeignKey[];
}

function table<const F extends Fields>(
  name: string,
  fields: F,
  { optional = false, foreignKeys = [] }: { optional?: boolean; foreignKeys?: readonly ForeignKey[] } = {},
): Table<F> {
  return { name, file: `${name}.csv`, fields, primaryKey: itemAt(Object.keys(fields), 0), optional, foreignKeys };
}

/** Every table, in the order in which a reader would open them. The first field of each record is its key. */
export const tables = {
  arms: table('arms', armFields),
  units: table('units', unitFields, { foreignKeys: [{ field: 'arm', table: 'arms', key: 'arm' }] }),
  measures: table('measures', measureFields),
  observations: table('observations', observationFields, {
    foreignKeys: [
      { field: 'unit', table: 'units', key: 'unit' },
      { field: 'measure', table: 'measures', key: 'measure' },
      { field: 'replaces', table: 'observations', key: 'id' },
    ],
  }),
  events: table('events', incidentFields, { optional: true, foreignKeys: [{ field: 'replaces', table: 'events', key: 'id' }] }),
  care: table('care', careFields, { optional: true, foreignKeys: [{ field: 'replaces', table: 'care', key: 'id' }] }),
  photos: table('photos', photoFields, { optional: true, foreignKeys: [{ field: 'replaces', table: 'photos', key: 'id' }] }),
};

/** The name of a field's column: `smallestDifference` is `smallest_difference`. */
function columnName(field: string): string {
  return field.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
}

/** The name of the column in which a field stands. */
export const columnOf = (name: string, { column }: Pick<Field, 'column'>) => column ?? columnName(name);

/** The columns of words by name, as `factor_mulch`. */
export function wordColumns(fields: Fields): readonly (readonly [field: string, prefix: string])[] {
  return Object.entries(fields)
    .filter(([, { shape }]) => shape.type === 'words')
    .map(([name]) => [name, `${columnName(name).replace(/s$/, '')}_`]);
}

/** Fields that have one column each. */
export function plainFields(fields: Fields): readonly (readonly [name: string, field: Field])[] {
  return Object.entries(fields).filter(([, { shape }]) => shape.type !== 'words');
}
