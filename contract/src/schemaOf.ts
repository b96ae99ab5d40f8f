import Joi from 'joi';
import type { Field, Fields, RecordOf, Shape } from '@fern/core';
import { calendarDateSchema, momentSchema } from './dates';

/** The check of a record, made from its fields: what is not optional must be there, nullable or not. */
export function schemaOf<const F extends Fields>(fields: F): Joi.ObjectSchema<RecordOf<F>> {
  const entries = Object.entries(fields);
  const schema: Joi.ObjectSchema<RecordOf<F>> = Joi.object(Object.fromEntries(entries.map(([name, field]) => [name, fieldSchema(field)])));
  // A page that was opened before the names changed still sends what it is about to store.
  return entries.reduce(
    (known, [name, { formerly }]) => (formerly === undefined ? known : known.rename(formerly, name, { ignoreUndefined: true })),
    schema,
  );
}

function fieldSchema({ shape, nullable, optional, blank, says }: Field): Joi.Schema {
  const checked = nullable ? shapeSchema(shape).allow(null) : shapeSchema(shape);
  const words = {
    ...(says.empty ? { 'string.empty': says.empty } : {}),
    ...(says.least ? { 'array.min': says.least, 'number.min': says.least } : {}),
    ...(says.most ? { 'array.max': says.most, 'number.max': says.most } : {}),
  };
  // Words of its own cost a schema many times the check itself.
  const told = Object.keys(words).length === 0 ? checked : checked.messages(words);
  return optional ? told.default(() => blank) : told.required();
}

function shapeSchema(shape: Shape): Joi.Schema {
  switch (shape.type) {
    case 'text':
      return textSchema(shape);
    case 'number':
      return numberSchema(shape);
    case 'choice':
      return Joi.string().valid(...shape.among);
    case 'flag':
      return Joi.boolean().strict();
    case 'date':
      return calendarDateSchema;
    case 'moment':
      return momentSchema;
    case 'words':
      return Joi.object().pattern(Joi.string().max(60), Joi.string().max(120)).max(shape.most);
    case 'record':
      return schemaOf(shape.fields);
    case 'list':
      return listSchema(shape);
  }
}

/** The database ends a text at NUL, and half of a pair of characters cannot be written as UTF-8. */
const STORABLE = /^[^\0\p{Surrogate}]*$/u;

function textSchema({ least, most, trim, pattern }: Extract<Shape, { type: 'text' }>): Joi.Schema {
  const storable = Joi.string().pattern(STORABLE);
  const limited = least > 0 ? storable.min(least).max(most) : storable.allow('').max(most);
  const trimmed = trim ? limited.trim() : limited;
  return pattern ? trimmed.pattern(pattern) : trimmed;
}

function numberSchema({ whole, least, most, above }: Extract<Shape, { type: 'number' }>): Joi.Schema {
  let schema = Joi.number().strict();
  if (whole) schema = schema.integer();
  if (least !== undefined) schema = schema.min(least);
  if (most !== undefined) schema = schema.max(most);
  return above === undefined ? schema : schema.greater(above);
}

function listSchema({ of, least, most, each }: Extract<Shape, { type: 'list' }>): Joi.Schema {
  const items = Joi.array().items(shapeSchema(of)).min(least).max(most);
  return each === false ? items : each === true ? items.unique() : items.unique(each);
}
