import type { Contrast } from '../../compare/Contrast';
import type { RowVerdict } from '../../compare/judge';
import { kindOf } from '../../kinds';
import type { Experiment, Measure, Study } from '../../model';
import { inList } from '../../quantities/inList';
import { interval, NONE, scaled } from '../../quantities/show';
import { outliers } from '../../compare/outliers';
import { leadComparison } from '../../weigh/leadComparison';
import type { MeasureResult } from '../../weigh/Result';
import { armName } from '../armName';
import { chanceInWords } from '../wording';
import type { TableBlock } from '../../write/Block';
import { showP } from './resultTables';

/**
 * What each factor does over the levels of the others; null where arms do not cross factors.
 * @returns a row a level, in the measure's shown unit
 */
export function effectsTable(measure: Measure, { effects, share }: MeasureResult): TableBlock | null {
  if (effects === undefined) return null;
  const { scale, unit } = kindOf(measure).wording(measure, share);
  return {
    kind: 'table',
    caption: `${measure.name}: what each factor did, over the levels of the others.`,
    head: ['Factor', 'Compared', `Difference${unit === '' ? '' : `, ${unit}`}`, '95% CI', 'p'],
    rows: effects.map(({ factor, level, versus, difference, p }) => [factor, `${level} − ${versus}`, ...cells(difference, p, scale)]),
    numbersFrom: 2,
  };
}

const soWords: Readonly<Record<RowVerdict, string>> = {
  supported: 'as expected',
  small: 'real, too small to matter',
  opposite: 'opposite to expected',
  'no-difference-that-matters': 'no difference that matters',
  'cannot-tell': 'inconclusive',
  'not-a-fair-test': 'not a fair test',
  'told-apart': 'clearly different',
};

/**
 * What was asked and what came: each treatment against the control, or each level of a factor, with how often chance alone would do as much.
 * @returns a row a question, in the measure's shown unit
 */
export function askedTable({ experiment: { arms } }: Study, measure: Measure, result: MeasureResult): TableBlock {
  const { scale, unit } = kindOf(measure).wording(measure, result.share);
  const chance = (p: number | null) => (p === null ? NONE : chanceInWords(p));
  const rows = result.effects
    ? result.effects.map((row) => ({ ...row, name: `${row.level}, not ${row.versus} (${row.factor})` }))
    : result.comparisons.map((row) => ({ ...row, name: `${armName(arms, row.arm)} against ${armName(arms, row.versus)}` }));
  return {
    kind: 'table',
    caption: `${measure.name}: hypothesis and result.`,
    head: ['Asked', `Difference${unit === '' ? '' : `, ${unit}`}`, '95% CI', 'p-value', 'Result'],
    rows: rows.map(({ name, difference, p, verdict }) => {
      const [gap = NONE, ends = NONE] = cells(difference, p, scale);
      return [name, gap, ends, chance(p), soWords[verdict]];
    }),
    numbersFrom: Infinity,
  };
}

/**
 * The comparison that the verdict speaks of, as it would be otherwise: with what was left out put back, with lost ones counted the other way,
 * without units that lie far off. Each only where it exists.
 * @returns a row a way; null where there is only one
 */
export function otherwiseTable({ experiment }: Study, measure: Measure, result: MeasureResult): TableBlock | null {
  const lead = leadComparison(result, experiment.arms);
  if (!lead) return null;
  const { scale, unit } = kindOf(measure).wording(measure, result.share);
  const find = (rows: readonly Contrast[] | undefined) => rows?.find(({ arm, versus }) => arm === lead.arm && versus === lead.versus);
  const ways = [
    [`with ${named(experiment, 'excluded')} included`, find(result.withExcluded)],
    [`with ${named(experiment, 'lost')} counted as a failure`, find(result.withLostAsFailures)],
    [`without ${inList(outliers(result.values).map((far) => far.unit))}, far from the others in the group`, find(result.withoutOutliers)],
  ] as const;
  const rows = ways.flatMap(([words, row]) => (row ? [[words, ...cells(row.difference, row.p, scale)]] : []));
  if (rows.length === 0) return null;
  const pair = `${armName(experiment.arms, lead.arm)} − ${armName(experiment.arms, lead.versus)}`;
  return {
    kind: 'table',
    caption: `${measure.name}: with other choices, ${pair}. The verdict rests on the first line.`,
    head: ['Counted', `Difference${unit === '' ? '' : `, ${unit}`}`, '95% CI', 'p'],
    rows: [['as planned', ...cells(lead.difference, lead.p, scale)], ...rows],
    numbersFrom: 1,
  };
}

function named({ units }: Experiment, status: 'excluded' | 'lost'): string {
  const codes = units.filter((unit) => unit.status === status).map(({ code: unit }) => unit);
  return codes.length > 6 ? `${codes.length} units` : inList(codes);
}

function cells({ value, ci95 }: Contrast['difference'], p: number | null, scale: number): string[] {
  const halfWidth = ci95 === null ? null : ((ci95[1] - ci95[0]) / 2) * scale;
  return [scaled(value, scale, halfWidth), interval(ci95, scale, halfWidth), p === null ? NONE : showP(p)];
}
