import Joi from 'joi';
import type { Care, Happening, Observation } from '@fern/core';
import { calendarDate, moment } from './dates';
import { plainMessages } from './messages';

/** The most rows that one request may bring. */
export const MOST_ROWS = 5000;

const id = Joi.string().min(1).max(64);
const note = Joi.string().allow(null, '').max(2000);

const observation = Joi.object<Observation>({
  id: id.required(),
  unit: Joi.string().max(40).required(),
  plant: Joi.string().max(40).allow(null).default(null),
  measure: Joi.string().max(40).required(),
  observedOn: moment.required(),
  value: Joi.number().strict().min(0).max(1e12).required().messages({ 'number.min': 'A reading cannot be below 0.' }),
  category: Joi.string().max(60).allow(null).default(null),
  observer: Joi.string().max(120).allow(null).default(null),
  blinded: Joi.boolean().strict().default(false),
  source: Joi.string().valid('hand', 'import', 'instrument', 'photo').default('hand'),
  note: note.default(null),
  replaces: id.allow(null).default(null),
});

/** Readings posted together: all are stored, or none. */
export const observationsSchema = Joi.object<{ observations: Observation[] }>({
  observations: Joi.array().items(observation).min(1).max(MOST_ROWS).unique('id').required(),
}).messages({ ...plainMessages });

const codes = Joi.array().items(Joi.string().max(40).pattern(/^\S+$/)).max(400);

export const happeningSchema = Joi.object<Happening>({
  id: id.required(),
  on: calendarDate.required(),
  kind: Joi.string().valid('protocol-change', 'equipment', 'pest-or-disease', 'weather', 'mix-up', 'loss', 'other').required(),
  arms: codes.required(),
  units: codes.required(),
  note: Joi.string().allow('').max(2000).required(),
}).messages({ ...plainMessages });

export const careSchema = Joi.object<Care>({
  id: id.required(),
  on: calendarDate.required(),
  unit: Joi.string().max(40).allow(null).required(),
  arm: Joi.string().max(40).allow(null).required(),
  kind: Joi.string().valid('water', 'feed', 'other').required(),
  amount: Joi.number().strict().min(0).allow(null).required(),
  amountUnit: Joi.string().max(20).allow(null).required(),
  note: note.required(),
}).messages({ ...plainMessages });

export const unitStatusSchema = Joi.object<{ status: 'active' | 'lost' | 'excluded' | 'ended'; statusReason: string | null }>({
  status: Joi.string().valid('active', 'lost', 'excluded', 'ended').required(),
  statusReason: Joi.string().allow(null, '').max(300).required(),
}).messages({ ...plainMessages });
