import type { Finding, Measure, Study } from '../model';
import type { RandomisationOptions } from '../stats/resampling/randomisationTest';
import { summariseEvents, summariseShares, summariseValues } from './armSummary';
import { comparedArms } from './comparedArms';
import type { Compared, Comparisons } from './compare/Compared';
import { events } from './compare/events';
import { manyMeans } from './compare/manyMeans';
import { pairedMeans } from './compare/pairedMeans';
import { ratings } from './compare/ratings';
import { pooledTests, singleCounts, tallies } from './compare/singleCounts';
import { twoMeans } from './compare/twoMeans';
import { endValues, isShare } from './endValues';
import { eventTimes } from './eventTimes';
import { farUnits } from './rules/outlier';
import type { MeasureResult, UnitValue } from './Result';
import { sproutingOfArm } from './sprouting/sproutingOfArm';
import type { UnitData } from './unitData';
import { verdict } from './verdict/verdict';

export interface WeighOptions extends RandomisationOptions {
  /** False leaves out tests that only stand beside the verdict. */
  readonly beside: boolean;
}

/** The whole result of one measure. Never throws on data; what cannot be computed is null, with the reason in words. */
export function weighMeasure(
  study: Study,
  measure: Measure,
  data: readonly UnitData[],
  review: readonly Finding[],
  options: WeighOptions,
): MeasureResult {
  const { experiment } = study;
  const share = isShare(measure, data);
  const values = valuesFor(measure, data);
  const compared = compare(study, measure, data, values, options);
  const counts = tallies(measure, data, new Set(values.map((unit) => unit.unit)));
  const times = measure.kind === 'event' ? eventTimes(measure, data) : [];
  const codes = comparedArms(experiment.arms).map((arm) => arm.arm);
  const summaries = experiment.arms.map((arm) => {
    if (measure.kind === 'event') return summariseEvents(arm, times, codes);
    if (!share) return summariseValues(arm, measure, values);
    const sprouting = options.beside ? sproutingOfArm(arm.arm, data) : null;
    return { ...summariseShares(arm, values, counts.get(arm.arm)), ...(sprouting ? { sprouting } : {}) };
  });
  const judged = verdict({
    experiment,
    measure,
    share,
    contrasts: compared.contrasts,
    values: values.filter((unit) => codes.includes(unit.arm)),
    review,
  });
  return {
    measure: measure.measure,
    name: measure.name,
    kind: measure.kind,
    unit: measure.unit,
    primary: measure.primary,
    when: measure.when,
    share,
    arms: summaries,
    tests: compared.tests,
    terms: compared.terms,
    comparisons: judged.comparisons,
    trend: compared.trend,
    verdict: judged.verdict,
    alsoSeenP: null,
    reasons: compared.reasons,
    values,
    ...otherwise(study, measure, data, values, options),
  };
}

/** The value of each unit in the comparison; for an event, its day. */
function valuesFor(measure: Measure, data: readonly UnitData[]): UnitValue[] {
  if (measure.kind !== 'event') return endValues(measure, data);
  return eventTimes(measure, data).map(({ unit, arm, block, time }) => ({ unit, arm, block, value: time }));
}

/** The comparisons as they would be otherwise: with excluded units put back, with a lost unit counted as a failure, without far units. */
function otherwise(
  study: Study,
  measure: Measure,
  data: readonly UnitData[],
  values: readonly UnitValue[],
  options: WeighOptions,
): Pick<MeasureResult, 'withExcluded' | 'withLostAsFailures' | 'withoutOutliers'> {
  if (!options.beside) return {};
  const again = (own: readonly UnitValue[], from = data) => compare(study, measure, from, own, { ...options, beside: false }).contrasts;
  const excluded = data.some(({ unit }) => unit.status === 'excluded');
  const lost =
    measure.kind === 'count' && isShare(measure, data)
      ? data
          .filter(({ unit }) => unit.status === 'lost')
          .map(({ unit }) => ({ unit: unit.unit, arm: unit.arm, block: unit.block, value: 0 }))
      : [];
  const far = measure.kind === 'event' || measure.kind === 'rating' ? [] : farUnits(values);
  // An event is compared by its times, so excluded units come back with their own data.
  const back = excluded
    ? data.map(({ unit, curve }) => ({ unit: unit.status === 'excluded' ? { ...unit, status: 'active' as const } : unit, curve }))
    : data;
  return {
    ...(excluded ? { withExcluded: again(valuesFor(measure, back), back) } : {}),
    ...(lost.length > 0 ? { withLostAsFailures: again([...values, ...lost]) } : {}),
    ...(far.length > 0 ? { withoutOutliers: again(values.filter((unit) => !far.includes(unit))) } : {}),
  };
}

/** Chooses the analysis from the measure's kind, the layout and the number of arms, and runs it. */
function compare(
  { experiment }: Study,
  measure: Measure,
  data: readonly UnitData[],
  all: readonly UnitValue[],
  options: WeighOptions,
): Comparisons {
  const arms = comparedArms(experiment.arms);
  const codes = new Set(arms.map((arm) => arm.arm));
  const values = all.filter((unit) => codes.has(unit.arm));
  const { layout, comparison } = experiment;
  const compared: Compared = { values, arms, layout, comparison, options, beside: options.beside };
  if (arms.length < 2)
    return { tests: [], terms: [], contrasts: [], trend: null, reasons: ['There is only one arm, so there is nothing to compare.'] };
  if (measure.kind === 'event')
    return events(
      compared,
      eventTimes(measure, data).filter((unit) => codes.has(unit.arm)),
    );
  if (measure.kind === 'rating') return ratings(compared);
  const share = isShare(measure, data);
  const counts = share ? tallies(measure, data, new Set(values.map((unit) => unit.unit))) : null;
  if (counts && arms.every((arm) => values.filter((unit) => unit.arm === arm.arm).length <= 1)) return singleCounts(compared, counts);
  const means =
    arms.length > 2 || layout === 'blocks' ? manyMeans(compared) : layout === 'pairs' ? pairedMeans(compared) : twoMeans(compared);
  return counts && options.beside ? { ...means, tests: [...means.tests, ...pooledTests(compared, counts, true)] } : means;
}
