import { describe, expect, it } from 'vitest';
import { anySprouting } from '../ask/questions/anySprouting';
import { experimentFrom } from '../ask/experimentFrom';
import { Stopped } from '../stats/resampling/Stratum';
import { unitsForPowerT } from '../stats/powerT';
import { random } from '../stats/random';
import { aMeasure, anArm, anExperiment, aUnit } from '../testing';
import { emptyPlan } from '../model';
import { chanceOfAnswer, unitsForChance } from './chanceOfAnswer';

/** Two arms of an amount around 100 with an SD of 1: a difference of 1 is one SD, as in R's power.t.test(delta = 1, sd = 1). */
const oneSd = anExperiment({
  units: ['C1', 'T1'].map((code) => aUnit(code, code.charAt(0))),
  measures: [aMeasure({ smallestDifference: 1, readingDays: [7] })],
  plan: { ...emptyPlan, controlGuess: 100, spreadGuess: 0.01, endRule: 'day 7' },
});

describe('the chance of a clear answer', () => {
  it('agrees with R power.t.test within its Monte Carlo interval: 20 an arm 0.8690, 4 an arm with two SD 0.6569', () => {
    const twenty = chanceOfAnswer(oneSd, 20, { seed: 3, runs: 800 });
    expect(twenty?.ci95[0]).toBeLessThan(0.8689528);
    expect(twenty?.ci95[1]).toBeGreaterThan(0.8689528);
    const two = { ...oneSd, measures: [aMeasure({ smallestDifference: 2, readingDays: [7] })] };
    // With four against four the shuffle convinces only where all of one arm beat all of the other (2/70): t's 0.6569 is the bound above,
    // and the chance of that order, counted by itself, the bound that it comes near.
    const four = chanceOfAnswer(two, 4, { seed: 3, runs: 800 });
    const source = random(6);
    const draw = (mean: number) => Array.from({ length: 4 }, () => source.normal(mean, 1));
    const apart = Array.from({ length: 20_000 }, () => Math.min(...draw(2)) > Math.max(...draw(0))).filter(Boolean).length / 20_000;
    expect(four?.ci95[1]).toBeLessThan(0.6568713);
    expect(Math.abs((four?.chance ?? 0) - apart)).toBeLessThan(0.06);
  });

  it('finds the units for 80 % that R finds: 16.71 an arm, within what its interval allows', () => {
    const { units, tried } = unitsForChance(oneSd, { seed: 5, runs: 300 });
    expect(Math.abs((units ?? 0) - unitsForPowerT(1, 1))).toBeLessThan(3);
    expect(tried.map((chance) => chance.units)).toEqual([...tried.map((chance) => chance.units)].sort((a, b) => a - b));
  });

  it('says the same for the same seed, tells its progress, stops when asked, and is silent without a guess', () => {
    const sprouting = experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 1 });
    const told: number[] = [];
    const first = chanceOfAnswer(sprouting, 6, { seed: 9, runs: 60, onProgress: (share) => told.push(share) });
    expect(chanceOfAnswer(sprouting, 6, { seed: 9, runs: 60 })).toEqual(first);
    expect(told).toHaveLength(60);
    expect(first?.chance).toBeGreaterThan(0.7);
    expect(() => chanceOfAnswer(sprouting, 6, { seed: 9, signal: { aborted: true } })).toThrow(Stopped);
    expect(chanceOfAnswer({ ...sprouting, plan: { ...sprouting.plan, spreadGuess: null } }, 6, { seed: 9 })).toBeNull();
  });

  it('with several treatments the adjusted comparison decides, so more units are needed', () => {
    const arms = [anArm('C'), anArm('T'), anArm('U'), anArm('V')];
    const two = chanceOfAnswer(oneSd, 12, { seed: 4, runs: 250 });
    const four = chanceOfAnswer({ ...oneSd, arms }, 12, { seed: 4, runs: 250 });
    expect(four?.chance).toBeLessThan(two?.chance ?? 0);
  });
});
