import Joi from 'joi';
import { MOST_UNITS, type Arm, type Experiment, type Measure, type Plan, type Unit, type Writing } from '@fern/core';
import { calendarDate } from './dates';
import { plainMessages } from './messages';

const line = () => Joi.string().allow('').max(300);
const text = () => Joi.string().allow('').max(20_000);
const code = () => Joi.string().trim().min(1).max(40);
const lines = () => Joi.array().items(Joi.string().allow('').max(1000)).max(200);
const number = () => Joi.number().strict().allow(null);

const arm = Joi.object<Arm>({
  arm: code().required(),
  name: Joi.string().trim().min(1).max(120).required().messages({ 'string.empty': 'Give this arm a name.' }),
  role: Joi.string().valid('control', 'treatment', 'reference').required(),
  dose: number().required(),
  doseUnit: line().allow(null).required(),
  factors: Joi.object().pattern(Joi.string().max(60), Joi.string().max(120)).max(5).required(),
});

const unit = Joi.object<Unit>({
  unit: code().required(),
  arm: code().required(),
  block: line().allow(null).required(),
  container: line().allow(null).required(),
  row: Joi.number().strict().integer().min(1).max(400).allow(null).required(),
  column: Joi.number().strict().integer().min(1).max(400).allow(null).required(),
  sown: Joi.number().strict().integer().min(0).max(1_000_000).allow(null).required(),
  lot: line().allow(null).required(),
  startedOn: calendarDate.allow(null).required(),
  status: Joi.string().valid('active', 'lost', 'excluded', 'ended').required(),
  statusReason: line().allow(null).required(),
});

const measure = Joi.object<Measure>({
  measure: code().pattern(/^\S+$/).required(),
  name: Joi.string().trim().min(1).max(120).required().messages({ 'string.empty': 'Give this measure a name.' }),
  kind: Joi.string().valid('count', 'amount', 'rating', 'event', 'harvest').required(),
  unit: line().required(),
  category: line().allow(null).required(),
  higherIs: Joi.string().valid('better', 'worse', 'neither').required(),
  primary: Joi.boolean().strict().required(),
  smallestDifference: Joi.number().strict().min(0).allow(null).required(),
  when: Joi.string()
    .pattern(/^(final|total|area|day \d{1,4})$/)
    .required(),
  rubric: Joi.array()
    .items(
      Joi.object({
        value: Joi.number().strict().integer().required(),
        words: Joi.string()
          .pattern(/^[^;]+$/)
          .max(200)
          .required(),
      }),
    )
    .max(20)
    .required(),
  readingDays: Joi.array().items(Joi.number().strict().integer().min(0).max(3650)).max(400).unique().required(),
});

const plan = Joi.object<Plan>({
  plant: line().required(),
  changed: line().required(),
  unitWord: Joi.string().trim().min(1).max(40).required(),
  kept: Joi.array()
    .items(Joi.object({ what: line().required(), how: line().required() }))
    .max(100)
    .required(),
  materials: lines().required(),
  steps: lines().required(),
  cautions: lines().required(),
  endRule: text().required(),
  shuffleSeed: Joi.number().strict().integer().allow(null).required(),
  bench: Joi.array()
    .items(
      Joi.object({
        name: line().required(),
        rows: Joi.number().strict().integer().min(1).max(400).required(),
        columns: Joi.number().strict().integer().min(1).max(400).required(),
        light: Joi.string().valid('lamp', 'window', 'none').required(),
      }),
    )
    .max(100)
    .required(),
  frozenOn: calendarDate.allow(null).required(),
  amendments: Joi.array()
    .items(Joi.object({ on: calendarDate.required(), what: line().min(1).required(), reason: line().min(1).required() }))
    .max(500)
    .required(),
  predictions: Joi.array()
    .items(
      Joi.object({
        person: line().min(1).required(),
        expects: line().min(1).required(),
        reason: line().required(),
        on: calendarDate.required(),
      }),
    )
    .max(200)
    .required(),
  stages: Joi.array()
    .items(
      Joi.object({
        name: line().required(),
        kind: Joi.string().valid('soak', 'spray', 'open', 'handle', 'heat', 'cold', 'move', 'other').required(),
        arms: Joi.array().items(code()).max(40).required(),
        hours: number().required(),
        tested: Joi.boolean().strict().required(),
      }),
    )
    .max(100)
    .required(),
  spreadGuess: Joi.number().strict().min(0).allow(null).required(),
  controlGuess: number().required(),
  controlBars: Joi.array()
    .items(Joi.object({ measure: line().required(), least: number().required(), most: number().required() }))
    .max(20)
    .required(),
  expectedSurvival: Joi.number().strict().min(0).max(1).allow(null).required(),
  plantsKept: Joi.number().strict().integer().min(1).allow(null).required(),
  thinningRule: line().required(),
  canReach: lines().required(),
  barriers: Joi.array()
    .items(Joi.object({ row: Joi.number().strict().integer().required(), column: Joi.number().strict().integer().required() }))
    .max(400)
    .required(),
  usuallyKept: lines().required(),
  notTested: lines().required(),
  troubles: lines().required(),
  decision: text().required(),
});

const writing = Joi.object<Writing>({
  background: text().required(),
  discussion: text().required(),
  conclusion: text().required(),
  next: text().required(),
});

/** A whole experiment as it is stored; a message says what to do where a plan cannot work. */
export const experimentSchema = Joi.object<Experiment>({
  name: Joi.string().trim().min(1).max(80).required(),
  title: Joi.string().trim().min(1).max(200).required().messages({ 'string.empty': 'Give the experiment a title.' }),
  created: Joi.string().max(40).required(),
  question: text().required(),
  claim: text().allow(null).required(),
  hypothesis: text().required(),
  nullHypothesis: text().required(),
  claimedRatio: Joi.number().strict().greater(0).allow(null).required(),
  startedOn: calendarDate.allow(null).required(),
  endedOn: calendarDate.allow(null).required(),
  comparison: Joi.string().valid('control', 'all-pairs').required(),
  layout: Joi.string().valid('completely-random', 'blocks', 'pairs').required(),
  blinded: Joi.boolean().strict().required(),
  plan: plan.required(),
  writing: writing.required(),
  arms: Joi.array()
    .items(arm)
    .min(1)
    .max(40)
    .unique('arm')
    .required()
    .messages({ 'array.min': 'There is no arm. Add a control and at least one treatment.' }),
  units: Joi.array()
    .items(unit)
    .min(1)
    .max(MOST_UNITS)
    .unique('unit')
    .required()
    .messages({
      'array.min': 'There are 0 units. Give every arm at least one, better four.',
      'array.max': `There are more than ${MOST_UNITS} units. Use ${MOST_UNITS} at the most.`,
    }),
  measures: Joi.array()
    .items(measure)
    .min(1)
    .max(40)
    .unique('measure')
    .required()
    .messages({ 'array.min': 'There is no measure. Add the one that decides.' }),
})
  .custom((experiment: Experiment, helpers) => {
    const conflict = firstConflict(experiment);
    if (conflict === null) return experiment;
    const at = helpers.state.localize?.([...(helpers.state.path ?? []), ...conflict.path]);
    return helpers.error('experiment.together', { detail: conflict.detail }, at);
  })
  .messages({ ...plainMessages, 'experiment.together': '{{#detail}}' });

/** What must fit together and no single field can tell: the first place where it does not. */
function firstConflict(experiment: Experiment): { readonly path: (string | number)[]; readonly detail: string } | null {
  const { arms, units, measures, startedOn, endedOn } = experiment;
  const controls = arms.flatMap((a, i) => (a.role === 'control' ? [i] : []));
  if (controls.length === 0) return { path: ['arms'], detail: 'No arm is the control. Make one arm the control.' };
  if (controls.length > 1)
    return {
      path: ['arms', controls[1], 'role'],
      detail: `There are two controls, ${arms[controls[0]].name} and ${arms[controls[1]].name}. Keep one.`,
    };
  const known = new Set(arms.map((a) => a.arm));
  const stray = units.findIndex((u) => !known.has(u.arm));
  if (stray >= 0)
    return { path: ['units', stray, 'arm'], detail: `${units[stray].unit} belongs to arm “${units[stray].arm}”, which does not exist.` };
  const primary = measures.filter((m) => m.primary).length;
  if (primary !== 1)
    return {
      path: ['measures'],
      detail: primary === 0 ? 'No measure decides. Choose the one that carries the verdict.' : 'Only one measure can decide.',
    };
  if (startedOn !== null && endedOn !== null && endedOn < startedOn)
    return { path: ['endedOn'], detail: `The end, ${endedOn}, is before the start on ${startedOn}.` };
  return null;
}
