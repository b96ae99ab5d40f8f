import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analysisOfVariance, type ModelTerm } from './analysisOfVariance';
import { plantGrowth } from './plantGrowth.fixture';

// Venables WN & Ripley BD (2002) Modern Applied Statistics with S, p. 165; R datasets::npk: peas, 6 blocks of 4 plots.
const npk = {
  block: ['1', '1', '1', '1', '2', '2', '2', '2', '3', '3', '3', '3', '4', '4', '4', '4', '5', '5', '5', '5', '6', '6', '6', '6'],
  N: ['0', '1', '0', '1', '1', '1', '0', '0', '0', '1', '1', '0', '1', '1', '0', '0', '1', '0', '1', '0', '1', '1', '0', '0'],
  P: ['1', '1', '0', '0', '0', '1', '0', '1', '1', '1', '0', '0', '0', '1', '0', '1', '1', '0', '0', '1', '0', '1', '1', '0'],
  K: ['1', '0', '0', '1', '0', '1', '1', '0', '0', '1', '0', '1', '0', '1', '1', '0', '0', '0', '1', '1', '1', '0', '1', '0'],
  yield: [49.5, 62.8, 46.8, 57, 59.8, 58.5, 55.5, 56, 62.8, 55.8, 69.5, 55, 62, 48.8, 45.5, 44.2, 52, 51.5, 49.8, 48.8, 57.2, 59, 53.2, 56],
};
const { block, N, P, K } = npk;
const term = (name: string, ...factors: string[][]): ModelTerm => ({ term: name, factors });

describe('analysisOfVariance', () => {
  it('agrees with R aov on one factor (plant growth)', () => {
    const arms = Object.entries(plantGrowth).flatMap(([arm, values]) => values.map(() => arm));
    const [arm, residual] = tupleOf(analysisOfVariance(Object.values(plantGrowth).flat(), [term('arm', arms)]), 2);
    expect(arm.df).toBe(2);
    expect(arm.sumOfSquares).toBeCloseTo(3.76634, 9);
    expect(arm.f).toBeCloseTo(4.84608786238, 9);
    expect(arm.p).toBeCloseTo(0.01590995832562, 11);
    expect(residual).toMatchObject({ term: 'residual', df: 27, f: null, p: null });
  });

  it('agrees with R aov on blocks and a full factorial whose triple term is the block (npk)', () => {
    const rows = analysisOfVariance(npk.yield, [
      term('block', block),
      term('N', N),
      term('P', P),
      term('K', K),
      term('N:P', N, P),
      term('N:K', N, K),
      term('P:K', P, K),
      term('N:P:K', N, P, K),
    ]);
    const expected = [
      ['block', 5, 343.295, 4.446666426798, 0.01593879020819],
      ['N', 1, 189.281666666666, 12.258734213651, 0.004371811825799],
      ['P', 1, 8.401666666667, 0.5441298168604, 0.4749040926744],
      ['K', 1, 95.201666666666, 6.165689202317, 0.02879505350023],
      ['N:P', 1, 21.281666666667, 1.378296693412, 0.2631652828772],
      ['N:K', 1, 33.135, 2.14597200734, 0.1686478785005],
      ['P:K', 1, 0.4816666666667, 0.03119490519196, 0.8627520856854],
    ] as const;
    for (const [name, df, ss, f, p] of expected) {
      const row = rows.find((r) => r.term === name);
      expect(row?.df, name).toBe(df);
      expect(row?.sumOfSquares, name).toBeCloseTo(ss, 8);
      expect(row?.f, name).toBeCloseTo(f, 8);
      expect(row?.p, name).toBeCloseTo(p, 9);
    }
    expect(rows.find((r) => r.term === 'N:P:K')).toBeUndefined();
    expect(rows.at(-1)).toMatchObject({ term: 'residual', df: 12 });
    expect(rows.at(-1)?.sumOfSquares).toBeCloseTo(185.286666666667, 8);
  });

  it('agrees with R aov on two crossed factors without blocks (npk, N × K)', () => {
    const rows = analysisOfVariance(npk.yield, [term('N', N), term('K', K), term('N:K', N, K)]);
    expect(itemAt(rows, 0).p).toBeCloseTo(0.0170188835034, 10);
    expect(itemAt(rows, 1).p).toBeCloseTo(0.07974879310071, 10);
    expect(itemAt(rows, 2).f).toBeCloseTo(1.186047344056, 9);
    expect(itemAt(rows, 2).p).toBeCloseTo(0.2890775416148, 10);
  });

  it('agrees with R aov on one factor in blocks (npk, N)', () => {
    const rows = analysisOfVariance(npk.yield, [term('block', block), term('N', N)]);
    expect(itemAt(rows, 0).f).toBeCloseTo(3.395121028928, 9);
    expect(itemAt(rows, 1).f).toBeCloseTo(9.359795028918, 9);
    expect(itemAt(rows, 1).p).toBeCloseTo(0.007095498805907, 10);
  });

  it('gives neither of two factors that came to be one what the other may have done', () => {
    const mulch = ['none', 'none', 'deep', 'deep'];
    const pot = ['clay', 'clay', 'felt', 'felt'];
    const rows = analysisOfVariance(
      [1, 2, 5, 7],
      [
        { term: 'mulch', factors: [mulch] },
        { term: 'pot', factors: [pot] },
      ],
    );
    // R: anova(lm(y ~ pot), lm(y ~ pot + mulch)) has no degree of freedom, and so the other way round.
    expect(rows.map(({ term, df }) => [term, df])).toEqual([['residual', 2]]);
  });

  it('has no F where all values are the same', () => {
    const rows = analysisOfVariance([12, 12, 12, 12.000000000000002], [{ term: 'arm', factors: [['a', 'a', 'b', 'b']] }]);
    expect(rows[0]).toMatchObject({ term: 'arm', f: null, p: null });
  });
});
