import { kruskalWallis } from '../stats/kruskalWallis';
import { holm } from '../stats/holm';
import { mannWhitney } from '../stats/mannWhitney';
import { randomisationTest } from '../stats/resampling/randomisationTest';
import type { Contrast } from './Contrast';
import type { TestRow } from './TestRow';
import { armPairs, emptyContrast, randomisationRow, valuesOf, type Compared, type Comparisons } from './Compared';

/**
 * Ratings: Mann–Whitney for each pair of arms (Holm-adjusted where there are several), Kruskal–Wallis over all, the Hodges–Lehmann shift as
 * the difference. In blocks or pairs the ratings are shuffled inside each block instead, and that p decides.
 */
export function ratings(compared: Compared): Comparisons {
  const pairs = armPairs(compared);
  const adjusted = pairs.length > 1 ? 'holm' : 'none';
  const blocked = compared.layout !== 'completely-random';
  const tests: TestRow[] = [];
  const reasons: string[] = [];
  const overall = kruskalWallis(compared.arms.map((arm) => valuesOf(compared.values, arm.arm)));
  if (compared.arms.length > 2 && overall) {
    tests.push({
      method: 'kruskal-wallis',
      statistic: { name: 'H', value: overall.h },
      df: [overall.df],
      p: overall.p,
      ...(blocked ? { ignoresBlocks: true } : {}),
    });
  }
  const raw = pairs.map((pair): Contrast => {
    const treated = valuesOf(compared.values, pair.arm);
    const control = valuesOf(compared.values, pair.versus);
    const ranked = mannWhitney(treated, control, 1 - 0.05 / pairs.length);
    if (!ranked) {
      reasons.push('An arm has no readings to compare.');
      return emptyContrast(pair.arm, pair.versus, adjusted);
    }
    tests.push({
      method: 'mann-whitney',
      ...pair,
      statistic: { name: 'U', value: ranked.u },
      df: [],
      p: ranked.p,
      exact: ranked.exact,
      ...(blocked ? { ignoresBlocks: true } : {}),
    });
    const inBlocks = blocked ? shuffleInBlocks(compared, pair) : null;
    if (inBlocks) tests.push(inBlocks);
    if (!ranked.ci95) reasons.push('There are too few units for a 95 % interval of the shift.');
    return {
      ...pair,
      difference: { value: ranked.shift, ci95: ranked.ci95 },
      ratio: { value: null, ci95: null },
      p: inBlocks?.p ?? ranked.p,
      adjusted,
      superiority: ranked.superiority,
    };
  });
  return { tests, terms: [], contrasts: withHolm(raw), trend: null, reasons: [...new Set(reasons)] };
}

function shuffleInBlocks({ values, layout, options }: Compared, pair: { arm: string; versus: string }): TestRow | null {
  const used = values.filter((unit) => unit.arm === pair.arm || unit.arm === pair.versus);
  const strata = [...new Set(used.map((unit) => unit.block ?? ''))].map((name) => {
    const own = used.filter((unit) => (unit.block ?? '') === name);
    const treated = own.filter((unit) => unit.arm === pair.arm).map((unit) => unit.value);
    return { values: [...treated, ...own.filter((unit) => unit.arm !== pair.arm).map((unit) => unit.value)], treated: treated.length };
  });
  const result = randomisationTest(strata, options);
  const sum = strata.reduce((total, { values: own, treated }) => total + own.slice(0, treated).reduce((a, b) => a + b, 0), 0);
  return result && randomisationRow(layout === 'pairs' ? 'sign-flip' : 'randomisation', result, { name: 'treated sum', value: sum }, pair);
}

/** Holm's adjustment over the comparisons that have a p. */
export function withHolm(contrasts: readonly Contrast[]): Contrast[] {
  const known = contrasts.filter((row) => row.p !== null);
  if (contrasts.length < 2) return [...contrasts];
  const adjusted = holm(known.map((row) => row.p ?? 1));
  return contrasts.map((row) => (row.p === null ? row : { ...row, p: adjusted[known.indexOf(row)] }));
}
