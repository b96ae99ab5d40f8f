import { choice, code, date, list, maybe, number, record, text, type RecordOf } from './fields';

const CLOCK = /^(?:([01]\d|2[0-3]):[0-5]\d)?$/;
/** A time of day as `08:30`; empty where none is said. */
export const clockField = (words: string) => text({ words, most: 5, pattern: CLOCK, optional: true });

const presenceFields = {
  /** 1 is Monday, 7 is Sunday. */
  day: number({ words: 'day of the week', whole: true, least: 1, most: 7, blank: 1 }),
  from: clockField('from'),
  to: clockField('to'),
};
/** Hours of a day of the week at which somebody is there. */
export type Presence = RecordOf<typeof presenceFields>;

const holidayFields = { from: date(), to: date(), name: text({ most: 80 }) };
/** Days on which nobody is there. */
export type Holiday = RecordOf<typeof holidayFields>;

const pinFields = {
  stage: text(),
  arm: code(),
  /** On which day and at what time it begins, in the zone of the plan. */
  on: date(),
  at: clockField('at'),
};
/** A step that a person put at a moment of their own. */
export type Pin = RecordOf<typeof pinFields>;

/** When the steps of a plan can and should happen. */
export const timingFields = {
  /** IANA name of the zone in which clocks are read; empty for a clock that is nowhere in particular. */
  zone: text({ words: 'the time zone', most: 60, optional: true }),
  /** What is given: the sowing itself, the first moment that there is, or the end by which all must be over. */
  given: choice(['sowing', 'first lesson', 'end of term'], { words: 'what the days are counted from', optional: true }),
  /** Day of the first lesson or of the end of term; the sowing is day 0. */
  on: maybe(date({ words: 'its day', optional: true })),
  /** Time of day of the sowing, and of what else has none of its own. */
  at: clockField('the time of sowing'),
  /** Hours at which somebody is there; empty for always. */
  presence: list(record(presenceFields), { words: 'when somebody is there', most: 40, optional: true }),
  holidays: list(record(holidayFields), { words: 'the holidays', most: 60, optional: true }),
  pins: list(record(pinFields), { words: 'what was moved by hand', most: 400, optional: true }),
};
export type Timing = RecordOf<typeof timingFields>;
