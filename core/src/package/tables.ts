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
  readonly table: 'arms' | 'units' | 'measures' | 'observations' | 'events' | 'care' | 'photos';
}

/** One table of the package. Its columns are its record's fields. */
export interface Table<F extends Fields = Fields> {
  readonly name: string;
  readonly file: string;
  readonly fields: F;
  /** The field by which a row is known, and its column. */
  readonly key: string;
  readonly primaryKey: string;
  readonly optional: boolean;
  readonly foreignKeys: readonly ForeignKey[];
}

/** The name of a field's column: `smallestDifference` is `smallest_difference`. */
function columnName(field: string): string {
  return field.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
}

/** The name of the column in which a field stands. */
export const columnOf = (name: string, { column }: Pick<Field, 'column'>) => column ?? columnName(name);

function table<const F extends Fields>(
  name: string,
  fields: F,
  { optional = false, foreignKeys = [] }: { optional?: boolean; foreignKeys?: readonly ForeignKey[] } = {},
): Table<F> {
  const [key, field] = itemAt(Object.entries(fields), 0);
  return { name, file: `${name}.csv`, fields, key, primaryKey: columnOf(key, field), optional, foreignKeys };
}

/** Every table, in the order in which a reader would open them. The first field of each record is its key. */
export const tables = {
  arms: table('arms', armFields),
  units: table('units', unitFields, { foreignKeys: [{ field: 'arm', table: 'arms' }] }),
  measures: table('measures', measureFields),
  observations: table('observations', observationFields, {
    foreignKeys: [
      { field: 'unit', table: 'units' },
      { field: 'measure', table: 'measures' },
      { field: 'replaces', table: 'observations' },
    ],
  }),
  events: table('events', incidentFields, { optional: true, foreignKeys: [{ field: 'replaces', table: 'events' }] }),
  care: table('care', careFields, { optional: true, foreignKeys: [{ field: 'replaces', table: 'care' }] }),
  photos: table('photos', photoFields, { optional: true, foreignKeys: [{ field: 'replaces', table: 'photos' }] }),
};

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
