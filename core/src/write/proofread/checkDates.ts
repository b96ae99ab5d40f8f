import { addDays, isDate, longDate, type Study } from '../../model';
import { lastReadingDay } from '../../plan/edits/measures';
import type { Hint } from './checkNumbers';
import { hintWords } from '../../words/write/hintWords';

const months = ['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december'];
const month = `(?:${months.map((name) => `${name}|${name.slice(0, 3)}`).join('|')})`;
const weekday = '(?:(?<weekday>mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?,? )?';
const shapes = [
  `${weekday}(?:the )?(?<day>\\d{1,2})(?:st|nd|rd|th)?(?: of)? (?<month>${month})\\b(?:,? (?<year>\\d{4}))?`,
  `${weekday}(?<month>${month}) (?<day>\\d{1,2})(?:st|nd|rd|th)?(?![\\d:])(?:,? (?<year>\\d{4}))?`,
  `${weekday}(?<day>\\d{1,2})[./](?<month>\\d{1,2})[./](?<year>\\d{4})`,
  `(?<year>\\d{4})-(?<month>\\d{2})-(?<day>\\d{2})`,
].map((shape) => new RegExp(`\\b${shape}`, 'gi'));

/** What people do in a run; a date beside none of them may be of a book, or of a birthday. */
const deed =
  /\b(sow(?:ed|n)?|plant(?:ed)?|put|set up|start(?:ed)?|beg[ai]n|begun|count(?:ed)?|read|measur\w+|weigh\w+|water(?:ed)?|fed|pick(?:ed)?|harvest\w*|end(?:ed)?|finish(?:ed)?|sprout\w*|flower(?:ed)?|died|lost|photograph\w*|moved|checked|saw)\b/i;
const whole = '(?:it|this|(?:the|our|my|this) (?:experiment|test|study|run))';
const deedOfAll = (verbs: string) => new RegExp(`\\b(?:we|i|${whole}) (?:was |has )?(?:${verbs})(?: ${whole})?(?: on)? (?:the )?$`, 'i');
const begins = deedOfAll('started|began|begun');
const ends = deedOfAll('ended|finished');

interface TypedDate {
  readonly from: number;
  readonly to: number;
  readonly date: string;
  readonly weekday: string | null;
}

/**
 * Dates of the calendar that the study does not bear out: beside a deed but outside the run, another first or last day, another day of the week.
 * @param sentence of the writer, without references
 * @returns a doubt a date
 */
export function checkDates(sentence: string, study: Study): Hint[] {
  const { startedOn, endedOn } = study.experiment;
  if (startedOn === null) return [];
  const [first, last] = runOf(study, startedOn);
  return datesIn(sentence, first, last).flatMap(({ from, to, date, weekday: named }) => {
    const before = sentence.slice(0, from);
    const typed = sentence.slice(from, to);
    const hint = (says: string): Hint[] => [{ from, to, says }];
    if (begins.test(before) && date !== startedOn) return hint(hintWords.firstDay(typed, startedOn));
    if (ends.test(before) && endedOn !== null && date !== endedOn) return hint(hintWords.lastDay(typed, endedOn));
    if (deed.test(sentence) && (date < first || date > last)) return hint(hintWords.ranFrom(typed, first, last));
    const [own = ''] = longDate(date).split(' ');
    return named === null || own.toLowerCase().startsWith(named.slice(0, 3).toLowerCase()) ? [] : hint(hintWords.weekday(typed, own));
  });
}

/** First and last day of which the study knows anything. */
function runOf({ experiment, observations, care, incidents }: Study, startedOn: string): [string, string] {
  const days = [
    startedOn,
    experiment.endedOn ?? addDays(startedOn, lastReadingDay(experiment)),
    ...observations.map(({ observedOn }) => observedOn.slice(0, 10)),
    ...care.map(({ on }) => on.slice(0, 10)),
    ...incidents.map(({ on }) => on.slice(0, 10)),
  ].sort();
  return [days[0] ?? '', days[days.length - 1] ?? ''];
}

/** The dates of a sentence; one without a year is of the year in which the study ran then. */
function datesIn(sentence: string, first: string, last: string): TypedDate[] {
  return shapes.flatMap((shape) =>
    [...sentence.matchAll(shape)].flatMap((match) => {
      const { day, month: named = '', year, weekday: said } = match.groups ?? {};
      const number = /^\d/.test(named) ? Number(named) : months.findIndex((name) => name.startsWith(named.toLowerCase().slice(0, 3))) + 1;
      const inYear = (own: string) => `${own}-${two(number)}-${two(Number(day))}`;
      const years = year === undefined ? [first.slice(0, 4), last.slice(0, 4)] : [year];
      const dates = years.map(inYear).filter(isDate);
      const date = dates.find((own) => own >= first && own <= last) ?? dates[0];
      return date === undefined ? [] : [{ from: match.index, to: match.index + match[0].length, date, weekday: said ?? null }];
    }),
  );
}

const two = (digits: number) => String(digits).padStart(2, '0');
