import { isSeed } from '../../data/putIn';
import { isSouthern } from '../../data/southernZones';
import type { Crop } from '../../data/crops';
import { kindOf } from '../../kinds';
import { primaryOf, type Experiment, type Measure } from '../../model';
import { cropName, cropOf } from '../../study/crop';
import type { Finding } from '../../words/findings';

/** The days do not fit the crop, or it would not grow outdoors at that time of year. */
export function cropRule(experiment: Experiment): Finding<'crop'>[] {
  const crop = cropOf(experiment.plan);
  if (crop === null) return [];
  const name = cropName(experiment.plan);
  const finding = (facts: Finding<'crop'>['facts']): Finding<'crop'> => ({ rule: 'crop', severity: 'caution', facts });
  const deciding = primaryOf(experiment.measures);
  const soon = deciding && tooSoon(deciding, crop, experiment);
  const months = outOfSeason(crop, experiment);
  return [
    ...(soon ? [finding({ name, ...soon })] : []),
    ...(months === null ? [] : [finding({ is: 'season', name, months, startedOn: experiment.startedOn ?? '' })]),
  ];
}

type TooSoon = { readonly is: 'sprouting' | 'harvest'; readonly days: readonly [number, number]; readonly last: number };

/** Seedlings are counted before the last come up, or a harvest is picked before there is one. */
function tooSoon(measure: Measure, { days, harvest }: Crop, { plan: { propagule } }: Experiment): TooSoon | null {
  const last = Math.max(0, ...measure.readingDays);
  if (last === 0 || !isSeed(propagule)) return null;
  const { ofSown, adds } = kindOf(measure);
  if (ofSown && days && last < days[1]) return { is: 'sprouting', days, last };
  return adds && harvest && last < harvest[0] ? { is: 'harvest', days: harvest, last } : null;
}

/** The months of sowing where it starts outside them; null where it stands indoors, or nobody knows when. */
function outOfSeason({ months }: Crop, { startedOn, plan }: Experiment): readonly [number, number] | null {
  const isOutdoors = plan.place === 'bed' || plan.place === 'ground' || plan.bench.some(({ light }) => light === 'outdoors');
  if (months === null || startedOn === null || !isOutdoors) return null;
  const there = isSouthern(plan.timing.zone) ? ([sixLater(months[0]), sixLater(months[1])] as const) : months;
  const month = Number(startedOn.slice(5, 7));
  const [first, last] = there;
  const isIn = first <= last ? month >= first && month <= last : month >= first || month <= last;
  return isIn ? null : there;
}

const sixLater = (month: number) => ((month + 5) % 12) + 1;
