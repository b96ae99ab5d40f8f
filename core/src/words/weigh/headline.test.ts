import { itemAt } from '../../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../../analyse';
import { claim, effectsTable, otherwiseTable } from '../../index';
import { aMeasure, anArm, studyOf } from '../../testing';
import { dotsPicture } from '../../weigh/picture/dots';
import { answerLine, answerOf } from './headline';

const titleOf = (study: Parameters<typeof analyse>[0]) =>
  dotsPicture({ study, measure: itemAt(study.experiment.measures, 0), result: itemAt(analyse(study).measures, 0) }).title;

describe('the headline over a picture', () => {
  it('says a gap that is told by p alone, as the verdict does', () => {
    expect(titleOf(studyOf({ C: [5, 5, 5, 5], T: [9, 9, 9, 9] }))).toBe('Height: 4.00 cm higher with T');
  });

  it('says what a factor did where arms cross factors', () => {
    const around = (middle: number) => [-1, -0.5, 0, 0.5, 1].map((by) => middle + by);
    const level = (mulch: string, pot: string) => ({ factors: { mulch, pot } });
    const arms = [
      anArm('C', level('none', 'felt')),
      anArm('M', level('straw', 'felt')),
      anArm('P', level('none', 'clay')),
      anArm('B', level('straw', 'clay')),
    ];
    const study = studyOf({ C: around(10), M: around(15), P: around(10), B: around(15) }, { arms });
    expect(titleOf(study)).toMatch(/^Height: 5\.0\d? cm higher with straw \(mulch\)$/);
    const table = effectsTable(itemAt(study.experiment.measures, 0), itemAt(analyse(study).measures, 0));
    expect(table?.rows.map(([factor, pair]) => [factor, pair])).toEqual([
      ['mulch', 'straw − none'],
      ['pot', 'clay − felt'],
    ]);
  });

  it('says an arm’s own words where "with" and its name do not fit', () => {
    const arms = [anArm('C', { name: 'lawn', phrase: 'in the lawn' }), anArm('T', { name: 'hedge', phrase: 'under the hedge' })];
    const study = studyOf({ C: [5, 6, 5, 6], T: [9, 8, 9, 8] }, { arms });
    expect(titleOf(study)).toBe('Height: 3.00 cm higher under the hedge');
    const { verdict } = itemAt(analyse(study).measures, 0);
    expect(verdict.sentence).toContain('“Height” averaged 3.00 cm higher under the hedge than in the lawn.');
    const alike = analyse(studyOf({ C: [5, 6, 7, 8], T: [5, 6, 7, 8] }, { arms }));
    expect(itemAt(alike.measures, 0).verdict.sentence).toContain('was the same under the hedge and in the lawn.');
  });

  it('says both names where two treatments are told apart', () => {
    const wide = [1, 20, 40, 10, 29];
    const study = studyOf({ C: wide, T: [10, 11, 12, 11, 10], U: [30, 31, 32, 31, 30] }, { comparison: 'all-pairs' });
    expect(titleOf(study)).toMatch(/^Height: 20\.0 cm higher with U than with T$/);
  });
});

describe('the answer', () => {
  it('says whether it is as expected, where none that matters is', () => {
    const said = (treated: number[]) => {
      const study = studyOf({ C: [5, 6, 5, 6], T: treated }, { measures: [aMeasure({ smallestDifference: 3, expected: 'alike' })] });
      return answerOf({ study, measure: itemAt(study.experiment.measures, 0), result: itemAt(analyse(study).measures, 0) });
    };
    expect([said([5, 6, 6, 5]), said([15, 16, 15, 16])]).toEqual([
      'Height: no difference that matters, as expected',
      'Height: 10.00 cm higher with T, where none was expected',
    ]);
  });

  const shownOf = (study: Parameters<typeof analyse>[0], today?: string) => ({
    study,
    measure: itemAt(study.experiment.measures, 0),
    result: itemAt(analyse(study, { today }).measures, 0),
  });
  const arms = [anArm('C', { name: 'plain water' }), anArm('T', { name: 'tea' })];

  it.each([
    ['a clear gap', { C: [10, 11, 9, 10, 10], T: [15, 16, 14, 15, 15] }, 'Height: 5.0 cm higher with tea'],
    [
      'the other way',
      { C: [15, 16, 14, 15, 15], T: [10, 11, 9, 10, 10] },
      'Height: 5.0 cm lower with tea, the opposite of what was expected',
    ],
    ['luck', { C: [10, 14, 9, 12, 10], T: [11, 15, 9, 13, 10] }, 'Height: 0.6 cm higher with tea, but that could be chance'],
    ['nothing', { C: [10, 14], T: [] }, 'Height: inconclusive'],
  ])('%s', (_, values, words) => {
    expect(answerOf(shownOf(studyOf(values, { arms })))).toBe(words);
  });

  it('begins “So far” before the end, with the day of how many, and says how many units there were', () => {
    const measures = [aMeasure({ readingDays: [7, 14] })];
    const shown = shownOf(studyOf({ C: [10, 11, 9, 10], T: [15, 16, 14, 15, 15] }, { arms, measures }), '2026-04-08');
    expect(answerOf(shown)).toMatch(/^So far, height: 5\.\d cm higher with tea$/);
    expect(answerLine(shown)).toBe('Day 7 of 14 · 9 pots, 4 and 5 in the groups · Height, cm');
  });
});

describe('as it would be otherwise', () => {
  const share = aMeasure({ kind: 'count', unit: '', smallestDifference: 10 });
  const values = { C: [10, 11, 9, 10, 10], T: [15, 16, 14, 15, 2] };

  it('is one row a way, each only where it exists', () => {
    const study = studyOf(values);
    expect(otherwiseTable(study, aMeasure(), itemAt(analyse(study).measures, 0))?.rows.map(([words]) => words)).toEqual([
      'as planned',
      'without T5, far from the others in the group',
    ]);
    const plain = studyOf({ C: [10, 11, 9, 10, 10], T: [15, 16, 14, 15, 15] });
    expect(otherwiseTable(plain, aMeasure(), itemAt(analyse(plain).measures, 0))).toBeNull();
  });

  it('lost dishes the other way, excluded ones back in', () => {
    const study = studyOf({ C: [10, 12, 8, 10, 10], T: [15, 18, 12, 15, 2] }, { measures: [share] }, (arm, i) => ({
      sown: 20,
      status: arm === 'T' && i === 4 ? 'lost' : arm === 'C' && i === 0 ? 'excluded' : 'active',
    }));
    const table = otherwiseTable(study, share, itemAt(analyse(study).measures, 0));
    expect(table?.rows.map(([words]) => words)).toEqual(['as planned', 'with C1 included', 'with T5 counted as a failure']);
    expect(table?.caption).toContain('T − C');
  });
});

it('a claim with a size has its own line', () => {
  const study = studyOf({ C: [10, 11, 9, 10, 10], T: [15, 16, 14, 15, 15] }, { claimedRatio: 5 });
  const [line] = claim(study.experiment, itemAt(analyse(study).measures, 0));
  expect(line).toMatchObject({ kind: 'paragraph' });
  expect(JSON.stringify(line)).toContain('The claim of 5 times is ruled out');
});
