import { ratings } from '../compare/ratings';
import { valuesOf } from '../compare/Compared';
import { scaled } from '../quantities/show';
import { summariseValues } from './armSummary';
import type { Kind } from './Kind';
import { measured } from './measured';

/** Steps of a rubric, each described in words. */
export const ratingKind: Kind = {
  ...measured,
  label: 'rating',
  verb: 'Rate',
  entry: 'choices',
  question: ({ name }) => `Which step fits: ${name.toLowerCase()}?`,
  choices: ({ rubric }) => rubric,
  ownUnit: false,
  hasSteps: true,
  fresh: { ...measured.fresh, unit: '' },
  byEye: true,
  leads: false,
  refuse: (value, { name, rubric }) => {
    const steps = rubric.map((step) => step.value);
    return steps.length === 0 || steps.includes(value) ? null : `${value} is no step of “${name}”. Its steps are ${steps.join(', ')}.`;
  },
  doubts: () => [],
  mattersIn: () => 'steps',
  summarise: (arm, { values, unitValues }) => {
    const steps: Record<string, number> = {};
    for (const value of valuesOf(unitValues, arm.code).sort((a, b) => a - b)) steps[String(value)] = (steps[String(value)] ?? 0) + 1;
    return { ...summariseValues(arm, values), steps };
  },
  compare: ratings,
  columns: (measure, share) => [{ head: 'Median', cell: ({ median }) => scaled(median, 1, null) }, ...measured.columns(measure, share)],
  picture: 'steps',
  one: ({ measure: { rubric }, spread }, middle, source) => {
    const steps = rubric.map(({ value }) => value);
    return Math.min(Math.max(...steps), Math.max(Math.min(...steps), Math.round(source.normal(middle, spread))));
  },
};
