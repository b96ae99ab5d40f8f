import { upperFirst } from 'lodash-es';
import { itemAt } from '../invariant';
import { ICalAlarmType, ICalCalendar, ICalCalendarMethod, ICalEventTransparency } from 'ical-generator';
import { addDays, momentWords, readsBlind, type Experiment } from '../model';
import { kindOf } from '../kinds';
import { inList } from '../quantities/inList';
import { plural } from '../quantities/plural';
import { lengthWords } from '../study/lengthWords';
import { plannedTimes, type TimedStep } from '../study/schedule/plannedTimes';
import { USUAL_CLOCK } from '../study/schedule/schedule';
import { minuteOf } from '../study/schedule/zoned';
import { RULES_FIRST } from '../data/hazards';
import { stepCautions } from '../words/cautions';

const MINUTE = 60_000;
const ALARM_SECONDS = 15 * 60;
const READING_MINUTES = 30;
const HANDS_MINUTES = 15;

/** One entry of the calendar, before it is written. */
interface Entry {
  /** The same as long as it is the same step or walk, so that a new file moves it and does not double it. */
  readonly uid: string;
  readonly begins: number;
  readonly ends: number;
  readonly summary: string;
  readonly text: string;
}

/**
 * Steps and readings as a calendar file, RFC 5545, each with an alarm. Imported again, a newer file moves what is there.
 * @param experiment a plan with a day 0
 * @param now when the file is made, an ISO 8601 moment: the later one wins
 * @returns the text of an .ics file; with no entries before there is a day 0
 */
export function calendarOf(experiment: Experiment, now: string): string {
  const calendar = new ICalCalendar({
    name: experiment.title.replace(/\s+/g, ' '),
    prodId: { company: 'Fern Test', product: 'fern-test', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  const stamp = new Date(now);
  const sequence = Math.max(0, Math.floor((stamp.getTime() - (Date.parse(experiment.created) || 0)) / MINUTE) % 2 ** 31);
  for (const { uid, begins, ends, summary, text } of entriesOf(experiment)) {
    const event = calendar.createEvent({
      id: uid,
      sequence,
      stamp,
      lastModified: stamp,
      start: new Date(begins * MINUTE),
      end: new Date(ends * MINUTE),
      // Without a zone the clock on the wall counts, wherever the calendar is opened.
      floating: experiment.plan.timing.zone === '',
      summary,
      description: text,
      transparency: ICalEventTransparency.TRANSPARENT,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_SECONDS, description: summary });
  }
  return calendar.toString();
}

function entriesOf(experiment: Experiment): Entry[] {
  return [...stepEntries(experiment), ...readingEntries(experiment)].sort((a, b) => a.begins - b.begins);
}

/** Whoever reads blind finds no arms in the calendar either. */
function stepEntries(experiment: Experiment): Entry[] {
  const { plan, arms, name, created } = experiment;
  const groups = new Map<string, TimedStep[]>();
  for (const step of plannedTimes(experiment).steps) {
    const key = `${step.stage} ${step.day ?? 'before'} ${step.begins}`;
    groups.set(key, [...(groups.get(key) ?? []), step]);
  }
  return [...groups.values()].flatMap((steps): Entry[] => {
    const { stage, day, begins, ends } = itemAt(steps, 0);
    const own = itemAt(plan.stages, stage);
    const codes = steps.map(({ arm }) => arm);
    const names = arms.filter(({ code: arm }) => codes.includes(arm)).map((arm) => arm.name);
    const whom = codes.length === arms.length ? 'all groups' : readsBlind(experiment) ? 'some groups' : inList(names);
    const length = lengthWords(own.hours, own.hoursMost);
    const cautions = stepCautions(own);
    const text = [
      `${upperFirst(own.name)}: ${whom}.`,
      ...(length === '' ? [] : [`Lasts ${length}.`]),
      ...cautions,
      ...(cautions.length > 0 ? [RULES_FIRST] : []),
    ].join('\n');
    const uid = `${idOf(name, created)}-${stage}-${codes.join('.')}-${day ?? 'before'}@fern-test`;
    const first: Entry = { uid, begins, ends: begins + HANDS_MINUTES, summary: `${upperFirst(own.name)} (${whom})`, text };
    if (own.hours === null) return [first];
    return [first, { ...first, uid: `end-${uid}`, begins: ends, ends: ends + HANDS_MINUTES, summary: `End: ${own.name} (${whom})` }];
  });
}

function readingEntries({ measures, plan, startedOn, units, name, created }: Experiment): Entry[] {
  if (startedOn === null) return [];
  const { zone, at } = plan.timing;
  const read = measures.filter((measure) => kindOf(measure).entry !== 'none');
  const days = [...new Set(read.flatMap(({ readingDays }) => readingDays))];
  return days.map((day): Entry => {
    const own = read.filter(({ readingDays }) => readingDays.includes(day));
    const clock = at || USUAL_CLOCK;
    const begins = Number.isInteger(day)
      ? minuteOf({ date: addDays(startedOn, day), clock }, zone)
      : minuteOf({ date: startedOn, clock }, zone) + Math.round(day * 24 * 60);
    const names = inList(own.map((measure) => measure.name.toLowerCase()));
    return {
      uid: `${idOf(name, created)}-read-${momentWords(day)}@fern-test`,
      begins,
      ends: begins + READING_MINUTES,
      summary: `Read day ${momentWords(day)}: ${names}`,
      text: `${upperFirst(names)} of ${units.length} ${plural(plan.unitNoun)}.`,
    };
  });
}
const idOf = (name: string, created: string) => `${name}-${created}`.replace(/[^A-Za-z0-9-]/g, '');
