import { describe, expect, it } from 'vitest';
import { analyse } from '../../analyse';
import { studyOf } from '../../testing';
import { numbersIn } from './numbersIn';
import { basil, right, rightOfBasil, salted, wrong, wrongOfBasil } from './prose.fixture';
import { textCheck } from './checkText';

const look = textCheck(salted, analyse(salted));

describe('numbers as people type them', () => {
  it.each<[string, number, string]>([
    ['12,5 cm', 12.5, 'cm'],
    ['1,200 seeds', 1200, 'seeds'],
    ['twenty-four dishes', 24, 'dishes'],
    ['a third of them', 1 / 3, 'part'],
    ['twice as many', 2, 'part'],
    ['none sprouted', 0, 'sprouted'],
    ['58%', 58, '%'],
  ])('%s', (text, value, unit) => {
    expect(numbersIn(text)[0]).toMatchObject({ unit });
    expect(numbersIn(text)[0].value).toBeCloseTo(value, 9);
  });

  it('dates, codes and fractions of a word are no numbers', () => {
    expect(numbersIn('D12 on 2026-04-11 at v1.2').map(({ value }) => value)).toEqual([]);
  });
});

const ofBasil = textCheck(basil, analyse(basil));
const says = (check: typeof look, sentence: string) => check(sentence).map((hint) => hint.says);

describe('ninety sentences of pupils, of two experiments', () => {
  const allWrong = [
    ...wrong.map((sentence) => [sentence, says(look, sentence)]),
    ...wrongOfBasil.map((sentence) => [sentence, says(ofBasil, sentence)]),
  ];
  const allRight = [
    ...right.map((sentence) => [sentence, says(look, sentence)]),
    ...rightOfBasil.map((sentence) => [sentence, says(ofBasil, sentence)]),
  ];

  it('of the wrong ones at least nine in ten are marked', () => {
    expect(allWrong.length + allRight.length).toBeGreaterThanOrEqual(90);
    expect(allWrong.filter(([, hints]) => hints.length === 0).slice(Math.floor(allWrong.length / 10))).toEqual([]);
  });

  it('of the right ones at most one in thirty is', () => {
    expect(allRight.filter(([, hints]) => hints.length > 0).slice(Math.floor(allRight.length / 30))).toEqual([]);
  });
});

describe('a hint', () => {
  it('says where, and what the data say', () => {
    const text = 'We think so.\n100 mM salt gave 38 points fewer sprouts than tap water.';
    const [doubt] = look(text);
    expect(text.slice(doubt.from, doubt.to)).toBe('38 points');
    expect(doubt.says).toBe('You wrote “38 points”; the data say 58.0 points lower.');
  });

  it('leaves a fact by reference alone', () => {
    expect(look('Sprouts: {=sprouts.A100-C.difference} in 100 mM salt.')).toEqual([]);
  });

  it('words follow the verdict: none told is not none there', () => {
    const vague = studyOf({ C: [10, 14, 9, 12], T: [11, 15, 9, 13] });
    const says = (text: string) => textCheck(vague, analyse(vague))(text).map((doubt) => doubt.says);
    expect(says('Tea has no effect.')).toEqual([
      'Not telling a difference is not the same as there being none. The verdict is “cannot tell”.',
    ]);
    expect(says('Tea works.')).toEqual(['The verdict is “cannot tell”.']);
    expect(says('The gap was not significant.')).toEqual([]);
  });
});
