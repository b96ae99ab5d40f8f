import Joi from 'joi';
import { careFields, incidentFields, observationFields, photoFields, unitFields, type Field, type RecordOf } from '@fern/core';
import { calendarDateSchema } from './dates';
import { plainMessages } from './messages';
import { schemaOf } from './schemaOf';

/** The most rows that one request may bring. */
export const MOST_ROWS = 5000;

export const observationSchema = schemaOf(observationFields).messages({ ...plainMessages });

const plannedDay: Field<number | null | undefined> = { ...observationFields.plannedDay, blank: undefined };
const sentFields = { ...observationFields, plannedDay };

/** A reading as it is sent. Who leaves out its walk leaves it to its day, or to the reading that it corrects; null is an extra reading. */
export type SentReading = RecordOf<typeof sentFields>;

/** Readings posted together: all are stored, or none. */
export const observationsSchema = Joi.object<{ observations: SentReading[] }>({
  observations: Joi.array().items(schemaOf(sentFields)).min(1).max(MOST_ROWS).unique('id').required(),
}).messages({ ...plainMessages });

export const incidentSchema = schemaOf(incidentFields).messages({ ...plainMessages });

export const careSchema = schemaOf(careFields).messages({ ...plainMessages });

export const photoSchema = schemaOf(photoFields).messages({ ...plainMessages });

/** How many were put into a unit, as it was counted again on a day. */
export interface SownAgain {
  readonly sown: number;
  readonly on: string;
}

export const sownAgainSchema = Joi.object<SownAgain>({
  sown: Joi.number().strict().integer().min(1).max(1_000_000).required(),
  on: calendarDateSchema.required(),
}).messages({ ...plainMessages });

export const unitStatusSchema = schemaOf({
  status: unitFields.status,
  statusReason: unitFields.statusReason,
  lostOn: unitFields.lostOn,
}).messages({
  ...plainMessages,
});
