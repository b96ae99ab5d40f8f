import { means } from '../compare/means';
import { decimalsFor } from '../quantities/roundTo';
import { median } from '../stats/moments';
import { interval, scaled, show } from '../quantities/show';
import { summariseValues } from './armSummary';
import { dailyValues } from './dailyValues';
import { endValues, stillThere } from './endValues';
import type { Kind, ReadingContext } from './Kind';
import { unitEnd } from './unitEnd';

/** What every kind does that compares one number a unit by its mean. Kinds start from it and say where they differ. */
export const measured: Kind = {
  label: 'amount',
  verb: 'Measure',
  entry: 'keypad',
  seconds: 15,
  question: ({ name, unit }) => `${name}, in ${unit || 'its unit'}?`,
  choices: () => [],
  ownUnit: true,
  hasSteps: false,
  hasFormula: false,
  fresh: { unit: 'cm', when: 'final', rubric: [], derived: null },
  ofSown: false,
  byEye: false,
  timed: false,
  adds: false,
  leads: true,
  refuse: () => null,
  doubts: slips,
  misplanned: () => null,
  from: ({ code: measure }) => [measure],
  daily: ({ code: measure }, { of, start }) => dailyValues(of(measure), start, 'replaces'),
  plants: 'mean',
  end: unitEnd,
  values: (measure, data, share) => endValues(stillThere(measure, data), (curve) => unitEnd(measure, curve), share),
  wording: ({ code: measure, unit }) => ({ measure, unit: unit === '%' ? 'points' : unit, scale: 1, more: 'higher', less: 'lower' }),
  mattersIn: ({ unit }) => unit,
  summarise: (arm, { values }) => summariseValues(arm, values),
  compare: means,
  columns: ({ unit }) => [
    { head: `Mean${unit === '' ? '' : `, ${unit}`}`, cell: ({ mean, sd }) => scaled(mean, 1, sd) },
    { head: 'SD', cell: ({ sd }) => show(sd, sd) },
    { head: '95 % interval of the mean', cell: ({ ci95, sd }) => interval(ci95, 1, sd) },
  ],
  picture: 'dots',
  one: ({ spread }, middle, source) => Number(source.normal(middle, spread).toFixed(decimalsFor(middle, spread))),
};

/** A decimal point in the wrong place: nine times off what one would expect, or more. */
function slips(value: number, { measure, before, neighbours }: ReadingContext) {
  const middle = typical(before, neighbours);
  if (middle === null || value <= 0 || (value < 9 * middle && value > middle / 9)) return [];
  return [
    {
      level: 'ask' as const,
      message: `${value} ${measure.unit} is about ten times ${value > middle ? 'more' : 'less'} than the others (${middle} ${measure.unit}). Is the decimal point right?`,
    },
  ];
}

/** What one would expect: the middle of at least three neighbours, else the unit's own last value; null if that is 0 or not known. */
function typical(before: ReadingContext['before'], neighbours: readonly number[]): number | null {
  const middle = neighbours.length >= 3 ? median(neighbours) : (before?.value ?? null);
  return middle === null || middle <= 0 ? null : middle;
}
