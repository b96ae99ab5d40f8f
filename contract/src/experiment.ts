import { experimentFields, kindOf, type Experiment, itemAt } from '@fern/core';
import { plainMessages } from './messages';
import { schemaOf } from './schemaOf';

/** A whole experiment as it is stored; a message says what to do where a plan cannot work. */
export const experimentSchema = schemaOf(experimentFields)
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
      path: ['arms', itemAt(controls, 1), 'role'],
      detail: `There are two controls, ${itemAt(arms, itemAt(controls, 0)).name} and ${itemAt(arms, itemAt(controls, 1)).name}. Keep one.`,
    };
  const known = new Set(arms.map((a) => a.code));
  const stray = units.findIndex((u) => !known.has(u.arm));
  if (stray >= 0)
    return {
      path: ['units', stray, 'arm'],
      detail: `${itemAt(units, stray).code} belongs to arm “${itemAt(units, stray).arm}”, which does not exist.`,
    };
  const primary = measures.filter((m) => m.primary).length;
  if (primary !== 1)
    return {
      path: ['measures'],
      detail: primary === 0 ? 'No measure decides. Choose the one that carries the verdict.' : 'Only one measure can decide.',
    };
  const wrong = measures.map((measure) => kindOf(measure).misplanned(measure, measures));
  const bad = wrong.findIndex((words) => words !== null);
  if (bad >= 0) return { path: ['measures', bad, 'derived'], detail: wrong[bad] ?? '' };
  if (startedOn !== null && endedOn !== null && endedOn < startedOn)
    return { path: ['endedOn'], detail: `The end, ${endedOn}, is before the start on ${startedOn}.` };
  return null;
}
