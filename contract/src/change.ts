import Joi from 'joi';
import type { Experiment } from '@fern/core';
import { experimentSchema } from './experiment';
import { plainMessages } from './messages';

/** A change of an experiment, made from the version named. */
export const changeSchema = Joi.object<{ version: number; experiment: Experiment }>({
  version: Joi.number().strict().integer().min(1).required(),
  experiment: experimentSchema.required(),
}).messages({ ...plainMessages });
