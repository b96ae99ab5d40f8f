import Joi from 'joi';
import type { Experiment } from '@fern/core';
import { experimentSchema } from './experiment';
import { calendarDateSchema } from './dates';
import { plainMessages } from './messages';

/** A change of an experiment, made from the version named. */
export const changeSchema = Joi.object<{ version: number; experiment: Experiment }>({
  version: Joi.number().strict().integer().min(1).required(),
  experiment: experimentSchema.required(),
}).messages({ ...plainMessages });

/** The day on which a key is sealed. */
export const sealSchema = Joi.object<{ on: string }>({ on: calendarDateSchema.required() }).messages({ ...plainMessages });

/** Why a sealed key is opened, and on which day. */
export interface SealOpening {
  readonly on: string;
  readonly reason: string;
}

export const sealOpeningSchema = Joi.object<SealOpening>({
  on: calendarDateSchema.required(),
  reason: Joi.string().trim().min(1).max(500).required().messages({ 'string.empty': 'Say why the key is opened.' }),
}).messages({ ...plainMessages });
