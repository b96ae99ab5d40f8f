import { isTurn } from '../../compare/doseTrend';
import { kindOf } from '../../kinds';
import type { Measure, Study } from '../../model';
import { plural } from '../../quantities/plural';
import { rounded } from '../../quantities/roundTo';
import { interval, NONE, scaled, show } from '../../quantities/show';
import { centre, sd } from '../../stats/moments';
import { categoryReadings, categoryWords, hasCategories } from '../../study/categories';
import { cell } from '../../study/readings';
import { replicateWord } from '../../study/replicates';
import { unitsByArm } from '../../study/unitsByArm';
import { unitValues } from '../../weigh/unitValues';
import type { ComparisonRow, MeasureResult } from '../../weigh/Result';
import { armName } from '../armName';
import type { TableBlock } from '../../write/Block';
import { sized } from '../sized';

/**
 * What each arm did, a row an arm.
 * @returns a table in the measure's shown unit
 */
export function armsTable(study: Study, measure: Measure, result: MeasureResult): TableBlock {
  const { arms } = study.experiment;
  const columns = kindOf(measure).columns(measure, result.share);
  return {
    kind: 'table',
    caption: `${measure.name}: results by group. Each ${replicateWord(study.experiment)} counts once.${columns.some(({ head }) => head === 'SD') ? ` SD, the standard deviation: how far one ${replicateWord(study.experiment)} commonly lies from the mean.` : ''}`,
    head: ['Group', 'Units', ...columns.map(({ head }) => head)],
    rows: result.arms.map((summary) => [armName(arms, summary.arm), String(summary.units), ...columns.map(({ cell }) => cell(summary))]),
    numbersFrom: 1,
  };
}

/**
 * Every category of a count, of those that were sown; null where one count was made.
 * @returns a row an arm, the last walk of each unit
 */
export function categoriesTable(study: Study, measure: Measure): TableBlock | null {
  if (!hasCategories(measure)) return null;
  const { categories } = measure;
  const rows = unitsByArm(study.experiment).map(({ arm, units }) => {
    const read = units.flatMap((unit) => {
      const days = new Set(cell(study, measure.code, unit.code).live.flatMap(({ plannedDay }) => plannedDay ?? []));
      const last = Math.max(...days);
      return days.size === 0 ? [] : [{ sown: unit.sown ?? 0, counts: categoryReadings(study, measure, unit, last) }];
    });
    const sown = read.reduce((sum, own) => sum + own.sown, 0);
    const of = (category: string) => read.reduce((sum, { counts }) => sum + (counts.get(category)?.value ?? 0), 0);
    return [arm.name, ...categories.map((category) => (read.length === 0 ? NONE : `${of(category)} of ${sown}`))];
  });
  return {
    kind: 'table',
    caption: `${measure.name}: all that were sown, by category, in the last round of each ${study.experiment.plan.unitNoun}.`,
    head: ['Group', ...categories.map(categoryWords)],
    rows,
    numbersFrom: 1,
  };
}

/**
 * What each arm did in each block; null where there are none, or where a block is a pair.
 * @returns a row a block: mean and number of units of each arm
 */
export function blocksTable(study: Study, measure: Measure, result: MeasureResult): TableBlock | null {
  const { arms, layout } = study.experiment;
  if (layout !== 'blocks') return null;
  const { scale, unit } = kindOf(measure).wording(measure, result.share);
  const values = unitValues(study, measure);
  const blocks = [...new Set(values.flatMap(({ block }) => block ?? []))];
  if (blocks.length < 2) return null;
  const shown = result.arms.map(({ arm }) => arm);
  const inBlock = (block: string, arm: string) => {
    const own = values.filter((value) => value.block === block && value.arm === arm).map(({ value }) => value * scale);
    return own.length === 0 ? NONE : `${rounded(centre(own), sd(own))} (${own.length})`;
  };
  return {
    kind: 'table',
    caption: `${measure.name}${unit === '' ? '' : `, ${unit}`}: the mean of each block by itself, with the number of units.`,
    head: ['Block', ...shown.map((arm) => armName(arms, arm))],
    rows: blocks.map((block) => [block, ...shown.map((arm) => inBlock(block, arm))]),
    numbersFrom: 1,
  };
}

/**
 * How fast each arm sprouted; null where the days were not followed.
 * @returns a row an arm: share, T50, mean time, indices
 */
export function sproutingTable(study: Study, measure: Measure, result: MeasureResult): TableBlock | null {
  const rows = result.arms.flatMap((arm) => (arm.sprouting ? [{ arm, sprouting: arm.sprouting }] : []));
  if (!rows.some(({ sprouting }) => sprouting.meanTime !== null)) return null;
  return {
    kind: 'table',
    caption: `${measure.name}: how fast, as means over the ${plural(study.experiment.plan.unitNoun)}. T50: the day by which half of those that germinated had done so. Mean germination time: the average day on which one germinated. Speed: seedlings per day, early ones counting more. Synchrony: 1 where all germinated on one day, 0 where each did on a day of its own.`,
    head: [
      'Group',
      'T50, days (Coolbear 1984)',
      'Mean germination time, days',
      'Speed of germination, per day (Maguire 1962)',
      'Synchrony (Z), 0 to 1',
    ],
    rows: rows.map(({ arm, sprouting }) => [
      armName(study.experiment.arms, arm.arm),
      show(sprouting.t50Coolbear, 0.1),
      show(sprouting.meanTime, 0.1),
      show(sprouting.speed, 0.1),
      show(sprouting.synchrony, 0.1),
    ]),
    numbersFrom: 1,
  };
}

/**
 * The analysis of variance, a row a term; null where there is none beyond the arms themselves.
 * @returns sums of squares, F and p
 */
export function termsTable(measure: Measure, result: MeasureResult): TableBlock | null {
  if (result.terms.length < 3) return null;
  return {
    kind: 'table',
    caption: `${measure.name}: analysis of variance. Each term is asked what it adds to the others (sums of squares of type II). df: how many numbers are free to differ. Sum of squares: how much of all the difference the term accounts for. F: how that compares with what is left over.`,
    head: ['Term', 'df', 'Sum of squares', 'F', 'p'],
    rows: result.terms.map(({ term, df, sumOfSquares, f, p }) => [
      term.replaceAll(':', ' × '),
      String(df),
      show(sumOfSquares, null),
      show(f, null),
      showP(p),
    ]),
    numbersFrom: 1,
  };
}

/**
 * What the doses do together, in a sentence: the slope, and where the curve turns; null without doses.
 * @returns one sentence or two
 */
export function trendSentence(study: Study, measure: Measure, result: MeasureResult): string | null {
  const { trend } = result;
  if (!trend) return null;
  const wording = kindOf(measure).wording(measure, result.share);
  const doseUnit = study.experiment.arms.find((arm) => arm.doseUnit)?.doseUnit ?? '';
  const halfWidth = trend.ci95 === null ? null : ((trend.ci95[1] - trend.ci95[0]) / 2) * wording.scale;
  const sure =
    trend.ci95 === null || trend.p === null
      ? '; no interval can be given'
      : ` (95% confidence interval ${interval(trend.ci95, wording.scale, halfWidth)}), ${pEquals(trend.p)}`;
  const slope = `Over the doses: ${sized(scaled(trend.slope, wording.scale, halfWidth), wording.unit)} per ${doseUnit === '' ? 'unit of the dose' : doseUnit}${sure}.`;
  if (trend.turningPoint === null || !isTurn(trend)) return slope;
  const turn = trend.turningPointCi95 === null ? null : (trend.turningPointCi95[1] - trend.turningPointCi95[0]) / 2;
  return `${slope} The curve turns at ${sized(rounded(trend.turningPoint, turn), doseUnit)} (95% confidence interval ${interval(trend.turningPointCi95, 1, turn)}).`;
}

/**
 * Each comparison with its interval and p.
 * @returns a row a comparison, in the measure's shown unit
 */
export function comparisonsTable(study: Study, measure: Measure, result: MeasureResult): TableBlock {
  const { arms, comparison } = study.experiment;
  const wording = kindOf(measure).wording(measure, result.share);
  const many = result.comparisons.length > 1;
  return {
    kind: 'table',
    caption: `${measure.name}: differences${many ? `, adjusted for ${result.comparisons.length} comparisons` : ''}.`,
    head: [
      comparison === 'control' ? 'Against the control' : 'Compared',
      `Difference${wording.unit === '' ? '' : `, ${wording.unit}`}`,
      '95% CI',
      'Ratio, times as much',
      'p-value',
    ],
    rows: result.comparisons.map((row) => comparisonCells(row, arms, wording.scale, comparison === 'control')),
    numbersFrom: 1,
  };
}

function comparisonCells(row: ComparisonRow, arms: Study['experiment']['arms'], scale: number, control: boolean): string[] {
  const { value, ci95 } = row.difference;
  const halfWidth = ci95 === null ? null : ((ci95[1] - ci95[0]) / 2) * scale;
  const name = control ? armName(arms, row.arm) : `${armName(arms, row.arm)} − ${armName(arms, row.versus)}`;
  return [name, scaled(value, scale, halfWidth), interval(ci95, scale, halfWidth), ratioText(row.ratio), showP(row.p)];
}

/**
 * "p < 0.001", "p = 0.032".
 * @param p from 0 to 1
 * @returns for use inside brackets
 * @example pEquals(0.0004) // 'p < 0.001'
 */
export function pEquals(p: number): string {
  return p < 0.001 ? 'p < 0.001' : `p = ${showP(p)}`;
}

/** A ratio with its interval; an interval that spans a thousandfold says nothing and is left out. */
function ratioText({ value, ci95 }: ComparisonRow['ratio']): string {
  if (value === null) return NONE;
  if (ci95 === null || ci95[1] > 1000 * ci95[0]) return rounded(value, null);
  const halfWidth = (ci95[1] - ci95[0]) / 2;
  return `${rounded(value, halfWidth)} (${interval(ci95, 1, halfWidth)})`;
}

/**
 * p as reports give it: three decimals, "< 0.001" below.
 * @param p null is shown as a dash
 * @returns digits
 */
export function showP(p: number | null): string {
  if (p === null) return NONE;
  return p < 0.001 ? '< 0.001' : p.toFixed(3);
}
