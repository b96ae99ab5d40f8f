import type { ArmSummary } from '../../compare/ArmSummary';
import type { TestRow } from '../../compare/TestRow';
import { findArm, type Study } from '../../model';
import { rounded } from '../../quantities/roundTo';
import { interval } from '../../quantities/show';
import type { MeasureResult } from '../../weigh/Result';
import { kindOf } from '../../kinds';
import { armName } from '../armName';
import type { Measure } from '../../model';
import type { TableBlock } from '../../write/Block';
import { showP } from './resultTables';

/** What a test is called, how it is calculated, and who described it. */
interface About {
  readonly name: string;
  readonly formula: string;
  readonly source: string;
}

const about: Readonly<Record<TestRow['method'], About>> = {
  'welch-t': { name: 'Welch’s t test', formula: 't = (mean 1 − mean 2) / √(s1²/n1 + s2²/n2)', source: 'Welch 1947' },
  'paired-t': { name: 'paired t test', formula: 't = mean difference inside the pairs / (its s / √n)', source: 'Student 1908' },
  anova: { name: 'analysis of variance', formula: 'F = mean square between groups / mean square within groups', source: 'Fisher 1925' },
  'welch-anova': { name: 'Welch’s analysis of variance', formula: 'F with each group weighted by n/s²', source: 'Welch 1951' },
  randomisation: {
    name: 'randomisation test (shuffled labels)',
    formula: 'p = share of all ways to shuffle the labels that give a difference at least as big',
    source: 'Fisher 1935; Pitman 1937',
  },
  'sign-flip': {
    name: 'randomisation test within pairs',
    formula: 'p = share of all ways to swap the two of each pair that give a difference at least as big',
    source: 'Fisher 1935',
  },
  'mann-whitney': {
    name: 'Mann–Whitney test',
    formula: 'U = pairs of units in which the treated one stands higher, ties half',
    source: 'Mann & Whitney 1947',
  },
  'kruskal-wallis': {
    name: 'Kruskal–Wallis test',
    formula: 'H = 12/(N(N+1)) Σ R²/n − 3(N+1), corrected for ties',
    source: 'Kruskal & Wallis 1952',
  },
  'fisher-exact': {
    name: 'Fisher’s exact test',
    formula: 'p = sum of all tables as unlikely or more, margins kept',
    source: 'Fisher 1935',
  },
  'chi-square': { name: 'chi-square test', formula: 'χ² = Σ (observed − expected)² / expected', source: 'Pearson 1900' },
  'log-rank': { name: 'log-rank test', formula: 'χ² from observed less expected on each day it happened', source: 'Mantel 1966' },
  trend: { name: 'straight line over the doses', formula: 't = slope / its standard error', source: 'Draper & Smith 1998, ch. 1' },
  dunnett: {
    name: 'Dunnett’s test, several groups with one control',
    formula: 't = (mean − mean of the control) / √(MS (1/n + 1/n of the control))',
    source: 'Dunnett 1955',
  },
  tukey: {
    name: 'Tukey–Kramer test, all pairs of groups',
    formula: 'q = |mean 1 − mean 2| / √(MS/2 (1/n1 + 1/n2))',
    source: 'Tukey 1949; Kramer 1956',
  },
  'dunnett-t3': {
    name: 'Dunnett’s T3, all pairs of groups, unequal variances',
    formula: 't = (mean 1 − mean 2) / √(s1²/n1 + s2²/n2), held together',
    source: 'Dunnett 1980',
  },
  'games-howell': {
    name: 'Games–Howell test, all pairs of groups, unequal variances',
    formula: 'q = √2 |mean 1 − mean 2| / √(s1²/n1 + s2²/n2)',
    source: 'Games & Howell 1976',
  },
};

/**
 * Every test of a measure as a course report lists it: its name, the statistic, its own interval, p, the formula with the numbers in it, and who
 * described it.
 * @returns null where there is none
 */
export function testsTable(study: Study, measure: Measure, result: MeasureResult): TableBlock | null {
  if (result.tests.length === 0) return null;
  const { arms } = study.experiment;
  const { scale } = kindOf(measure).wording(measure, result.share);
  return {
    kind: 'table',
    caption: `${measure.name}: every test, in full. The verdict rests on the shuffle and on the comparisons.`,
    head: ['Test', 'Statistic (degrees of freedom, df)', '95% CI', 'p', 'Calculation', 'Source'],
    rows: result.tests.map((test) => {
      const { name, formula, source } = about[test.method];
      const half = test.ci95 ? ((test.ci95[1] - test.ci95[0]) / 2) * scale : null;
      return [
        test.arm === undefined ? `${name}, all groups` : `${name}, ${armName(arms, test.arm)} against ${armName(arms, test.versus ?? '')}`,
        statistic(test),
        interval(test.ci95 ?? null, scale, half),
        showP(test.p),
        [numbersIn(test, result) ?? formula, ...notes(test)].join('; '),
        source,
      ];
    }),
    numbersFrom: Infinity,
  };
}

function statistic({ statistic: { name, value }, df }: TestRow): string {
  const freedom = df.length > 0 ? ` (${df.map((own) => String(Math.round(own * 100) / 100)).join(', ')})` : '';
  return `${name}${freedom} = ${rounded(value, null)}`;
}

/** The formula with the numbers in it, where it is short. */
function numbersIn({ method, arm, versus, statistic: { value } }: TestRow, { arms, terms }: MeasureResult): string | null {
  const one = findArm(arms, arm);
  const other = findArm(arms, versus);
  const shown = (number: number | null) => rounded(number ?? 0, null);
  if (method === 'welch-t' && isWhole(one) && isWhole(other))
    return `t = (${shown(one.mean)} − ${shown(other.mean)}) / √(${shown(one.sd)}²/${one.units} + ${shown(other.sd)}²/${other.units}) = ${shown(value)}`;
  const [row, rest] = [terms.find(({ term }) => term === 'arm'), terms.at(-1)];
  if (method === 'anova' && row && rest)
    return `F = (${shown(row.sumOfSquares)}/${row.df}) / (${shown(rest.sumOfSquares)}/${rest.df}) = ${shown(value)}`;
  return null;
}

/** Shares have their proportion in place of a mean, and no spread between units here. */
const isWhole = (summary: ArmSummary | undefined): summary is ArmSummary & { mean: number; sd: number } =>
  summary !== undefined && summary.mean !== null && summary.sd !== null && summary.proportion === undefined;

function notes({ exact, arrangements, seed, ignoresUnits, ignoresBlocks }: TestRow): string[] {
  const many = arrangements?.toLocaleString('en-GB') ?? '';
  return [
    ...(exact === true && arrangements !== undefined ? [`exact, all ${many} ways`] : []),
    ...(exact === false && seed != null ? [`${many} shuffles, shuffle number ${seed} (the randomisation seed)`] : []),
    ...(ignoresUnits ? ['counts each seed as if it were a unit, so it never decides'] : []),
    ...(ignoresBlocks ? ['leaves the blocks out'] : []),
  ];
}
