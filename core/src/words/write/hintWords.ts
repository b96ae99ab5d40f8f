import { longDate } from '../../model';
import { inList } from '../../quantities/inList';

const wrote = (typed: string, is: string) => `You wrote “${typed}”; ${is}.`;

/** What a writer typed, beside what the data and the log say. */
export const hintWords = {
  firstDay: (typed: string, day: string) => wrote(typed, `the first day was ${longDate(day)}`),
  lastDay: (typed: string, day: string) => wrote(typed, `the last day was ${longDate(day)}`),
  ranFrom: (typed: string, first: string, last: string) => wrote(typed, `the study ran from ${longDate(first)} to ${longDate(last)}`),
  weekday: (typed: string, weekday: string) => wrote(typed, `that day was a ${weekday}`),
  data: (typed: string, values: readonly string[]) => wrote(typed, `the data say ${inList(values)}`),
  verdict: (says: string, verdict: string) => [says, `The verdict is “${verdict}”.`].filter((part) => part !== '').join(' '),
};
