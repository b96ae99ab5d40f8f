import Joi from 'joi';
import { isDate, isMoment } from '@fern/core';

/** A calendar date as text. */
export const calendarDateSchema = Joi.string().custom((value: string, helpers) => (isDate(value) ? value : helpers.error('date.calendar')));

/** A calendar date or date-time as text. */
export const momentSchema = Joi.string()
  .max(40)
  .custom((value: string, helpers) => (isMoment(value) ? value : helpers.error('moment.calendar')));
