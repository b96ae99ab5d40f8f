import { itemAt } from '../../invariant';
import { describe, expect, it } from 'vitest';
import { aMeasure, anArm, studyOf } from '../../testing';
import { emptyPlan, type Experiment, type Expected } from '../../model';
import type { Finding } from '../../words/findings';
import { analyse } from '../../analyse';
import { sentenceText } from '../../model/Sentence';
import { firstVerdict, judge } from '../../compare/judge';
import { verdictSentence } from '../../words/weigh/verdictSentence';
import { inRow } from '../../quantities/inRow';
import { armName } from '../../words/armName';
import { chanceInWords, differenceFact } from '../../words/wording';

const row = (value: number, low: number, high: number, p: number) => ({ difference: { value, ci95: [low, high] as const }, p });

describe('judge', () => {
  it.each<[string, Expected, number | null, ReturnType<typeof row>, string]>([
    ['clear and large', 'more', 2, row(5, 3, 7, 0.001), 'supported'],
    ['clear, perhaps less than matters', 'more', 4, row(5, 3, 7, 0.001), 'supported'],
    ['clear, and just reaches what matters', 'more', 7, row(5, 3, 7, 0.001), 'supported'],
    ['clear without a smallest difference', 'more', null, row(5, 3, 7, 0.001), 'supported'],
    ['real but below what matters', 'more', 8, row(5, 3, 7, 0.001), 'small'],
    ['the other way', 'more', 2, row(-5, -7, -3, 0.001), 'opposite'],
    ['shown to be small either way', 'more', 3, row(0.2, -1, 1.4, 0.7), 'no-difference-that-matters'],
    ['too wide to tell', 'more', 3, row(0.2, -4, 4.4, 0.9), 'cannot-tell'],
    ['an interval above 0 but a p above 0.05', 'more', null, row(5, 0.1, 9.9, 0.06), 'cannot-tell'],
    ['less is claimed and is less', 'less', 2, row(-5, -7, -3, 0.001), 'supported'],
    ['less is claimed and is more', 'less', 2, row(5, 3, 7, 0.001), 'opposite'],
    ['either way, less', 'different', 2, row(-5, -7, -3, 0.001), 'supported'],
    ['either way, small and less', 'different', 8, row(-5, -7, -3, 0.001), 'small'],
    ['either way, shown to be small', 'different', 3, row(-0.2, -1.4, 1, 0.7), 'no-difference-that-matters'],
    ['alike, and shown to be', 'alike', 3, row(-0.2, -1.4, 1, 0.7), 'no-difference-that-matters'],
    ['alike in what matters, though told apart', 'alike', 3, row(1, 0.2, 1.8, 0.02), 'no-difference-that-matters'],
    ['alike is said, and they are not', 'alike', 3, row(-5, -7, -3, 0.001), 'opposite'],
    ['alike is said, and it is open', 'alike', 3, row(1, -2, 4, 0.4), 'cannot-tell'],
    ['alike is said, and nobody said what matters', 'alike', null, row(0.2, -1, 1.4, 0.7), 'cannot-tell'],
    ['no smallest difference, nothing seen', 'more', null, row(0.2, -1, 1.4, 0.7), 'cannot-tell'],
  ])('%s', (_, expected, smallest, contrast, code) => {
    expect(judge(contrast, expected, smallest)).toBe(code);
  });

  it('is told by p alone where there is no interval, and for a rating', () => {
    const alike = { difference: { value: 5, ci95: null }, p: 0.03 };
    expect([judge(alike, 'more', 2), judge(alike, 'more', 8), judge(alike, 'less', 2)]).toEqual(['supported', 'small', 'opposite']);
    expect(judge({ ...alike, p: 0.06 }, 'more', 8)).toBe('cannot-tell');
    const rating = row(1, 0, 2, 0.03);
    expect([judge(rating, 'more', 1), judge(rating, 'more', 1, true), judge(row(0, -1, 1, 0.03), 'more', 2, true)]).toEqual([
      'cannot-tell',
      'supported',
      'no-difference-that-matters',
    ]);
  });

  it('says that it cannot tell where there is no p', () => {
    expect(judge({ difference: { value: 5, ci95: null }, p: null }, 'more', null)).toBe('cannot-tell');
    expect(judge({ difference: { value: 5, ci95: [1, 9] }, p: null }, 'more', null)).toBe('cannot-tell');
  });

  it('takes the first verdict in order over several treatments', () => {
    expect(firstVerdict(['cannot-tell', 'no-difference-that-matters', 'opposite'], 'more')).toBe('opposite');
    expect(firstVerdict(['opposite', 'small', 'supported'], 'more')).toBe('supported');
    expect(firstVerdict([], 'more')).toBe('cannot-tell');
  });

  it('where all are expected to be alike, takes the first that speaks against it', () => {
    expect(firstVerdict(['no-difference-that-matters', 'opposite'], 'alike')).toBe('opposite');
    expect(firstVerdict(['no-difference-that-matters', 'cannot-tell'], 'alike')).toBe('cannot-tell');
    expect(firstVerdict(['no-difference-that-matters', 'no-difference-that-matters'], 'alike')).toBe('no-difference-that-matters');
  });
});

describe('the sentence', () => {
  const two = (treated: readonly number[], more: Partial<Experiment> = {}, measure = {}) =>
    itemAt(
      analyse(
        studyOf(
          { C: [10, 11, 9, 10.5, 9.5], T: treated },
          { arms: [anArm('C', { name: 'plain water' }), anArm('T', { name: 'tea' })], measures: [aMeasure(measure)], ...more },
        ),
      ).measures,
      0,
    ).verdict;

  it.each<[string, readonly number[], object, RegExp]>([
    [
      'supported',
      [15, 16, 14, 15.5, 14.5],
      {},
      /^In this experiment with radish, “Height” averaged 5\.0 cm higher with tea than with plain water\. That is big enough to matter\. The 95% confidence interval is 3\.8 to 6\.2 higher\.$/,
    ],
    ['supported', [15, 16, 14, 15.5, 14.5], { smallestDifference: 5 }, /It may be too small to matter\./],
    [
      'small',
      [11, 12, 12.5, 11.5, 12],
      { smallestDifference: 9 },
      /The difference is real, but too small to matter: you asked for at least 9 cm\./,
    ],
    ['opposite', [5, 6, 4, 5.5, 4.5], {}, /5\.0 cm lower with tea .* the opposite of what was expected/],
    [
      'no-difference-that-matters',
      [10.1, 11, 9, 10.4, 9.6],
      { smallestDifference: 4 },
      /about the same .* A difference of 4 cm or more is ruled out/,
    ],
    [
      'no-difference-that-matters',
      [10.1, 11, 9, 10.4, 9.6],
      { smallestDifference: 4, expected: 'alike' },
      /about the same .* A difference of 4 cm or more is ruled out, as was expected\.$/,
    ],
    ['opposite', [5, 6, 4, 5.5, 4.5], { expected: 'alike' }, /5\.0 cm lower with tea .* No difference was expected\./],
    ['cannot-tell', [12, 8, 14, 9, 11], {}, /can’t tell\. About \d+ pots per group would probably settle it \(8 times in 10\)\.$/],
  ])('says %s in words', (code, treated, measure, words) => {
    const verdict = two(treated, {}, measure);
    expect(verdict.code).toBe(code);
    expect(verdict.sentence).toMatch(words);
    expect(sentenceText(verdict.pieces)).toBe(verdict.sentence);
    expect(verdict.pieces.some((piece) => typeof piece !== 'string')).toBe(true);
  });

  it('begins with the weaker word where something serious stands against it, and does not change the code', () => {
    const serious = two([15, 16, 14, 15.5, 14.5], {}, { smallestDifference: null });
    expect(serious.code).toBe('supported');
    expect(serious.sentence).toMatch(/^With caution: in this experiment with radish/);
  });

  it('never calls a failed control’s experiment anything but unfair', () => {
    const unfair = two([15, 16, 14, 15.5, 14.5], {
      plan: { ...emptyPlan, plant: 'radish', endRule: 'x', controlLimits: [{ measure: 'height', arm: null, least: 50, most: null }] },
    });
    expect(unfair.code).toBe('not-a-fair-test');
    expect(unfair.sentence).toMatch(
      /^This was not a fair test, so the result can’t be trusted either way\. The control \(plain water\) reached 10 cm/,
    );
  });

  it('says which of several treatments got which verdict', () => {
    const study = studyOf({ C: [10, 11, 9, 10.5, 9.5], T: [15, 16, 14, 15.5, 14.5], U: [10, 11.4, 9, 10.2, 9.4] });
    const { verdict } = itemAt(analyse(study).measures, 0);
    expect(verdict.code).toBe('supported');
    expect(verdict.sentence).toMatch(/Also: no difference that matters for U\.$/);
  });

  it('the clearest experiments are told: units all alike in each arm, none of ten against all, one day against another', () => {
    const four = (value: number) => [value, value, value, value];
    const grams = itemAt(analyse(studyOf({ C: four(5), T: four(9) })).measures, 0);
    expect(grams.verdict.code).toBe('supported');
    expect(grams.verdict.sentence).toContain('higher with T than with C. That is big enough to matter.');
    const share = aMeasure({ kind: 'count', unit: '', smallestDifference: 10 });
    const none = analyse(studyOf({ C: [0, 0, 0, 0, 0, 0], T: [10, 10, 10, 10, 10, 10] }, { measures: [share] }, () => ({ sown: 10 })));
    expect(itemAt(none.measures, 0).verdict.code).toBe('supported');
    const event = aMeasure({ kind: 'event', unit: 'd', expected: 'less', smallestDifference: 2 });
    const study = studyOf({ C: four(1), T: four(1) }, { measures: [event] });
    const observations = study.observations.map((seen) => ({
      ...seen,
      observedOn: seen.unit.startsWith('C') ? '2026-04-21' : '2026-04-11',
    }));
    expect(itemAt(analyse({ ...study, observations }).measures, 0).verdict.code).toBe('supported');
  });

  it('the number that would settle it is more than did not, enough for a shuffle, and none without a difference that matters', () => {
    const three = (matters: number | null) =>
      itemAt(analyse(studyOf({ C: [10, 11, 12], T: [20, 21, 22] }, { measures: [aMeasure({ smallestDifference: matters })] })).measures, 0)
        .verdict;
    expect(three(2).unitsNeeded).toBeGreaterThan(3);
    expect(three(11).unitsNeeded).toBe(4);
    expect(three(null).unitsNeeded).toBeNull();
    expect(three(null).sentence).not.toContain('would probably settle it');
    const wide = analyse(studyOf({ C: [10, 14, 12, 18, 6], T: [11, 13, 17, 9, 12] }, { measures: [aMeasure({ smallestDifference: 40 })] }));
    expect(itemAt(wide.measures, 0).verdict.unitsNeeded ?? 6).toBeGreaterThan(5);
  });

  it('an interval clear of none is never said to leave room for none: three against three are too few', () => {
    const study = studyOf({ C: [10, 11, 12], T: [20, 21, 22] });
    const { sentence, code } = itemAt(analyse(study).measures, 0).verdict;
    expect(code).toBe('cannot-tell');
    expect(sentence).toContain(
      ' But chance alone gives a difference at least this big in about 10 of 100 experiments: too few pots to be sure.',
    );
    expect(sentence).not.toContain('for none');
  });

  it('says that two came out alike, and never "0.0 higher"', () => {
    const alike = itemAt(analyse(studyOf({ C: [5, 5, 5, 5], T: [5, 5, 5, 5] })).measures, 0).verdict.sentence;
    expect(alike).toContain('“Height” was the same with T and C');
    expect(alike).not.toMatch(/\b0(\.0+)? \w+ (higher|lower)/);
  });

  it('rules a claimed size out only where the whole interval of the ratio lies below it', () => {
    expect(two([15, 16, 14, 15.5, 14.5], { claimedRatio: 5 }).claimedRatioRuledOut).toBe(true);
    expect(two([15, 16, 14, 15.5, 14.5], { claimedRatio: 1.5 }).claimedRatioRuledOut).toBe(false);
    expect(two([15, 16, 14, 15.5, 14.5]).claimedRatioRuledOut).toBeNull();
  });

  it('says that there is nothing to compare where there is nothing', () => {
    const { experiment } = studyOf({ C: [], T: [] });
    expect(
      sentenceText(
        verdictSentence({
          experiment,
          measure: aMeasure(),
          share: false,
          code: 'cannot-tell',
          lead: null,
          comparisons: [],
          unitsNeeded: null,
          review: [] as Finding[],
          alone: [],
          effects: [],
          interactions: [],
          ranking: [],
          trend: null,
          soFar: false,
        }),
      ),
    ).toBe('There are no results to compare yet.');
  });
});

it('p in words never reads 0', () => {
  expect([0.5, 0.029, 0.003, 0.00021, 1e-12].map(chanceInWords)).toEqual([
    'about 50 of 100',
    'about 29 of 1,000',
    'about 3 of 1,000',
    'about 2 of 10,000',
    'fewer than 1 of 10,000',
  ]);
});

it('a sentence has no power of ten, and a name with a comma in a row of names is in quotes', () => {
  const wording = { measure: 'mass', unit: 'g', scale: 1, more: 'higher', less: 'lower' };
  const row = (value: number) => ({ arm: 'T', versus: 'C', difference: { value, ci95: null } });
  expect(differenceFact(row(3e12), wording)?.text).toBe('3,000,000,000,000 g higher');
  expect(differenceFact(row(-2e-7), wording)?.text).toBe('0.000000200 g lower');
  expect([inRow('seaweed, 1 : 500'), inRow('rain')]).toEqual(['“seaweed, 1 : 500”', 'rain']);
});

describe('a name that is written from right to left', () => {
  it('is isolated, so that the numbers beside it keep their order; other names are as they were typed', () => {
    const arms = [anArm('C', { name: 'plain water' }), anArm('T', { name: 'מי מלח' })];
    expect(armName(arms, 'T')).toBe('\u2068מי מלח\u2069');
    expect(armName(arms, 'C')).toBe('plain water');
    expect(armName(arms, 'X')).toBe('X');
  });
});
