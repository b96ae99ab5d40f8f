import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analysisOfVariance } from './analysisOfVariance';
import { powerT, unitsForPowerT } from './powerT';
import { random } from './random';
import { wilson } from './wilson';

// R power.t.test, help-page examples and near ones.
describe('power in closed form', () => {
  it('of t: 20 units and a difference of one SD; units for 80%', () => {
    expect(powerT(1, 1, 20)).toBeCloseTo(0.8689528016925, 6);
    expect(unitsForPowerT(1, 1)).toBeCloseTo(16.714768142328, 4);
    expect(powerT(2, 1, 4)).toBeCloseTo(0.6568712987887, 6);
  });
});

it('analysis of variance finds what R power.anova.test says: 4 groups of 5, between 1 and within 3: 0.3536; 80% at 11.926', () => {
  // Four means with a variance of 1 between them.
  const means = [-1.5, -0.5, 0.5, 1.5].map((mean) => mean / Math.sqrt(5 / 3));
  const found = (each: number, runs: number) => {
    const source = random(8);
    const arms = means.flatMap((_, i) => new Array<string>(each).fill(String(i)));
    let hits = 0;
    for (let run = 0; run < runs; run++) {
      const values = arms.map((arm) => source.normal(itemAt(means, Number(arm)), Math.sqrt(3)));
      if ((itemAt(analysisOfVariance(values, [{ term: 'arm', factors: [arms] }]), 0).p ?? 1) <= 0.05) hits++;
    }
    return wilson(hits, runs, 0.999) ?? [0, 1];
  };
  const [low, high] = found(5, 4000);
  expect(low).toBeLessThan(0.3535594238153);
  expect(high).toBeGreaterThan(0.3535594238153);
  expect(found(12, 2000)[1]).toBeGreaterThan(0.8);
  expect(found(11, 2000)[0]).toBeLessThan(0.8);
});
