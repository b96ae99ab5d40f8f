import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import { anySprouting } from '../ask/questions/anySprouting';
import { experimentFrom } from '../ask/experimentFrom';
import { means } from '../compare/means';
import type { Compared } from '../compare/Compared';
import { comparisonsOf, emptyPlan, type Experiment } from '../model';
import { fairTest } from '../plan/fairTest';
import { remedyFor } from '../plan/remedies';
import { powerT, unitsForPowerT } from '../stats/powerT';
import { random } from '../stats/random';
import { Stopped } from '../stats/resampling/Stratum';
import { aMeasure, anArm, anExperiment, aUnit, studyOf } from '../testing';
import { isDetected, judge } from '../compare/judge';
import { chanceOf } from './chanceOf';
import { designOf, type Design } from './Design';
import { unitsFor } from './unitsFor';
import { tell } from '../words/findings';

const groups = (count: number) => Array.from({ length: count }, (_, i) => anArm(i === 0 ? 'C' : `T${i}`));

/** Arms of an amount around 100 with an SD of 1: a difference of 1 is one SD, as in R's power.t.test(delta = 1, sd = 1). */
const inSds = (arms: number, difference: number, more: Partial<Design> = {}): Design => ({
  asked: itemAt(comparisonsOf(more.arms ?? groups(arms)), 0),
  arms: groups(arms),
  layout: 'completely-random',
  comparison: 'control',
  blocks: 3,
  measure: aMeasure({ smallestDifference: Math.abs(difference) }),
  share: false,
  sown: 1,
  control: 100,
  spread: 1,
  matters: Math.abs(difference),
  difference,
  ...more,
});

describe('the chance of a clear answer', () => {
  it.each([
    [20, 1, 0.8689528],
    [10, 1.5, 0.8869],
    [60, 0.5, 0.7752644],
  ])('with %d an arm and a difference of %d SD agrees with R power.t.test within its Monte Carlo interval and 3 points', (n, d, power) => {
    const found = chanceOf(inSds(2, d), n, { runs: 2000 });
    expect(Math.abs(found.chance - power)).toBeLessThan(0.03);
    expect(Math.abs(powerT(d, 1, n) - power)).toBeLessThan(0.001);
    expect(found.ci95[1] - found.ci95[0]).toBeLessThan(0.045);
  });

  it('of showing that two are alike is that of two one-sided tests (Schuirmann 1987), where none is there', () => {
    const alike = inSds(2, 0, { measure: aMeasure({ smallestDifference: 1.5, expected: 'alike' }), matters: 1.5 });
    // 2 Φ((1.5 − 2.074 · √(2/12)) / √(2/12)) − 1, with t of 22 degrees of freedom: 0.890.
    expect(Math.abs(chanceOf(alike, 12, { runs: 500 }).chance - 0.89)).toBeLessThan(0.03);
  });

  it('with four against four is that of a perfect sorting (2 of 70), which the t test does not know', () => {
    const four = chanceOf(inSds(2, 2), 4, { runs: 1500 });
    const source = random(6);
    const draw = (mean: number) => Array.from({ length: 4 }, () => source.normal(mean, 1));
    const apart = Array.from({ length: 20_000 }, () => Math.min(...draw(2)) > Math.max(...draw(0))).filter(Boolean).length / 20_000;
    expect(four.ci95[1]).toBeLessThan(powerT(2, 1, 4));
    expect(Math.abs(four.chance - apart)).toBeLessThan(0.04);
  });

  it('with so many units that t stands for the shuffle says the same as the shuffle, within 2 in 100 runs', () => {
    const design = inSds(2, 1.2);
    const source = random(8);
    const differ = Array.from({ length: 150 }, (_, run) => {
      const values = ['C', 'T1'].flatMap((arm, at) =>
        Array.from({ length: 8 }, (__, i) => ({
          unit: `${arm}${i}`,
          arm,
          block: null,
          value: Number(source.normal(100 + at * 1.2, 1).toFixed(1)),
        })),
      );
      const compared: Compared = { values, ...design, matters: null, options: { seed: run }, beside: false };
      const toldBy = (quick: boolean) => isDetected(itemAt(means({ ...compared, quick }).contrasts, 0));
      return toldBy(true) !== toldBy(false);
    }).filter(Boolean).length;
    expect(differ).toBeLessThanOrEqual(3);
  });

  it.each([
    ['two arms', inSds(2, 1.5), 6],
    ['four arms', inSds(4, 2), 5],
    ['three arms in blocks', inSds(3, 1.8, { layout: 'blocks' }), 6],
    ['two arms in blocks', inSds(2, 1.8, { layout: 'blocks' }), 6],
    ['pairs', inSds(2, 1.8, { layout: 'pairs' }), 8],
  ])('in %s is what the judgement itself says of each run', (_, design, n) => {
    const source = random(3);
    for (let run = 0; run < 60; run++) {
      const values = design.arms.flatMap(({ code: arm }, at) =>
        Array.from({ length: n }, (__, i) => ({
          unit: `${arm}-${i}`,
          arm,
          block: String(design.layout === 'pairs' ? i : i % 3),
          value: Number(source.normal(at === 1 ? 100 + design.difference : 100, 1).toFixed(1)),
        })),
      );
      const compared: Compared = { values, ...design, matters: null, options: { seed: run }, beside: false };
      const verdictBy = (quick: boolean) => {
        const row = means({ ...compared, quick }).contrasts.find(({ arm }) => arm === 'T1');
        return row && ['supported', 'small'].includes(judge(row, 'more', 1));
      };
      expect(verdictBy(true)).toBe(verdictBy(false));
    }
  });

  it('is the same for the same design, tells its progress, and stops when asked', () => {
    const design = designOf(experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 1 }));
    if (!design) throw new Error('no guesses');
    const told: number[] = [];
    const first = chanceOf(design, 6, { runs: 60, onProgress: (share) => told.push(share) });
    expect(chanceOf(design, 6, { runs: 60 })).toEqual(first);
    expect(told).toHaveLength(60);
    expect(first.chance).toBeGreaterThan(0.7);
    expect(() => chanceOf(design, 7, { signal: { aborted: true } })).toThrow(Stopped);
  });

  it('where either way is expected, the way is played in which there is room', () => {
    const ofControl = (controlGuess: number) => {
      const plan = experimentFrom({ ...anySprouting, controlGuess }, { created: '2026-04-01', startOn: '2026-04-01', seed: 1 });
      return designOf(plan)?.difference;
    };
    expect(ofControl(0.85)).toBeCloseTo(-0.2);
    expect(ofControl(0.5)).toBeCloseTo(0.2);
  });

  it('with several treatments the held comparison decides, so more units are needed', () => {
    expect(chanceOf(inSds(4, 1.2), 12).chance).toBeLessThan(chanceOf(inSds(2, 1.2), 12).chance);
  });

  it('of crossed factors is the factor’s, told over the levels of the other', () => {
    const level = (mulch: string, pot: string) => ({ factors: { mulch, pot } });
    const arms = [anArm('C', level('no', 'a')), anArm('M', level('yes', 'a')), anArm('P', level('no', 'b')), anArm('B', level('yes', 'b'))];
    expect(chanceOf(inSds(4, 1.2, { arms }), 6).chance).toBeGreaterThan(chanceOf(inSds(4, 1.2), 6).chance + 0.2);
  });
});

describe('units for a wanted chance', () => {
  it('are those that R finds for 80%: 16.71 an arm, within what playing it through allows', () => {
    expect(Math.abs(unitsFor(inSds(2, 1)).units - unitsForPowerT(1, 1))).toBeLessThan(2.5);
  });

  it('are never fewer than a shuffle can show anything with, and take the closed form where it is as good', () => {
    expect(unitsFor(inSds(2, 50)).units).toBe(4);
    expect(unitsFor(inSds(2, 50, { layout: 'pairs' })).units).toBe(6);
    expect(unitsFor(inSds(2, 0.1)).units).toBe(Math.ceil(unitsForPowerT(0.1, 1)));
  });

  it.each([
    [2, 1.3],
    [4, 1.6],
    [3, 0.9],
  ])('for %d arms and %d SD reach the chance, and one fewer does not', (arms, d) => {
    const { units, tried } = unitsFor(inSds(arms, d));
    expect(chanceOf(inSds(arms, d), units).chance).toBeGreaterThanOrEqual(0.8);
    expect(chanceOf(inSds(arms, d), units - 1).chance).toBeLessThan(0.8);
    expect(tried.map((chance) => chance.units)).toEqual([...tried.map((chance) => chance.units)].sort((a, b) => a - b));
  });
});

describe('one number everywhere', () => {
  const plan = { ...emptyPlan, unitNoun: 'pot', controlGuess: 100, spreadGuess: 0.01, endRule: 'day 7' };
  const units = ['C', 'T'].flatMap((arm) => [1, 2, 3, 4].map((i) => aUnit(`${arm}${i}`, arm)));
  const four: Experiment = anExperiment({ units, plan, measures: [aMeasure({ smallestDifference: 1.5, readingDays: [7] })] });

  it('the rule’s number, its button’s and the panel’s are the same, and the button silences the rule', () => {
    const finding = itemAt(
      fairTest(four).filter(({ rule }) => rule === 'power'),
      0,
    );
    const design = designOf(four);
    const enough = design && unitsFor(design).units;
    expect(tell(finding).remedy).toBe(`About ${enough} per group would give 8 times in 10.`);
    const button = remedyFor(finding, four);
    expect(button?.label).toBe(`Use ${enough} pots per group`);
    const mended = button?.apply(four, 1);
    expect(mended && fairTest(mended).filter(({ rule }) => rule === 'power' || rule === 'reach')).toEqual([]);
  });

  it('what would settle it is reckoned with what was seen, as the plan reckons with guesses', () => {
    const study = studyOf({ C: [99, 101, 100, 100.5], T: [100, 102, 101.4, 99.7] }, { measures: [aMeasure({ smallestDifference: 1.5 })] });
    const { verdict } = itemAt(analyse(study).measures, 0);
    expect(verdict.code).toBe('cannot-tell');
    expect(verdict.sentence).toContain(`About ${verdict.unitsNeeded} pots per group would probably settle it (8 times in 10).`);
    expect(verdict.unitsNeeded).toBeGreaterThan(4);
  });

  it('without guesses, without what matters, or without a spread nothing is said', () => {
    expect(designOf({ ...four, plan: { ...plan, spreadGuess: null } })).toBeNull();
    expect(designOf({ ...four, measures: [aMeasure({ smallestDifference: null })] })).toBeNull();
    expect(designOf({ ...four, arms: [anArm('C')] })).toBeNull();
  });

  it('is none where what matters is finer than what is read: steps of a rubric never show it', () => {
    const rubric = [0, 1].map((value) => ({ value, words: `step ${value}` }));
    const measure = aMeasure({ kind: 'rating', unit: '', smallestDifference: 1, rubric });
    // All read the top step already, and the treatment cannot read more.
    const design = inSds(2, 1, { measure, control: 1, spread: 0.3 });
    expect(unitsFor(design, { runs: 20 }).units).toBe(Infinity);
  });
});
