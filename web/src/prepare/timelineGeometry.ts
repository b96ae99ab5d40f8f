import {
  addDays,
  isThereOn,
  kindOf,
  localOf,
  minuteOf,
  shortDate,
  type Experiment,
  type PlannedTimes,
  type TimedStep,
  itemAt,
} from '@fern/core';

/** A step of one arm as drawn. */
interface Bar {
  readonly step: TimedStep;
  readonly x: number;
  readonly width: number;
  readonly words: string;
  readonly isShown: boolean;
}

interface Tick {
  readonly x: number;
  readonly words: string;
}

interface Shade {
  readonly x: number;
  readonly width: number;
}

export interface TimelineGeometry {
  readonly rows: readonly { readonly arm: string; readonly y: number; readonly bars: readonly Bar[]; readonly growing: Shade | null }[];
  readonly ticks: readonly Tick[];
  /** Days on which nobody is there. */
  readonly off: readonly Shade[];
  readonly readings: readonly Tick[];
  readonly sowing: number;
  readonly now: number | null;
  readonly height: number;
  readonly minutesOf: (pixels: number) => number;
}

export const WIDTH = 900;
export const LEFT = 56;
export const ROW = 44;
export const BAR = 26;
export const TOP = 34;
const LEAST = 9;
const DAY = 24 * 60;
const LETTER = 6.6;

/** Where everything stands in the drawing of the times of a plan; null before there is a day of sowing. */
export function timelineGeometry(experiment: Experiment, { steps, sowing }: PlannedTimes, now: number): TimelineGeometry | null {
  if (sowing === null || experiment.startedOn === null) return null;
  const { arms, plan, startedOn } = experiment;
  const { timing } = plan;
  const days = readingDays(experiment);
  const reads = days.map((day) =>
    Number.isInteger(day) ? minuteOf({ date: addDays(startedOn, day), clock: timing.at || '09:00' }, timing.zone) : sowing + day * DAY,
  );
  const [first, last] = [
    Math.min(sowing, ...steps.map(({ begins }) => begins)),
    Math.max(sowing, ...steps.map(({ ends }) => ends), ...reads),
  ];
  const pad = Math.max(60, (last - first) * 0.03);
  const [from, to] = [first - pad, last + pad];
  const scale = (WIDTH - LEFT - 10) / (to - from);
  const x = (minute: number) => LEFT + (minute - from) * scale;
  const dates = datesBetween(localOf(from, timing.zone).date, localOf(to, timing.zone).date);
  const start = (date: string) => x(minuteOf({ date, clock: '' }, timing.zone));
  return {
    rows: arms.map(({ code: arm }, i) => ({
      arm,
      y: TOP + i * ROW,
      bars: barsOf(
        steps.filter((step) => step.arm === arm),
        plan.stages.map(({ name }) => name),
        x,
      ),
      growing: reads.length === 0 ? null : { x: x(sowing), width: Math.max(LEAST, x(Math.max(...reads)) - x(sowing)) },
    })),
    ticks: ticksOf(dates, to - from).map((date) => ({ x: Math.max(LEFT, start(date)), words: shortDate(date) })),
    off: dates.filter((date) => !isThereOn(date, timing)).map((date) => ({ x: Math.max(LEFT, start(date)), width: DAY * scale })),
    readings: reads.map((minute, i) => ({ x: x(minute), words: `day ${Number(itemAt(days, i).toFixed(3))}` })),
    sowing: x(sowing),
    now: now >= from && now <= to ? x(now) : null,
    height: TOP + arms.length * ROW + 44,
    minutesOf: (pixels) => pixels / scale,
  };
}

/** Short ones are drawn wide enough to be seen and held, and push the next aside. */
function barsOf(steps: readonly TimedStep[], names: readonly string[], x: (minute: number) => number): Bar[] {
  let free = -Infinity;
  return [...steps]
    .sort((a, b) => a.begins - b.begins || a.stage - b.stage)
    .map((step) => {
      const left = Math.max(x(step.begins), free);
      const width = Math.max(LEAST, x(step.ends) - left);
      free = left + width + 1;
      const words = itemAt(names, step.stage);
      return { step, x: left, width, words, isShown: words.length * LETTER < width - 8 };
    });
}

const readingDays = ({ measures }: Experiment) =>
  [...new Set(measures.filter((measure) => kindOf(measure).entry !== 'none').flatMap((measure) => measure.readingDays))].sort(
    (a, b) => a - b,
  );

function datesBetween(from: string, to: string): string[] {
  const dates: string[] = [];
  for (let date = from; date <= to; date = addDays(date, 1)) dates.push(date);
  return dates;
}

/** About eight of them: days, weeks from a Monday, or months. */
function ticksOf(dates: readonly string[], minutes: number): string[] {
  const days = minutes / DAY;
  if (days <= 9) return [...dates];
  const mondays = dates.filter((date) => new Date(date).getUTCDay() === 1);
  const every = Math.max(1, Math.ceil(mondays.length / 8));
  return mondays.filter((_, i) => i % every === 0);
}
