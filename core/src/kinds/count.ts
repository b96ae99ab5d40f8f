import { shortDate } from '../model';
import { noNarrowerThanSeeds, pooledTests, singleCounts, type Tally } from '../compare/singleCounts';
import { interval, scaled, show } from '../quantities/show';
import type { Random } from '../stats/random';
import { summariseShares, summariseValues } from './armSummary';
import { dailyValues } from './dailyValues';
import type { Doubt, Kind, Played, ReadingContext, Weighed } from './Kind';
import { means } from '../compare/means';
import { measured } from './measured';
import { sproutingOfArm } from './sprouting/sproutingOfArm';

/** So many of the sown, or so many of anything. A total so far: the highest is the latest. */
export const countKind: Kind = {
  ...measured,
  label: 'count of those sown',
  verb: 'Count',
  entry: 'tally',
  seconds: 10,
  question: ({ name }) => `How many: ${name.toLowerCase()}?`,
  ownUnit: false,
  fresh: { ...measured.fresh, unit: '' },
  ofSown: true,
  refuse: (value) => (Number.isInteger(value) && value >= 0 ? null : 'A count is a whole number.'),
  doubts,
  daily: ({ code: measure, category }, { of, start }) =>
    dailyValues(
      of(measure).filter((seen) => (seen.category ?? null) === category),
      start,
      'replaces',
    ),
  plants: 'sum',
  wording: (measure, share) =>
    share ? { ...measured.wording(measure, share), unit: 'percentage points', scale: 100 } : measured.wording(measure, share),
  mattersIn: ({ unit }, share) => (share ? 'percentage points' : unit),
  summarise: (arm, weighed, { beside }) => {
    if (!weighed.share) return summariseValues(arm, weighed.values);
    const sprouting = beside ? sproutingOfArm(arm.code, weighed.data) : null;
    return { ...summariseShares(arm, weighed.values, tallies(weighed).get(arm.code)), ...(sprouting ? { sprouting } : {}) };
  },
  compare: (compared, weighed) => {
    if (!weighed.share) return means(compared);
    const counts = tallies(weighed);
    const single =
      compared.values.length > 0 && compared.arms.every((arm) => compared.values.filter((unit) => unit.arm === arm.code).length <= 1);
    if (single) return singleCounts(compared, counts);
    const found = means(compared);
    return {
      ...found,
      contrasts: found.contrasts.map((row) => noNarrowerThanSeeds(row, counts, found.contrasts.length)),
      tests: [...found.tests, ...(compared.beside ? pooledTests(compared, counts) : [])],
    };
  },
  columns: (measure, share) => {
    if (!share) return measured.columns(measure, share);
    const spread = (sd: number | null) => (sd === null ? null : sd * 100);
    return [
      { head: 'Counted of sown', cell: ({ successes, trials }) => `${successes ?? 0} of ${trials ?? 0}` },
      { head: 'Mean, %', cell: ({ mean, sd }) => scaled(mean, 100, spread(sd)) },
      { head: 'SD', cell: ({ sd }) => show(spread(sd), spread(sd)) },
      { head: '95% CI of the mean', cell: ({ unitsCi95, sd }) => interval(unitsCi95 ?? null, 100, spread(sd)) },
    ];
  },
  one: (design, middle, source) => (design.share ? oneShare(design, middle, source) : measured.one(design, middle, source)),
};

function doubts(value: number, { unit, before }: ReadingContext): Doubt[] {
  const found: Doubt[] = [];
  if (unit.sown !== null && value > unit.sown)
    found.push({ rule: 'more-than-sown', message: `${value} is more than the ${unit.sown} sown in ${unit.code}. Count again.` });
  if (before !== null && value < before.value)
    found.push({
      rule: 'total-falls',
      message: `${unit.code} went from ${before.value} (${shortDate(before.observedOn)}) to ${value}. A total does not usually go back.`,
    });
  return found;
}

/** Adds up each arm's successes and sown over the units that take part. */
function tallies({ data, unitValues }: Weighed): Map<string, Tally> {
  const sown = new Map(data.map(({ unit }) => [unit.code, unit.sown]));
  const result = new Map<string, Tally>();
  for (const { unit, arm, value } of unitValues) {
    const all = sown.get(unit) ?? null;
    if (all === null) continue;
    const [x, n] = result.get(arm) ?? [0, 0];
    result.set(arm, [x + Math.round(value * all), n + all]);
  }
  return result;
}

/** So many of the sown, each with the dish's own chance; what the spread holds beyond the luck of counting lies between dishes. */
function oneShare({ spread, sown }: Played, middle: number, source: Random): number {
  const arm = Math.min(0.99, Math.max(0.01, middle));
  const between = Math.sqrt(Math.max(0, spread ** 2 - (arm * (1 - arm)) / sown));
  const own = Math.min(1, Math.max(0, source.normal(arm, between)));
  let came = 0;
  for (let seed = 0; seed < sown; seed++) if (source.share() < own) came++;
  return came / sown;
}
