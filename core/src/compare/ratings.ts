import { itemAt } from '../invariant';
import { kruskalWallis } from '../stats/kruskalWallis';
import { holm } from '../stats/holm';
import { mannWhitney } from '../stats/mannWhitney';
import { ranks } from '../stats/ranks';
import type { Contrast, UnitValue } from './Contrast';
import type { TestRow } from './TestRow';
import { armPairs, emptyContrast, randomisationRow, valuesOf, type Compared, type Comparisons } from './Compared';
import { alikeBy, shuffleTwo, strataOfTwo } from './shuffleTwo';
import { strataOf } from './strata';

/**
 * Ratings: the exact shuffle of their ranks decides, ties and all, inside blocks or pairs where there are any; Holm-adjusted where there are
 * several comparisons. The difference is the Hodges–Lehmann shift. Mann–Whitney and Kruskal–Wallis stand beside it.
 */
export function ratings(compared: Compared): Comparisons {
  const pairs = armPairs(compared);
  const adjusted = pairs.length > 1 ? 'holm' : 'none';
  const blocked = compared.layout !== 'completely-random';
  const stratum = strataOf(compared.values, compared.layout);
  const tests: TestRow[] = [];
  const reasons: string[] = [];
  const overall = kruskalWallis(compared.arms.map((arm) => valuesOf(compared.values, arm.code)));
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
      reasons.push('A group has no readings to compare.');
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
    const shuffled = shuffleTwo(compared, pair, stratum, asRanks);
    if (shuffled)
      tests.push(
        randomisationRow(compared.layout === 'pairs' ? 'sign-flip' : 'randomisation', shuffled, rankSum(compared, pair, stratum), pair),
      );
    if (!ranked.ci95) reasons.push('There are too few units for a 95% confidence interval of the shift.');
    const alike = pairs.length === 1 ? alikeBy(compared, pair, ranked.ci95, stratum, asRanks) : {};
    return {
      ...pair,
      ...alike,
      difference: { value: ranked.shift, ci95: ranked.ci95 },
      ratio: { value: null, ci95: null },
      p: shuffled?.p ?? null,
      adjusted,
      superiority: ranked.superiority,
    };
  });
  return { tests, terms: [], contrasts: withHolm(raw), trend: null, reasons: [...new Set(reasons)] };
}

const asRanks = (values: readonly number[]) => ranks(values).ranks;

function rankSum({ values }: Compared, pair: { arm: string; versus: string }, stratum: (unit: UnitValue) => string): TestRow['statistic'] {
  const strata = strataOfTwo(values, pair, stratum, asRanks);
  return { name: 'rank sum', value: strata.reduce((sum, own) => sum + own.values.slice(0, own.treated).reduce((a, b) => a + b, 0), 0) };
}

/** Holm's adjustment over the comparisons that have a p. */
function withHolm(contrasts: readonly Contrast[]): Contrast[] {
  const known = contrasts.filter((row) => row.p !== null);
  if (contrasts.length < 2) return [...contrasts];
  const adjusted = holm(known.map((row) => row.p ?? 1));
  return contrasts.map((row) => (row.p === null ? row : { ...row, p: itemAt(adjusted, known.indexOf(row)) }));
}
