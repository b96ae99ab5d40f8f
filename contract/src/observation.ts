import Joi from 'joi';
import { careFields, happeningFields, observationFields, unitFields, type Observation } from '@fern/core';
import { plainMessages } from './messages';
import { schemaOf } from './schemaOf';

/** The most rows that one request may bring. */
export const MOST_ROWS = 5000;

export const observationSchema = schemaOf(observationFields).messages({ ...plainMessages });

/** Readings posted together: all are stored, or none. */
export const observationsSchema = Joi.object<{ observations: Observation[] }>({
  observations: Joi.array().items(observationSchema).min(1).max(MOST_ROWS).unique('id').required(),
}).messages({ ...plainMessages });

export const happeningSchema = schemaOf(happeningFields).messages({ ...plainMessages });

export const careSchema = schemaOf(careFields).messages({ ...plainMessages });

export const unitStatusSchema = schemaOf({ status: unitFields.status, statusReason: unitFields.statusReason }).messages({
  ...plainMessages,
});
