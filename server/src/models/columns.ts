import { DataTypes, type ModelAttributes } from 'sequelize';
import type { Field, Fields, RecordOf } from '@fern/core';

/** The columns of a record's table, from its fields. Lists and words by name are kept as JSON. */
export function columnsOf(fields: Fields, keys: readonly string[]): ModelAttributes {
  return Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [
      name,
      { type: columnType(field), ...(keys.includes(name) ? { primaryKey: true } : {}) },
    ]),
  );
}

function columnType({ shape }: Field) {
  if (shape.type === 'number') return shape.whole ? DataTypes.INTEGER : DataTypes.DOUBLE;
  return shape.type === 'flag' ? DataTypes.BOOLEAN : DataTypes.TEXT;
}

const isJson = ({ shape }: Field) => shape.type === 'list' || shape.type === 'words';

/** A record as it is stored. */
export function toRow(fields: Fields, record: object): Record<string, unknown> {
  const from: Readonly<Record<string, unknown>> = { ...record };
  return Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, isJson(field) ? JSON.stringify(from[name]) : from[name]]));
}

/** A stored record without what only the database knows. */
export function fromRow<const F extends Fields>(fields: F, row: object): RecordOf<F> {
  const from: Readonly<Record<string, unknown>> = { ...row };
  const entries = Object.entries(fields).map(([name, field]) => {
    const value = from[name];
    if (field.shape.type === 'flag') return [name, Boolean(value)];
    const read: unknown = isJson(field) ? JSON.parse(String(value)) : value;
    return [name, read];
  });
  return Object.fromEntries(entries) as RecordOf<F>;
}
