import { lastOf } from '../invariant';
import { analysisOfVariance, type ModelTerm, type VarianceRow } from '../stats/analysisOfVariance';
import { randomisationF, type ArmBlock } from '../stats/resampling/randomisationF';
import { welchAnova } from '../stats/welchAnova';
import { randomisationRow, valuesOf, type Compared } from './Compared';
import type { UnitValue } from './Contrast';
import type { TestRow } from './TestRow';

type Stratum = (unit: UnitValue) => string;

/**
 * Rows of the analysis of variance: block, then the arm, or each factor and interaction where the arms cross factors.
 * @param stratum of a unit
 */
export function armTerms({ values, arms, layout }: Compared, stratum: Stratum): VarianceRow[] {
  const byCode = new Map(arms.map((arm) => [arm.code, arm]));
  const factors = Object.keys(arms[0]?.factors ?? {});
  const level = (factor: string) => values.map((unit) => byCode.get(unit.arm)?.factors[factor] ?? '');
  const levels = factors.map((name) => ({ name, levels: level(name) }));
  const crossed: ModelTerm[] =
    factors.length > 1
      ? subsets(levels).map((set) => ({ term: set.map((f) => f.name).join(':'), factors: set.map((f) => f.levels) }))
      : [{ term: 'arm', factors: [values.map((unit) => unit.arm)] }];
  const block: ModelTerm[] = layout === 'completely-random' ? [] : [{ term: 'block', factors: [values.map(stratum)] }];
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

/**
 * Tests over all arms at once, as course reports list them: F, Welch's F, and the shuffle of F.
 * @param arms that have values
 * @param terms of the analysis of variance
 * @param stratum of a unit
 */
export function overallTests(compared: Compared, arms: readonly string[], terms: readonly VarianceRow[], stratum: Stratum): TestRow[] {
  const tests: TestRow[] = [];
  const armRow = terms.find((row) => row.term === 'arm');
  if (armRow?.f != null && armRow.p !== null) {
    const residual = lastOf(terms);
    tests.push({ method: 'anova', statistic: { name: 'F', value: armRow.f }, df: [armRow.df, residual.df], p: armRow.p });
  }
  if (!compared.beside || compared.arms.length < 3) return tests;
  if (compared.layout === 'completely-random') {
    const welch = welchAnova(arms.map((arm) => valuesOf(compared.values, arm)));
    if (welch) tests.push({ method: 'welch-anova', statistic: { name: 'F', value: welch.f }, df: [...welch.df], p: welch.p });
  }
  const shuffle = randomisationF(armBlocks(compared.values, arms, stratum), arms.length, compared.options);
  // Where arms cross factors the overall F is that of all cells together.
  const f = armRow?.f ?? overallF(compared, arms, stratum);
  if (shuffle && f !== null) tests.push(randomisationRow('randomisation', shuffle, { name: 'F', value: f }));
  return tests;
}

function overallF(compared: Compared, arms: readonly string[], stratum: Stratum): number | null {
  const plain = compared.arms.filter((arm) => arms.includes(arm.code)).map((arm) => ({ ...arm, factors: {} }));
  return armTerms({ ...compared, arms: plain }, stratum).find((row) => row.term === 'arm')?.f ?? null;
}

/**
 * Values and arms of each stratum, for shuffling labels inside it.
 * @param arms in the order that gives their index
 * @param stratum of a unit
 */
export function armBlocks(values: readonly UnitValue[], arms: readonly string[], stratum: Stratum): ArmBlock[] {
  const blocks = new Map<string, { values: number[]; arms: number[] }>();
  for (const unit of values) {
    const name = stratum(unit);
    const block = blocks.get(name) ?? { values: [], arms: [] };
    block.values.push(unit.value);
    block.arms.push(arms.indexOf(unit.arm));
    blocks.set(name, block);
  }
  return [...blocks.values()];
}
