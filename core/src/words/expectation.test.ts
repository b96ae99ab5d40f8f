import { describe, expect, it } from 'vitest';
import type { Measure } from '../model';
import { aMeasure, anArm, anExperiment } from '../testing';
import { countsAsYesOf, endRuleOf, hypothesisOf, nullHypothesisOf } from './expectation';

const arms = [anArm('C', { name: 'tap water' }), anArm('T', { name: '50 mM salt' })];
const planned = (measure: Partial<Measure>, more: Partial<Parameters<typeof anExperiment>[0]> = {}) =>
  anExperiment({ arms, measures: [aMeasure({ readingDays: [3, 10], higherIs: 'worse', ...measure })], ...more });

describe('what is expected, written from the plan', () => {
  it.each<[string, Partial<Measure>, string, string]>([
    [
      'an amount',
      { name: 'Height' },
      'For radish, the height on day 10 will be lower with 50 mM salt than with tap water.',
      'For radish, the height on day 10 will be the same with 50 mM salt as with tap water.',
    ],
    [
      'a count',
      { name: 'Sprouts', kind: 'count', unit: '' },
      'For radish, there will be fewer sprouts on day 10 with 50 mM salt than with tap water.',
      'For radish, the number of sprouts on day 10 will be the same with 50 mM salt as with tap water.',
    ],
    [
      'a day',
      { name: 'First sprout', kind: 'event', unit: 'd', expected: 'more' },
      'For radish, the first sprout will come later with 50 mM salt than with tap water.',
      'For radish, the first sprout will come on the same day with 50 mM salt as with tap water.',
    ],
    [
      'a rating',
      { name: 'Leaf colour', kind: 'rating', unit: '', expected: 'different' },
      'For radish, the leaf colour on day 10 will not be the same with 50 mM salt as with tap water.',
      'For radish, the leaf colour on day 10 will be the same with 50 mM salt as with tap water.',
    ],
    [
      'what is expected to be alike',
      { name: 'Height', expected: 'alike' },
      'For radish, the height on day 10 will be the same with 50 mM salt as with tap water.',
      'For radish, the height on day 10 will not be the same with 50 mM salt as with tap water.',
    ],
    [
      'a harvest',
      { name: 'Leaf picked', kind: 'harvest', when: 'total' },
      'For radish, the leaf picked by day 10 will be lower with 50 mM salt than with tap water.',
      'For radish, the leaf picked by day 10 will be the same with 50 mM salt as with tap water.',
    ],
    [
      'one day of several, under a name with a comma and in capitals',
      { name: 'EC, in the tank', when: 'day 3' },
      'For radish, the EC, in the tank, on day 3 will be lower with 50 mM salt than with tap water.',
      'For radish, the EC, in the tank, on day 3 will be the same with 50 mM salt as with tap water.',
    ],
    [
      'moments of one day',
      { name: 'Bend', readingDays: [1 / 24, 0.25] },
      'For radish, the bend after 6 h will be lower with 50 mM salt than with tap water.',
      'For radish, the bend after 6 h will be the same with 50 mM salt as with tap water.',
    ],
  ])('of %s', (_, measure, hypothesis, none) => {
    expect([hypothesisOf(planned(measure)), nullHypothesisOf(planned(measure))]).toEqual([hypothesis, none]);
  });

  it('names each group as sentences do, what is asked alone, and many by their number', () => {
    const wet = anArm('W', { name: 'still water', phrase: 'in still water' });
    const three = [...arms, wet];
    expect(hypothesisOf(planned({}, { arms: three }))).toMatch(/lower with 50 mM salt and in still water than with tap water\.$/);
    const asked = [{ factor: null, group: 'W', against: 'C' }];
    expect(hypothesisOf(planned({}, { arms: three, asked }))).toMatch(/lower in still water than with tap water\.$/);
    const many = [...three, ...['D', 'E', 'F'].map((code) => anArm(code))];
    expect(hypothesisOf(planned({}, { arms: many }))).toMatch(/lower with each of the 5 treatments than with tap water\.$/);
  });

  it('names levels with their factor, and two treatments against one another', () => {
    const level = (mulch: string, pot: string, i: number) => anArm(['C', 'M', 'P', 'MP'][i] ?? '', { factors: { mulch, pot } });
    const crossed = [level('none', 'clay', 0), level('straw', 'clay', 1), level('none', 'felt', 2), level('straw', 'felt', 3)];
    expect(hypothesisOf(planned({}, { arms: crossed }))).toMatch(
      /lower with straw than with none \(mulch\) and with felt than with clay \(pot\)\.$/,
    );
    const doses = ['none', 'a', 'b', 'c', 'd', 'e'].map((mulch, i) => anArm(i === 0 ? 'C' : `M${i}`, { factors: { mulch, pot: 'clay' } }));
    const levels = [
      ...doses,
      ...doses.map((arm) => ({ ...arm, code: `${arm.code}F`, role: 'treatment' as const, factors: { ...arm.factors, pot: 'felt' } })),
    ];
    expect(hypothesisOf(planned({}, { arms: levels }))).toMatch(
      /lower with a, b, c, d and e than with none \(mulch\) and with felt than with clay \(pot\)\.$/,
    );
    const pair = { factor: null, group: 'U', against: 'T' };
    const beside = [...arms, anArm('U', { name: '100 mM salt' })];
    expect(hypothesisOf(planned({}, { arms: beside, asked: [pair], comparison: 'all-pairs' }))).toMatch(
      /lower with 100 mM salt than with 50 mM salt\.$/,
    );
  });

  it('says what a yes is, what was claimed, and when it ends', () => {
    const measure = { name: 'Height', unit: 'cm', smallestDifference: 2, readingDays: [3, 9.5] };
    expect(countsAsYesOf(planned(measure))).toBe(
      '“Height” lower by at least 2 cm with 50 mM salt than with tap water, and more than chance alone would often do.',
    );
    expect(countsAsYesOf(planned({ ...measure, smallestDifference: null, expected: 'different' }))).toMatch(
      /^“Height” higher or lower with/,
    );
    expect(countsAsYesOf(planned({ ...measure, expected: 'alike' }))).toBe(
      '“Height” not higher or lower by at least 2 cm with 50 mM salt than with tap water, over the whole 95% confidence interval.',
    );
    expect(hypothesisOf(planned(measure, { claimedRatio: 0.5 }))).toMatch(/tap water \(the claim: 0\.5 times as much\)\.$/);
    expect(hypothesisOf(planned(measure, { claimedRatio: 4 / 3 }))).toMatch(/\(the claim: 1\.33 times as much\)\.$/);
    expect(endRuleOf(planned(measure))).toBe('day 10');
  });

  it('is empty while there is nothing to compare or to read', () => {
    const alone = planned({}, { arms: [anArm('C')] });
    expect([hypothesisOf(alone), nullHypothesisOf(alone), countsAsYesOf(alone)]).toEqual(['', '', '']);
    expect(endRuleOf({ measures: [] })).toBe('');
    expect(hypothesisOf(planned({ readingDays: [] }))).toMatch(/^For radish, the height will/i);
  });
});
