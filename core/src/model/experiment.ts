import { armFields } from './arm';
import { askedFields } from './asked';
import type { Care } from './care';
import { choice, date, flag, list, longText, maybe, number, record, text, type RecordOf } from './fields';
import type { Incident } from './incident';
import { measureFields } from './measure';
import type { Observation } from './observation';
import type { Photo } from './photo';
import { planFields } from './plan';
import { unitFields } from './unit';
import { writingFields } from './writing';

/** The most units that one experiment may have. */
export const MOST_UNITS = 400;

export const experimentFields = {
  name: text({ words: 'the name of its files', least: 1, most: 80, trim: true, free: true }),
  title: text({ words: 'the title', least: 1, most: 200, trim: true, free: true, says: { empty: 'Give the experiment a title.' } }),
  /** ISO 8601 date-time. */
  created: text({ words: 'when it was made', most: 40 }),
  question: longText({ words: 'the question' }),
  claim: maybe(longText({ words: 'the claim' })),
  hypothesis: longText({ words: 'the hypothesis' }),
  nullHypothesis: longText({ words: 'the null hypothesis' }),
  claimedRatio: maybe(number({ words: 'the size of the claim', above: 0 })),
  /** Empty where nobody chose: then every treatment is asked against the control. */
  asked: list(record(askedFields), { words: 'what is compared first', most: 40, optional: true }),
  startedOn: maybe(date({ words: 'day 0' })),
  endedOn: maybe(date({ words: 'the last day', free: true })),
  comparison: choice(['control', 'all-pairs'], { words: 'what is compared with what' }),
  layout: choice(['completely-random', 'blocks', 'pairs'], { words: 'how the groups were assigned' }),
  blinded: flag({ words: 'whether it is read blind' }),
  plan: record(planFields),
  writing: record(writingFields, { words: 'the writer’s words', free: true }),
  arms: list(record(armFields), {
    words: 'arm',
    least: 1,
    most: 40,
    each: 'code',
    says: { least: 'There are no groups. Add a control and at least one treatment.' },
  }),
  units: list(record(unitFields), {
    words: 'unit',
    least: 1,
    most: MOST_UNITS,
    each: 'code',
    says: {
      least: 'There are 0 units. Give every group at least one, better four.',
      most: `There are more than ${MOST_UNITS} units. Use ${MOST_UNITS} at the most.`,
    },
  }),
  measures: list(record(measureFields), {
    words: 'measure',
    least: 1,
    most: 40,
    each: 'code',
    says: { least: 'There is no measure. Add the one that decides.' },
  }),
};

/** Everything that is decided before the first observation, with the state of each unit. */
export type Experiment = RecordOf<typeof experimentFields>;
export type Layout = Experiment['layout'];
export type Comparison = Experiment['comparison'];

/** An experiment with all that was logged: what travels as one package and what the analysis reads. */
export interface Study {
  readonly experiment: Experiment;
  readonly observations: readonly Observation[];
  readonly incidents: readonly Incident[];
  readonly care: readonly Care[];
  readonly photos: readonly Photo[];
}
