import { shortDate } from '../model';
import { logRankRows, restrictedTimes } from '../compare/events';
import { means } from '../compare/means';
import { show } from '../quantities/show';
import { summariseEvents } from './armSummary';
import { eventTimes } from './eventTimes';
import type { Kind } from './Kind';
import { measured } from './measured';
import { untilDay } from './unitEnd';

/** The day on which something first happened: 1 it has, 0 it had not by that day. */
export const eventKind: Kind = {
  ...measured,
  label: 'day it happens',
  verb: 'Look for',
  entry: 'choices',
  seconds: 10,
  question: ({ name }) => `Has it happened: ${name.toLowerCase()}?`,
  choices: () => [
    { value: 0, words: 'not yet' },
    { value: 1, words: 'yes, it has' },
  ],
  ownUnit: false,
  fresh: { ...measured.fresh, unit: 'd' },
  timed: true,
  leads: false,
  refuse: (value) => (value === 0 || value === 1 ? null : 'Type 1 if it has happened, 0 if not yet.'),
  doubts: (value, { unit, before }) =>
    value === 0 && before?.value === 1
      ? [
          {
            rule: 'taken-back',
            message: `In ${unit.code} it had happened by ${shortDate(before.observedOn)}. What has happened does not usually go back.`,
          },
        ]
      : [],
  values: (measure, data, _share, compared) => restrictedTimes(eventTimes(measure, data), compared),
  wording: ({ code: measure }) => ({ measure, unit: 'days', scale: 1, more: 'later', less: 'sooner' }),
  mattersIn: () => 'days',
  summarise: (arm, { measure, data, values }, { compared }) => summariseEvents(arm, eventTimes(measure, data), values, compared),
  compare: (compared, { measure, data }) => {
    const times = eventTimes(measure, data);
    const found = means(compared);
    const seen = times.some((unit) => unit.happened);
    return {
      ...found,
      tests: [...found.tests, ...logRankRows(compared, times)],
      reasons: seen ? found.reasons : ['It has not happened in any unit yet, so there is nothing to compare.'],
    };
  },
  columns: () => [
    { head: 'Median day', cell: ({ median }) => show(median, null) },
    { head: 'Happened', cell: ({ events: happened }) => String(happened ?? 0) },
    { head: 'Not yet', cell: ({ censored }) => String(censored ?? 0) },
  ],
  picture: 'days',
  one: ({ measure: { readingDays, when }, spread }, middle, source) => {
    const happens = Math.max(0, source.normal(middle, spread));
    const until = Math.min(untilDay(when), Math.max(...readingDays, Math.ceil(middle + 3 * spread)));
    return Math.min(until, readingDays.find((day) => day >= happens) ?? until);
  },
};
