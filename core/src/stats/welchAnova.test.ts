import { expect, it } from 'vitest';
import { plantGrowth } from './plantGrowth.fixture';
import { welchAnova } from './welchAnova';

it('agrees with R oneway.test on plant growth', () => {
  const result = welchAnova(Object.values(plantGrowth));
  expect(result?.f).toBeCloseTo(5.180972408113, 9);
  expect(result?.df[1]).toBeCloseTo(17.128418616644, 8);
  expect(result?.p).toBeCloseTo(0.01739282149017, 10);
  expect(
    welchAnova([
      [1, 1],
      [2, 3],
    ]),
  ).toBeNull();
});
