import { dailyValues } from './dailyValues';
import type { Kind } from './Kind';
import { measured } from './measured';
import { endValues } from './endValues';
import { sumOf, unitEnd, untilDay } from './unitEnd';

/** A total grows until its day, whether or not something was picked on it. */
const end: Kind['end'] = (measure, curve) => {
  const until = untilDay(measure.when);
  if (curve.length === 0 || until === Infinity) return unitEnd(measure, curve);
  return sumOf(curve.filter((point) => point.day <= until));
};

/** Pickings that add up. */
export const harvestKind: Kind = {
  ...measured,
  label: 'harvest',
  verb: 'Pick and weigh',
  question: ({ name, unit }) => `Picked today: ${name.toLowerCase()}, in ${unit}?`,
  fresh: { ...measured.fresh, when: 'total' },
  adds: true,
  daily: ({ code: measure }, { of, start }) => dailyValues(of(measure), start, 'adds'),
  plants: 'sum',
  end,
  values: (measure, data, share) => endValues(data, (curve) => end(measure, curve), share),
};
