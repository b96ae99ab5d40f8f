import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { dunnettCritical, dunnettP } from './dunnett';
import { tTwoSided } from './tTails';

describe('Dunnett', () => {
  // Dunnett CW (1955) JASA 50:1096–1121, two-sided 5%, equal sizes; digits from R mvtnorm::qmvt.
  const comparisons = [1, 2, 3, 5, 1, 2, 3, 5, 1, 2, 3, 5, 1, 2, 3, 5];
  const df = [6, 6, 6, 6, 10, 10, 10, 10, 20, 20, 20, 20, 40, 40, 40, 40];
  const critical = [
    2.446911851145, 2.862681923528, 3.099245524542, 3.388334244298, 2.228138851986, 2.568586975862, 2.75906934333, 2.990142324695,
    2.085963447266, 2.378837879335, 2.540338986678, 2.734582135694, 2.021075390306, 2.292800460094, 2.441431129339, 2.619179533093,
  ];
  it.each(comparisons.map((k, i) => [k, itemAt(df, i), itemAt(critical, i)] as const))(
    'has the published critical value for %i comparisons and %i df',
    (k, freedom, value) => {
      expect(dunnettCritical(new Array<number>(k).fill(Math.SQRT1_2), freedom)).toBeCloseTo(value, 3);
    },
  );

  it('is Student’s t for one comparison and Šidák-like without correlation', () => {
    expect(dunnettP(2.3, [0.7], 11)).toBeCloseTo(tTwoSided(2.3, 11), 12);
    const far = 1e6;
    const one = tTwoSided(2.3, far);
    expect(dunnettP(2.3, [0, 0, 0], far)).toBeCloseTo(1 - (1 - one) ** 3, 5);
  });

  it('keeps digits in the far tail', () => {
    const p = dunnettP(25, [Math.SQRT1_2, Math.SQRT1_2], 60);
    expect(p).toBeGreaterThan(tTwoSided(25, 60) * 0.99);
    expect(p).toBeLessThan(tTwoSided(25, 60) * 2.01);
  });
});
