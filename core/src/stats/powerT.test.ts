import { describe, expect, it } from 'vitest';
import { powerProportions, powerT, unitsForPowerT } from './powerT';

// R power.t.test and power.prop.test, help-page examples and near ones.
describe('power in closed form', () => {
  it('of t: 20 units and a difference of one SD; units for 80 %', () => {
    expect(powerT(1, 1, 20)).toBeCloseTo(0.8689528016925, 6);
    expect(unitsForPowerT(1, 1)).toBeCloseTo(16.714768142328, 4);
    expect(powerT(2, 1, 4)).toBeCloseTo(0.6568712987887, 6);
  });
  it('of two proportions', () => {
    expect(powerProportions(0.5, 0.75, 50)).toBeCloseTo(0.7401659013314, 6);
  });
});
