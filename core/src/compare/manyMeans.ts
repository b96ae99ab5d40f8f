import { analysisOfVariance, indicatorColumns, type ModelTerm, type VarianceRow } from '../stats/analysisOfVariance';
import { dunnettCritical, dunnettP } from '../stats/dunnett';
import { linearModel, type LinearModel } from '../stats/linearModel';
import { randomisationF, type ArmBlock } from '../stats/resampling/randomisationF';
import { randomisationTest } from '../stats/resampling/randomisationTest';
import { tQuantile } from '../stats/tTails';
import { tukeyCritical, tukeyP } from '../stats/tukey';
import { welchAnova } from '../stats/welchAnova';
import { centre } from '../stats/moments';
import type { Contrast, UnitValue } from './Contrast';
import type { TestRow } from './TestRow';
import { armPairs, emptyContrast, randomisationRow, valuesOf, type Compared, type Comparisons } from './Compared';
import { doseTrend, trendRow } from './doseTrend';
import { isFlat, withoutRounding } from './isFlat';
import { joinedArms } from './joinedArms';
import { ratioOfMeans } from './ratio';

/**
 * Three or more arms, or arms in blocks: analysis of variance, then each treatment against the control with Dunnett's adjustment or all
 * pairs with Tukey–Kramer's, both from the pooled variance. In blocks the block is an additive term and labels are shuffled inside it.
 */
export function manyMeans(compared: Compared): Comparisons {
  const present = compared.arms.filter((arm) => compared.values.some((unit) => unit.arm === arm.arm));
  const values = compared.values;
  const pairs = armPairs(compared);
  const two = compared.arms.length === 2;
  const adjusted = two ? 'none' : compared.comparison === 'control' ? 'dunnett' : 'tukey';
  if (present.length < 2) {
    const contrasts = pairs.map(({ arm, versus }) => emptyContrast(arm, versus, adjusted));
    return { tests: [], terms: [], contrasts, trend: null, reasons: ['Fewer than two arms have readings to compare.'] };
  }
  const blocked = compared.layout !== 'completely-random';
  const model = fitArms(
    values,
    present.map((arm) => arm.arm),
    blocked,
  );
  const reasons: string[] = [];
  if (present.length < compared.arms.length) reasons.push('An arm has no readings and is left out of the comparison.');
  if (model.meanSquare === null) reasons.push('Nothing says how far units of one arm differ by themselves: no interval can be given.');

  const terms = armTerms(compared, blocked);
  const tests = overallTests(
    compared,
    present.map((arm) => arm.arm),
    terms,
    blocked,
  );
  const joined = blocked ? joinedArms(values) : () => true;
  const apart = pairs.filter(({ arm, versus }) => !joined(arm, versus));
  if (apart.length > 0) reasons.push(blocksApart(pairs.length));
  const shuffled = two && apart.length === 0 ? shuffleTwo(compared, pairs[0]) : null;
  if (shuffled) tests.push(shuffled);
  const contrasts = contrastRows(
    model,
    pairs.filter((pair) => !apart.includes(pair)),
    adjusted,
    tests,
  );
  const seen = apart.map(({ arm, versus }) => asSeen(values, arm, versus, adjusted));
  const trend = doseTrend(compared, blocked);
  if (trend) tests.push(...trendRow(trend));
  return {
    tests,
    terms,
    contrasts: inOrder(pairs, [...(shuffled ? contrasts.map((row) => ({ ...row, p: shuffled.p })) : contrasts), ...seen]),
    trend: trend?.trend ?? null,
    reasons,
  };
}

/** Why a comparison says nothing though numbers differ. */
const blocksApart = (pairs: number) =>
  `Each block holds ${pairs === 1 ? 'one of the two arms' : 'some arms'} alone: what the block did cannot be told from what the arm did.`;

/** What is seen of two arms that no block joins. */
function asSeen(values: readonly UnitValue[], arm: string, versus: string, adjusted: Contrast['adjusted']): Contrast {
  const [treated, control] = [valuesOf(values, arm), valuesOf(values, versus)];
  const known = treated.length > 0 && control.length > 0;
  return { ...emptyContrast(arm, versus, adjusted), difference: { value: known ? centre(treated) - centre(control) : null, ci95: null } };
}

function inOrder(pairs: readonly { arm: string; versus: string }[], rows: readonly Contrast[]): Contrast[] {
  return pairs.flatMap((pair) => rows.find(({ arm, versus }) => arm === pair.arm && versus === pair.versus) ?? []);
}

interface ArmModel {
  readonly values: readonly number[];
  readonly fit: LinearModel;
  readonly meanSquare: number | null;
  /** Weights on the coefficients that give an arm's mean at the average block; null for an arm without values. */
  readonly weights: (arm: string) => readonly number[] | null;
}

function fitArms(values: readonly UnitValue[], arms: readonly string[], blocked: boolean): ArmModel {
  const y = values.map((unit) => unit.value);
  const ownArm = values.map((unit) => unit.arm);
  const blockOf = values.map((unit) => unit.block ?? '');
  const armColumns = arms.slice(1).map((arm) => ownArm.map((own) => (own === arm ? 1 : 0)));
  const blockColumns = blocked ? indicatorColumns([blockOf]) : [];
  const blocks = blockColumns.length + 1;
  const fit = linearModel(y, [y.map(() => 1), ...armColumns, ...blockColumns]);
  return {
    values: y,
    fit,
    meanSquare: isFlat(fit, y) ? null : fit.residualSumOfSquares / fit.residualDf,
    weights: (arm) => {
      const at = arms.indexOf(arm);
      if (at < 0 || (at > 0 && fit.coefficients[at] === null)) return null;
      return [1, ...arms.slice(1).map((_, i) => (i + 1 === at ? 1 : 0)), ...blockColumns.map(() => 1 / blocks)];
    },
  };
}

function combine(fit: LinearModel, weights: readonly number[]): number {
  return weights.reduce((sum, weight, i) => sum + weight * (fit.coefficients[i] ?? 0), 0);
}

function covary(fit: LinearModel, a: readonly number[], b: readonly number[]): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) {
    if (a[i] !== 0) for (let j = 0; j < b.length; j++) if (b[j] !== 0) sum += a[i] * b[j] * fit.unscaledCovariance[i][j];
  }
  return sum;
}

function contrastRows(
  model: ArmModel,
  pairs: readonly { arm: string; versus: string }[],
  adjusted: Contrast['adjusted'],
  tests: TestRow[],
): Contrast[] {
  const { fit, meanSquare } = model;
  const usable = pairs.map((pair) => ({ pair, treated: model.weights(pair.arm), control: model.weights(pair.versus) }));
  const gaps = usable.map(({ treated, control }) => (treated && control ? treated.map((w, i) => w - control[i]) : null));
  const known = gaps.filter((gap) => gap !== null);
  const adjust =
    meanSquare === null || known.length === 0
      ? null
      : adjustment(
          adjusted,
          known,
          fit,
          new Set(usable.flatMap(({ pair, treated, control }) => (treated && control ? [pair.arm, pair.versus] : []))).size,
        );
  return usable.map(({ pair, treated, control }, i) => {
    const gap = gaps[i];
    if (!gap || !treated || !control) return emptyContrast(pair.arm, pair.versus, adjusted);
    const value = withoutRounding(combine(fit, gap), model.values);
    const scale = meanSquare ?? 0;
    // Where blocks and arms cannot be told apart, rounding can bring it below 0.
    const error = Math.sqrt(Math.max(0, covary(fit, gap, gap) * scale));
    const ratio = ratioOfMeans(
      combine(fit, treated),
      combine(fit, control),
      covary(fit, treated, treated) * scale,
      covary(fit, control, control) * scale,
      covary(fit, treated, control) * scale,
      adjust?.critical ?? null,
    );
    if (!adjust || error === 0)
      return {
        ...emptyContrast(pair.arm, pair.versus, adjusted),
        difference: { value, ci95: null },
        ratio: { value: ratio.value, ci95: null },
      };
    const t = value / error;
    const p = adjust.p(t);
    if (adjusted === 'dunnett' || adjusted === 'tukey') {
      const statistic = adjusted === 'tukey' ? { name: 'q', value: Math.abs(t) * Math.SQRT2 } : { name: 't', value: t };
      tests.push({ method: adjusted, ...pair, statistic, df: [fit.residualDf], p });
    }
    return {
      ...pair,
      difference: { value, ci95: [value - adjust.critical * error, value + adjust.critical * error] },
      ratio,
      p,
      adjusted,
    };
  });
}

interface Adjustment {
  readonly critical: number;
  readonly p: (t: number) => number;
}

function adjustment(adjusted: Contrast['adjusted'], gaps: readonly (readonly number[])[], fit: LinearModel, arms: number): Adjustment {
  const df = fit.residualDf;
  if (adjusted === 'tukey') {
    return { critical: tukeyCritical(arms, df) / Math.SQRT2, p: (t) => tukeyP(Math.abs(t) * Math.SQRT2, arms, df) };
  }
  const loadings = gaps.length === 1 ? [Math.SQRT1_2] : sharedLoadings(gaps.map((a) => gaps.map((b) => covary(fit, a, b))));
  if (gaps.length === 1) return { critical: tQuantile(0.975, df), p: (t) => dunnettP(t, loadings, df) };
  return { critical: dunnettCritical(loadings, df), p: (t) => dunnettP(t, loadings, df) };
}

/** Loadings λ with correlation ij = λi λj, exact where arms are compared with one control in one group or in complete blocks, else the mean over triads. */
function sharedLoadings(covariance: readonly (readonly number[])[]): number[] {
  const rho = (i: number, j: number) => {
    const known = covariance[i][j] / Math.sqrt(covariance[i][i] * covariance[j][j]);
    // Where arms and blocks cannot be told apart there is none; a half is that of equal arms.
    return Number.isFinite(known) ? known : 0.5;
  };
  return covariance.map((_, i) => {
    const others = covariance.map((__, j) => j).filter((j) => j !== i);
    if (others.length === 1) return Number(Math.sqrt(Math.max(0, rho(i, others[0]))).toPrecision(12));
    const squares = others.flatMap((j, at) => others.slice(at + 1).map((k) => (rho(i, j) * rho(i, k)) / rho(j, k)));
    const square = squares.reduce((a, b) => a + b, 0) / squares.length;
    // Rounded so that loadings that are equal but for their last bits are the same number.
    return Number(Math.sqrt(Math.min(0.999, Math.max(0, Number.isFinite(square) ? square : 0.5))).toPrecision(12));
  });
}

/** Rows of the analysis of variance: block, then the arm, or each factor and interaction where the arms cross factors. */
function armTerms({ values, arms }: Compared, blocked: boolean): VarianceRow[] {
  const byCode = new Map(arms.map((arm) => [arm.arm, arm]));
  const factors = Object.keys(arms[0]?.factors ?? {});
  const level = (factor: string) => values.map((unit) => byCode.get(unit.arm)?.factors[factor] ?? '');
  const levels = factors.map((name) => ({ name, levels: level(name) }));
  const crossed: ModelTerm[] =
    factors.length > 1
      ? subsets(levels).map((set) => ({ term: set.map((f) => f.name).join(':'), factors: set.map((f) => f.levels) }))
      : [{ term: 'arm', factors: [values.map((unit) => unit.arm)] }];
  const block: ModelTerm[] = blocked ? [{ term: 'block', factors: [values.map((unit) => unit.block ?? '')] }] : [];
  return analysisOfVariance(
    values.map((unit) => unit.value),
    [...block, ...crossed],
  );
}

/** All non-empty subsets, smaller ones first. */
function subsets<T>(items: readonly T[]): T[][] {
  const all = items.reduce<T[][]>((sets, item) => [...sets, ...sets.map((set) => [...set, item])], [[]]);
  return all.slice(1).sort((a, b) => a.length - b.length);
}

function overallTests(compared: Compared, arms: readonly string[], terms: readonly VarianceRow[], blocked: boolean): TestRow[] {
  const tests: TestRow[] = [];
  const armRow = terms.find((row) => row.term === 'arm');
  const residual = terms[terms.length - 1];
  if (armRow?.f != null && armRow.p !== null) {
    tests.push({ method: 'anova', statistic: { name: 'F', value: armRow.f }, df: [armRow.df, residual.df], p: armRow.p });
  }
  if (!compared.beside || compared.arms.length < 3) return tests;
  if (!blocked) {
    const welch = welchAnova(arms.map((arm) => valuesOf(compared.values, arm)));
    if (welch) tests.push({ method: 'welch-anova', statistic: { name: 'F', value: welch.f }, df: [...welch.df], p: welch.p });
  }
  const shuffle = randomisationF(blocksOf(compared, arms, blocked), arms.length, compared.options);
  // Where arms cross factors the overall F is that of all cells together.
  const f = armRow?.f ?? overallF(compared, arms, blocked);
  if (shuffle && f !== null) tests.push(randomisationRow('randomisation', shuffle, { name: 'F', value: f }));
  return tests;
}

function overallF(compared: Compared, arms: readonly string[], blocked: boolean): number | null {
  const plain = compared.arms.filter((arm) => arms.includes(arm.arm)).map((arm) => ({ ...arm, factors: {} }));
  return armTerms({ ...compared, arms: plain }, blocked).find((row) => row.term === 'arm')?.f ?? null;
}

function blocksOf({ values }: Compared, arms: readonly string[], blocked: boolean): ArmBlock[] {
  const blocks = new Map<string, { values: number[]; arms: number[] }>();
  for (const unit of values) {
    const name = blocked ? (unit.block ?? '') : '';
    const block = blocks.get(name) ?? { values: [], arms: [] };
    block.values.push(unit.value);
    block.arms.push(arms.indexOf(unit.arm));
    blocks.set(name, block);
  }
  return [...blocks.values()];
}

/** Two arms in blocks: labels shuffled inside each block. */
function shuffleTwo({ values, options }: Compared, pair: { arm: string; versus: string }): TestRow | null {
  const names = [...new Set(values.map((unit) => unit.block ?? ''))];
  const strata = names.map((name) => {
    const own = values.filter((unit) => (unit.block ?? '') === name);
    const treated = own.filter((unit) => unit.arm === pair.arm).map((unit) => unit.value);
    return { values: [...treated, ...own.filter((unit) => unit.arm !== pair.arm).map((unit) => unit.value)], treated: treated.length };
  });
  const result = randomisationTest(strata, options);
  if (!result) return null;
  const model = fitArms(values, [pair.versus, pair.arm], true);
  return randomisationRow('randomisation', result, { name: 'difference', value: model.fit.coefficients[1] ?? 0 }, pair);
}
