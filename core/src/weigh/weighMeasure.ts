import { comparedArms } from '../compare/comparedArms';
import type { Compared, Comparisons } from '../compare/Compared';
import type { Contrast, UnitValue } from '../compare/Contrast';
import { outliers } from '../compare/outliers';
import { isShare, kindOf, mattersAs, type Weighed } from '../kinds';
import type { Experiment, Measure, Study, UnitData } from '../model';
import type { RandomisationOptions } from '../stats/resampling/randomisationTest';
import { soFar } from './progress';
import type { MeasureResult } from './Result';
import { basisOf } from '../study/replicates';
import { foldValues } from './foldValues';
import { unitValues } from './unitValues';
import { verdict } from './verdict/verdict';
import type { Finding } from '../words/findings';

export interface WeighOptions extends RandomisationOptions {
  /** False leaves out what only stands beside the verdict: more tests, and how many units would settle it. */
  readonly beside: boolean;
  /** Calendar date of the look, where one looks while it runs. */
  readonly today?: string;
}

/**
 * The whole result of one measure. Never throws on data; what cannot be computed is null, with the reason in words.
 * @param data every unit's curve of the measure
 * @param review what the checks found, which weakens or forbids a verdict
 */
export function weighMeasure(
  study: Study,
  measure: Measure,
  data: readonly UnitData[],
  review: readonly Finding[],
  options: WeighOptions,
): MeasureResult {
  const { experiment } = study;
  const kind = kindOf(measure);
  const share = isShare(measure, experiment.units);
  const compared = comparedArms(experiment.arms).map((arm) => arm.code);
  const weighed = weighedOf(experiment, measure, data, unitValues(study, measure, data));
  const { values } = weighed;
  const { tests, terms, contrasts, effects = [], trend, reasons } = compare(study, weighed, options);
  const progress = soFar(experiment, measure, data, options.today);
  const judged = verdict({
    experiment,
    measure,
    share,
    contrasts,
    effects,
    terms,
    trend,
    soFar: progress !== null,
    values: values.filter((unit) => compared.includes(unit.arm)),
    review,
    beside: options.beside,
  });
  return {
    measure: measure.code,
    name: measure.name,
    kind: measure.kind,
    unit: measure.unit,
    primary: measure.primary,
    when: measure.when,
    share,
    basis: basisOf(experiment),
    arms: experiment.arms.map((arm) => kind.summarise(arm, weighed, { beside: options.beside, compared })),
    tests,
    terms,
    trend,
    ...judged,
    ...(progress ? { progress } : {}),
    alsoSeenP: null,
    reasons,
    values,
    ...(options.beside ? otherwise(study, weighed, options) : {}),
  };
}

function weighedOf(experiment: Experiment, measure: Measure, data: readonly UnitData[], unitValues: readonly UnitValue[]): Weighed {
  return { measure, data, share: isShare(measure, experiment.units), values: foldValues(experiment, unitValues), unitValues };
}

/** The comparisons as they would be otherwise: with excluded units put back, with a lost unit counted as a failure, without far units. */
function otherwise(
  study: Study,
  weighed: Weighed,
  options: WeighOptions,
): Pick<MeasureResult, 'withExcluded' | 'withLostAsFailures' | 'withoutOutliers'> {
  const { experiment } = study;
  const { measure, data, share, values } = weighed;
  const kind = kindOf(measure);
  const compareAgain = (own: Weighed) => compare(study, own, { ...options, beside: false }).contrasts;
  const again = (own: readonly UnitValue[], from = data) => compareAgain(weighedOf(experiment, measure, from, own));
  const lost = share
    ? data.filter(({ unit }) => unit.status === 'lost').map(({ unit }) => ({ unit: unit.code, arm: unit.arm, block: unit.block, value: 0 }))
    : [];
  const far = kind.timed || kind.byEye ? [] : outliers(values);
  const excluded = data.some(({ unit }) => unit.status === 'excluded');
  const back = data.map(({ unit, ...read }) => ({
    ...read,
    unit: unit.status === 'excluded' ? { ...unit, status: 'active' as const } : unit,
  }));
  return {
    ...(excluded ? { withExcluded: again(unitValues(study, measure, back), back) } : {}),
    ...(lost.length > 0 ? { withLostAsFailures: again([...weighed.unitValues, ...lost]) } : {}),
    ...(far.length > 0 ? { withoutOutliers: compareAgain({ ...weighed, values: values.filter((unit) => !far.includes(unit)) }) } : {}),
  };
}

/** Compares the arms as the measure's kind, the layout and the number of arms ask for. */
function compare({ experiment }: Study, weighed: Weighed, options: WeighOptions): Comparisons {
  const arms = comparedArms(experiment.arms);
  if (arms.length < 2)
    return { tests: [], terms: [], contrasts: [], trend: null, reasons: ['There is only one group, so there is nothing to compare.'] };
  const codes = new Set(arms.map((arm) => arm.code));
  const { layout, comparison } = experiment;
  const values = weighed.values.filter((unit) => codes.has(unit.arm));
  const matters = mattersAs(weighed.measure, weighed.share);
  const compared: Compared = { values, arms, layout, comparison, matters, options, beside: options.beside };
  const found = kindOf(weighed.measure).compare(compared, { ...weighed, data: weighed.data.filter(({ unit }) => codes.has(unit.arm)) });
  return { ...found, contrasts: found.contrasts.map((row) => (isAlone(weighed, row) ? { ...row, p: null } : row)) };
}

/** Where an arm has one replicate, what is odd about that one looks like the treatment, and no p says anything of it. */
function isAlone({ values }: Weighed, { arm, versus }: Contrast): boolean {
  return [arm, versus].some((code) => values.filter((own) => own.arm === code).length === 1);
}
