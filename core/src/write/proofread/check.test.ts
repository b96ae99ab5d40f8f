import { itemAt } from '../../invariant';
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
    expect(itemAt(numbersIn(text), 0).value).toBeCloseTo(value, 9);
  });

  it('dates, codes and fractions of a word are no numbers', () => {
    expect(numbersIn('D12 on 2026-04-11 at v1.2').map(({ value }) => value)).toEqual([]);
  });
});

const ofBasil = textCheck(basil, analyse(basil));
const says = (check: typeof look, sentence: string) => check(sentence).map((hint) => hint.says);

describe('ninety sentences of pupils, of two experiments', () => {
  const allWrong = [
    ...wrong.map((sentence) => [sentence, says(look, sentence)] as const),
    ...wrongOfBasil.map((sentence) => [sentence, says(ofBasil, sentence)] as const),
  ];
  const allRight = [
    ...right.map((sentence) => [sentence, says(look, sentence)] as const),
    ...rightOfBasil.map((sentence) => [sentence, says(ofBasil, sentence)] as const),
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
    const doubt = itemAt(look(text), 0);
    expect(text.slice(doubt.from, doubt.to)).toBe('38 points');
    expect(doubt.says).toBe('You wrote “38 points”; the data say 58.0 percentage points lower.');
  });

  it('leaves a fact by reference alone', () => {
    expect(look('Sprouts: {=sprouts.A100-C.difference} in 100 mM salt.')).toEqual([]);
  });

  it('words follow the verdict: none told is not none there', () => {
    const vague = studyOf({ C: [10, 14, 9, 12], T: [11, 15, 9, 13] });
    const says = (text: string) => textCheck(vague, analyse(vague))(text).map((doubt) => doubt.says);
    expect(says('Tea has no effect.')).toEqual(['Not finding a difference doesn’t mean there isn’t one. The verdict is “inconclusive”.']);
    expect(says('Tea works.')).toEqual(['The verdict is “inconclusive”.']);
    expect(says('The gap was not significant.')).toEqual([]);
  });
});

describe('dates of the calendar, of a run from Wednesday 1 to Saturday 11 April 2026', () => {
  it.each<[string, string | null]>([
    ['We sowed on 1 April.', null],
    ['We started on Wednesday 1 April 2026 and counted on April 11th.', null],
    ['On Sat, 11 April we measured the roots.', null],
    ['My birthday is on 3 May.', null],
    ['We may count 3 more dishes.', null],
    ['The book is from 12 March 1998.', null],
    ['We counted the sprouts on 14 May.', 'You wrote “14 May”; the study ran from Wednesday 1 April to Saturday 11 April.'],
    ['We sowed the seeds on 2026-03-02.', 'You wrote “2026-03-02”; the study ran from Wednesday 1 April to Saturday 11 April.'],
    ['We counted them on 05.04.2025.', 'You wrote “05.04.2025”; the study ran from Wednesday 1 April to Saturday 11 April.'],
    ['The experiment began on 3 April.', 'You wrote “3 April”; the first day was Wednesday 1 April.'],
    ['On Monday 6 April we started counting, on Tuesday 7 April measuring.', null],
    ['We counted on Friday 11 April.', 'You wrote “Friday 11 April”; that day was a Saturday.'],
  ])('%s', (sentence, doubt) => {
    expect(look(sentence).map((hint) => hint.says)).toEqual(doubt === null ? [] : [doubt]);
  });

  it('the last day is known once the run has ended', () => {
    expect(says(ofBasil, 'It ended on 14 April.')).toEqual(['You wrote “14 April”; the last day was Wednesday 15 April.']);
    expect(says(ofBasil, 'It ended on 15 April.')).toEqual([]);
  });
});
