import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { findRoot } from './findRoot';
import { holm } from './holm';
import { linearModel } from './linearModel';
import { meanInterval } from './meanInterval';
import { centre, mean, median, sd, sumOfSquares, variance } from './moments';
import { plantGrowth } from './plantGrowth.fixture';
import { gaussLegendre, integrate } from './quadrature';
import { random, shuffled } from './random';
import { ranks } from './ranks';

describe('moments', () => {
  it('agree with R mean, sd, median and var on plant growth (Dobson 1983), figures from memory of R', () => {
    expect(mean(plantGrowth.ctrl)).toBeCloseTo(5.032, 12);
    expect(sd(plantGrowth.ctrl)).toBeCloseTo(0.5830914, 7);
    expect(median(plantGrowth.ctrl)).toBeCloseTo(5.155, 12);
    expect(variance(plantGrowth.ctrl)).toBeCloseTo(0.3399956, 7);
  });

  it('say nothing of too few values', () => {
    expect(mean([])).toBeNull();
    expect(median([])).toBeNull();
    expect(sd([3])).toBeNull();
    expect(variance([])).toBeNull();
    expect(meanInterval([3])).toBeNull();
  });

  it('keep the digits of small spreads on large values', () => {
    const shifted = [1, 2, 3, 4].map((v) => 1e12 + v);
    expect(centre(shifted)).toBe(1e12 + 2.5);
    expect(sumOfSquares(shifted)).toBeCloseTo(5, 9);
  });

  it('the middle of an odd and an even list', () => {
    expect(median([3, 1, 2])).toBe(2);
    expect(median([4, 1, 3, 2])).toBe(2.5);
  });

  it('an interval is symmetric about the mean and wider at a higher level', () => {
    const [low, high] = meanInterval([1, 2, 3, 4]) ?? [0, 0];
    expect((low + high) / 2).toBeCloseTo(2.5, 12);
    const [wide] = meanInterval([1, 2, 3, 4], 0.99) ?? [0, 0];
    expect(wide).toBeLessThan(low);
  });
});

describe('holm', () => {
  it('agrees with the worked example of Holm (1979): 0.01, 0.04, 0.03 become 0.03, 0.06, 0.06', () => {
    const adjusted = holm([0.01, 0.04, 0.03]);
    expect(adjusted[0]).toBeCloseTo(0.03, 12);
    expect(adjusted[1]).toBeCloseTo(0.06, 12);
    expect(adjusted[2]).toBeCloseTo(0.06, 12);
  });

  it('never goes above 1 and never turns the order round', () => {
    const raw = [0.9, 0.2, 0.5, 0.001];
    const adjusted = holm(raw);
    expect(Math.max(...adjusted)).toBeLessThanOrEqual(1);
    expect(adjusted[3]).toBeLessThan(itemAt(adjusted, 1));
    expect(holm([])).toEqual([]);
  });
});

describe('ranks', () => {
  it('ties share their mean rank, and the tie term counts them', () => {
    expect(ranks([10, 20, 10, 30])).toEqual({ ranks: [1.5, 3, 1.5, 4], tieTerm: 6 });
    expect(ranks([5, 5, 5]).tieTerm).toBe(24);
    expect(ranks([]).ranks).toEqual([]);
  });
});

describe('linearModel', () => {
  it('fits a straight line exactly', () => {
    const x = [0, 1, 2, 3];
    const fit = linearModel(
      x.map((v) => 3 + 2 * v),
      [x.map(() => 1), x],
    );
    expect(fit.coefficients[0]).toBeCloseTo(3, 12);
    expect(fit.coefficients[1]).toBeCloseTo(2, 12);
    expect(fit.residualSumOfSquares).toBeCloseTo(0, 20);
    expect(fit).toMatchObject({ rank: 2, residualDf: 2 });
  });

  it('leaves out a column that an earlier one already says', () => {
    const fit = linearModel(
      [1, 2, 3],
      [
        [1, 1, 1],
        [2, 2, 2],
        [0, 1, 0],
      ],
    );
    expect(fit.coefficients[1]).toBeNull();
    expect(fit.rank).toBe(2);
    expect(fit.unscaledCovariance[1]).toEqual([0, 0, 0]);
  });

  it('gives the covariance of (X′X)⁻¹: one over n for a mean', () => {
    expect(itemAt(linearModel([1, 5, 9, 3], [[1, 1, 1, 1]]).unscaledCovariance, 0)[0]).toBeCloseTo(0.25, 12);
  });
});

describe('numerical tools', () => {
  it('Gauss–Legendre integrates a polynomial exactly and a bell curve to many digits', () => {
    const { weights } = gaussLegendre(5);
    expect(weights.reduce((a, b) => a + b, 0)).toBeCloseTo(2, 12);
    expect(integrate((x) => x ** 4, 0, 2)).toBeCloseTo(6.4, 12);
    expect(integrate((x) => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI), -8, 8, 2)).toBeCloseTo(1, 12);
  });

  it('finds a root, and gives the nearer end where there is none', () => {
    expect(findRoot((x) => x * x - 2, 0, 2)).toBeCloseTo(Math.SQRT2, 12);
    expect(findRoot((x) => x + 1, 1, 5)).toBe(1);
  });
});

describe('random', () => {
  it('the same seed gives the same draws, another seed others', () => {
    const draws = (seed: number) => {
      const source = random(seed);
      return [source.int(0, 1000), source.share(), source.normal(0, 1)];
    };
    expect(draws(5)).toEqual(draws(5));
    expect(draws(5)).not.toEqual(draws(6));
  });

  it('stays inside its limits and comes near its mean', () => {
    const source = random(1);
    const ints = Array.from({ length: 3000 }, () => source.int(2, 5));
    expect(Math.min(...ints)).toBe(2);
    expect(Math.max(...ints)).toBe(5);
    const normals = Array.from({ length: 3000 }, () => source.normal(10, 2));
    expect(mean(normals)).toBeCloseTo(10, 0);
    expect(sd(normals)).toBeCloseTo(2, 0);
  });

  it('a shuffle keeps every item and leaves the list itself alone', () => {
    const list = ['a', 'b', 'c', 'd'];
    const mixed = shuffled(list, random(3));
    expect([...mixed].sort()).toEqual(list);
    expect(list).toEqual(['a', 'b', 'c', 'd']);
  });
});
