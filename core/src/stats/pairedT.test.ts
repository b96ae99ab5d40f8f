import { describe, expect, it } from 'vitest';
import { pairedT } from './pairedT';
import { signFlipTest } from './resampling/randomisationTest';

// Darwin C (1876), in Fisher RA (1935) The Design of Experiments, ch. 3: crossed minus self-fertilised maize, eighths of an inch.
const darwin = [49, -67, 8, 16, 6, 23, 28, 41, 14, 29, 56, 24, 75, 60, -48];
// Student (1908) The probable error of the mean, Biometrika 6.
const sleep = [1.2, 2.4, 1.3, 1.3, 0, 1, 1.8, 0.8, 4.6, 1.4];

describe('pairs', () => {
  it.each([
    ['Darwin’s maize', darwin, 2.147987461331, 0.0497029440218, [0.03119331839297, 41.835473348274]],
    ['Student’s sleep', sleep, 4.062127683382, 0.002832890197384, [0.700114236723, 2.459885763277]],
  ] as const)('paired t agrees with R: %s', (_, differences, t, p, ci95) => {
    const result = pairedT(differences);
    expect(result?.t).toBeCloseTo(t, 9);
    expect(result?.p).toBeCloseTo(p, 10);
    expect(result?.ci95[0]).toBeCloseTo(ci95[0], 8);
    expect(result?.ci95[1]).toBeCloseTo(ci95[1], 8);
  });

  it('sign flips agree with Fisher’s count of 1,726 in 32,768', () => {
    expect(signFlipTest(darwin, { seed: 1 })).toMatchObject({ exact: true, arrangements: 32768 });
    expect(signFlipTest(darwin, { seed: 1 })?.p).toBeCloseTo(1726 / 32768, 12);
    expect(signFlipTest(sleep, { seed: 1 })?.p).toBeCloseTo(4 / 1024, 12);
  });
});
