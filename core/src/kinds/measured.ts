import { itemAt } from '../invariant';
import { means } from '../compare/means';
import { decimalsFor } from '../quantities/roundTo';
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
  wording: ({ code: measure, unit }) => ({
    measure,
    unit: unit === '%' ? 'percentage points' : unit,
    scale: 1,
    more: 'higher',
    less: 'lower',
  }),
  mattersIn: ({ unit }) => unit,
  summarise: (arm, { values }) => summariseValues(arm, values),
  compare: means,
  columns: ({ unit }) => [
    { head: `Mean${unit === '' ? '' : `, ${unit}`}`, cell: ({ mean, sd }) => scaled(mean, 1, sd) },
    { head: 'SD', cell: ({ sd }) => show(sd, sd) },
    { head: '95% CI of the mean', cell: ({ ci95, sd }) => interval(ci95, 1, sd) },
  ],
  picture: 'dots',
  one: ({ spread }, middle, source) => Number(source.normal(middle, spread).toFixed(decimalsFor(middle, spread))),
};

/** @param sorted one value or more, in order of size */
const middleOf = (sorted: readonly number[]) => (itemAt(sorted, (sorted.length - 1) >> 1) + itemAt(sorted, sorted.length >> 1)) / 2;

/** So many of the others make a middle to compare with; with fewer, the unit's own last value is. */
const FEWEST_OTHERS = 3;
/** Another that read up to so many times as much, or as little, is company: a group can be far from the rest by itself. */
const COMPANY = 3;

/** A decimal point in the wrong place: nine times off what one would expect, or more, and alone there. */
function slips(value: number, { measure, before, others }: ReadingContext) {
  const beside = others.length >= FEWEST_OTHERS;
  const middle = beside ? middleOf(others) : (before?.value ?? 0);
  if (middle <= 0 || value <= 0 || (value < 9 * middle && value > middle / 9)) return [];
  if (others.some((other) => other < COMPANY * value && other > value / COMPANY)) return [];
  return [
    {
      rule: 'ten-times' as const,
      message: `${value} ${measure.unit} is about ten times ${value > middle ? 'more' : 'less'} than ${beside ? 'the others' : 'before'} (${middle} ${measure.unit}). Is the decimal point right?`,
    },
  ];
}
