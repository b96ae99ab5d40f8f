import { itemAt } from '@fern/core';
import { describe, expect, it } from 'vitest';
import { startedStudy } from '../testing';
import { ordinal, placeWords } from './placeWords';

describe('where a unit stands, in words', () => {
  const { experiment } = startedStudy();
  const place = (row: number | null, column: number | null) => placeWords(experiment, { ...itemAt(experiment.units, 0), row, column });

  it('names the shelf and counts from the left', () => {
    expect(place(1, 1)).toBe('Bench, 1st from the left');
    expect(place(null, null)).toBe('no place on the bench');
  });

  it.each([
    [2, '2nd'],
    [3, '3rd'],
    [4, '4th'],
    [11, '11th'],
    [12, '12th'],
    [13, '13th'],
    [21, '21st'],
    [22, '22nd'],
    [23, '23rd'],
    [111, '111th'],
    [121, '121st'],
  ])('%d is the %s', (n, words) => {
    expect(ordinal(n)).toBe(words);
  });

  it('names the row on a shelf with several', () => {
    const deep = {
      ...experiment,
      plan: { ...experiment.plan, bench: [{ name: 'Table', rows: 3, columns: 12, kind: 'shelf' as const, light: 'none' as const }] },
    };
    expect(placeWords(deep, { ...itemAt(deep.units, 0), row: 2, column: 3 })).toBe('Table, row 2, 3rd from the left');
  });
});
