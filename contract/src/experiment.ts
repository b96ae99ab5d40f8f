import { checkExperiment, experimentFields, latestAnywhere, refusedOf, type Experiment } from '@fern/core';
import { plainMessages } from './messages';
import { schemaOf } from './schemaOf';

/** A whole experiment as it is stored; a message says what to do where a plan cannot work. */
export const experimentSchema = schemaOf(experimentFields)
  .custom((experiment: Experiment, helpers) => {
    const [conflict] = refusedOf(checkExperiment(experiment, latestAnywhere(new Date())));
    if (!conflict) return experiment;
    const at = helpers.state.localize?.([...(helpers.state.path ?? []), ...pathOf(conflict.pointer)]);
    return helpers.error('experiment.together', { detail: conflict.detail }, at);
  })
  .messages({ ...plainMessages, 'experiment.together': '{{#detail}}' });

/** The steps of a JSON pointer. */
function pathOf(pointer: string): (string | number)[] {
  return pointer
    .split('/')
    .slice(1)
    .map((step) => (/^\d+$/.test(step) ? Number(step) : step));
}
