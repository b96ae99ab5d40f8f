export type FieldType = 'string' | 'number' | 'integer' | 'boolean' | 'date' | 'moment';

/** One column of a table of the package, as in its Table Schema. */
export interface Field {
  readonly name: string;
  readonly type: FieldType;
  readonly required?: boolean;
  /** Used where the cell is empty. */
  readonly fallback?: string;
  readonly enum?: readonly string[];
  readonly pattern?: RegExp;
  readonly minimum?: number;
  /** May be missing from the header. */
  readonly optionalColumn?: boolean;
}

export interface Table {
  readonly name: string;
  readonly file: string;
  readonly primaryKey: string;
  readonly optional?: boolean;
  readonly fields: readonly Field[];
  readonly foreignKeys: readonly { readonly field: string; readonly table: string; readonly key: string }[];
}

const text = (name: string, more: Partial<Field> = {}): Field => ({ name, type: 'string', optionalColumn: true, ...more });
const key = (name: string): Field => ({ name, type: 'string', required: true });

export const tables: readonly Table[] = [
  {
    name: 'arms',
    file: 'arms.csv',
    primaryKey: 'arm',
    fields: [
      key('arm'),
      { name: 'name', type: 'string', required: true },
      { name: 'role', type: 'string', required: true, enum: ['control', 'treatment', 'reference'] },
      { name: 'dose', type: 'number', optionalColumn: true },
      text('dose_unit'),
    ],
    foreignKeys: [],
  },
  {
    name: 'units',
    file: 'units.csv',
    primaryKey: 'unit',
    fields: [
      key('unit'),
      key('arm'),
      text('block'),
      text('container'),
      { name: 'row', type: 'integer', optionalColumn: true },
      { name: 'column', type: 'integer', optionalColumn: true },
      { name: 'sown', type: 'integer', minimum: 0, optionalColumn: true },
      text('lot'),
      { name: 'started_on', type: 'date', optionalColumn: true },
      text('status', { fallback: 'active', enum: ['active', 'lost', 'excluded', 'ended'] }),
      text('status_reason'),
    ],
    foreignKeys: [{ field: 'arm', table: 'arms', key: 'arm' }],
  },
  {
    name: 'measures',
    file: 'measures.csv',
    primaryKey: 'measure',
    fields: [
      key('measure'),
      { name: 'name', type: 'string', required: true },
      { name: 'kind', type: 'string', required: true, enum: ['count', 'amount', 'rating', 'event', 'harvest'] },
      text('unit', { fallback: '' }),
      text('category'),
      text('higher_is', { fallback: 'better', enum: ['better', 'worse', 'neither'] }),
      { name: 'primary', type: 'boolean', required: true },
      { name: 'smallest_difference', type: 'number', minimum: 0, optionalColumn: true },
      text('when', { pattern: /^(final|total|area|day \d+)$/ }),
      text('rubric', { fallback: '', pattern: /^$|^-?\d+ = [^;]+(; -?\d+ = [^;]+)*$/ }),
      text('reading_days', { fallback: '', pattern: /^(\d+( \d+)*)?$/ }),
    ],
    foreignKeys: [],
  },
  {
    name: 'observations',
    file: 'observations.csv',
    primaryKey: 'id',
    fields: [
      key('id'),
      key('unit'),
      text('plant'),
      key('measure'),
      { name: 'observed_on', type: 'moment', required: true },
      { name: 'value', type: 'number', required: true },
      text('category'),
      text('observer'),
      { name: 'blinded', type: 'boolean', fallback: 'false', optionalColumn: true },
      text('source', { fallback: 'hand', enum: ['hand', 'import', 'instrument', 'photo'] }),
      text('note'),
      text('replaces'),
    ],
    foreignKeys: [
      { field: 'unit', table: 'units', key: 'unit' },
      { field: 'measure', table: 'measures', key: 'measure' },
      { field: 'replaces', table: 'observations', key: 'id' },
    ],
  },
  {
    name: 'events',
    file: 'events.csv',
    primaryKey: 'id',
    optional: true,
    fields: [
      key('id'),
      { name: 'on', type: 'date', required: true },
      {
        name: 'kind',
        type: 'string',
        required: true,
        enum: ['protocol-change', 'equipment', 'pest-or-disease', 'weather', 'mix-up', 'loss', 'other'],
      },
      text('arms', { fallback: '' }),
      text('units', { fallback: '' }),
      text('note', { fallback: '' }),
    ],
    foreignKeys: [],
  },
  {
    name: 'care',
    file: 'care.csv',
    primaryKey: 'id',
    optional: true,
    fields: [
      key('id'),
      { name: 'on', type: 'date', required: true },
      text('unit'),
      text('arm'),
      { name: 'kind', type: 'string', required: true, enum: ['water', 'feed', 'other'] },
      { name: 'amount', type: 'number', optionalColumn: true },
      text('amount_unit'),
      text('note'),
    ],
    foreignKeys: [
      { field: 'unit', table: 'units', key: 'unit' },
      { field: 'arm', table: 'arms', key: 'arm' },
    ],
  },
];
