import { expect, it } from 'vitest';
import { darwin, sleep } from './pairs.fixture';
import { signFlipTest } from './resampling/randomisationTest';

it('sign flips agree with Fisher’s count of 1,726 in 32,768', () => {
  expect(signFlipTest(darwin, { seed: 1 })).toMatchObject({ exact: true, arrangements: 32768 });
  expect(signFlipTest(darwin, { seed: 1 })?.p).toBeCloseTo(1726 / 32768, 12);
  expect(signFlipTest(sleep, { seed: 1 })?.p).toBeCloseTo(4 / 1024, 12);
});
