import type { Contrast } from '../compare/Contrast';
import { kindOf } from '../kinds';
import type { Experiment, Measure, Study } from '../model';
import { inList } from '../quantities/inList';
import { interval, NONE, scaled } from '../quantities/show';
import { farUnits } from '../compare/farUnits';
import type { ComparisonRow, MeasureResult } from '../weigh/Result';
import { armName } from '../weigh/verdict/wording';
import type { Table } from './Block';
import { showP } from './resultTables';

/**
 * What each factor does over the levels of the others; null where arms do not cross factors.
 * @param measure of the study
 * @param result of that measure
 * @returns a row a level, in the measure's shown unit
 */
export function effectsTable(measure: Measure, { effects, share }: MeasureResult): Table | null {
  if (effects === undefined) return null;
  const { scale, unit } = kindOf(measure).wording(measure, share);
  return {
    kind: 'table',
    caption: `${measure.name}: what each factor did, over the levels of the others.`,
    head: ['Factor', 'Compared', `Difference${unit === '' ? '' : `, ${unit}`}`, '95 % interval', 'p'],
    rows: effects.map(({ factor, level, versus, difference, p }) => [factor, `${level} − ${versus}`, ...cells(difference, p, scale)]),
    numbersFrom: 2,
  };
}

/**
 * The comparison that the verdict speaks of, as it would be otherwise: with what was left out put back, with lost ones counted the other way,
 * without units that lie far off. Each only where it exists.
 * @param study with its readings
 * @param measure of the study
 * @param result of that measure
 * @returns a row a way; null where there is only one
 */
export function otherwiseTable({ experiment }: Study, measure: Measure, result: MeasureResult): Table | null {
  const lead = leadOf(result);
  if (!lead) return null;
  const { scale, unit } = kindOf(measure).wording(measure, result.share);
  const find = (rows: readonly Contrast[] | undefined) => rows?.find(({ arm, versus }) => arm === lead.arm && versus === lead.versus);
  const ways = [
    [`with ${named(experiment, 'excluded')} back in`, find(result.withExcluded)],
    [`with ${named(experiment, 'lost')} counted as a failure`, find(result.withLostAsFailures)],
    [`without ${inList(farUnits(result.values).map((far) => far.unit))}, far from the others of the arm`, find(result.withoutOutliers)],
  ] as const;
  const rows = ways.flatMap(([words, row]) => (row ? [[words, ...cells(row.difference, row.p, scale)]] : []));
  if (rows.length === 0) return null;
  const pair = `${armName(experiment.arms, lead.arm)} − ${armName(experiment.arms, lead.versus)}`;
  return {
    kind: 'table',
    caption: `${measure.name}: as it would be otherwise, ${pair}. The verdict rests on the first line.`,
    head: ['Counted', `Difference${unit === '' ? '' : `, ${unit}`}`, '95 % interval', 'p'],
    rows: [['as planned', ...cells(lead.difference, lead.p, scale)], ...rows],
    numbersFrom: 1,
  };
}

/** The comparison with the verdict's code and the largest gap. */
function leadOf({ comparisons, verdict }: MeasureResult): ComparisonRow | undefined {
  const size = (row: ComparisonRow) => Math.abs(row.difference.value ?? 0);
  const coded = comparisons.filter((row) => row.verdict === verdict.code);
  return [...(coded.length > 0 ? coded : comparisons)].sort((a, b) => size(b) - size(a))[0];
}

function named({ units }: Experiment, status: 'excluded' | 'lost'): string {
  const codes = units.filter((unit) => unit.status === status).map(({ unit }) => unit);
  return codes.length > 6 ? `${codes.length} units` : inList(codes);
}

function cells({ value, ci95 }: Contrast['difference'], p: number | null, scale: number): string[] {
  const halfWidth = ci95 === null ? null : ((ci95[1] - ci95[0]) / 2) * scale;
  return [scaled(value, scale, halfWidth), interval(ci95, scale, halfWidth), p === null ? NONE : showP(p)];
}
