import { describe, expect, it } from 'vitest';
import { blankOf, shelfFields } from '../model';
import { aUnit } from '../testing';
import { benchFor, shelfRows, roundOrder } from '../study/bench/shelves';
import { smallestP } from './smallestP';

describe('the bench', () => {
  const shelves = [
    { ...blankOf(shelfFields), name: 'Upper', columns: 6, light: 'lamp' as const },
    { ...blankOf(shelfFields), name: 'Lower', rows: 2, columns: 6 },
  ];

  it('counts rows on from shelf to shelf', () => {
    expect(shelfRows(shelves).map(({ first, last }) => [first, last])).toEqual([
      [1, 1],
      [2, 3],
    ]);
  });

  it('stays as it is where the units fit on it, and grows where they do not', () => {
    expect(benchFor(shelves, [aUnit('u', 'C', { row: 3, column: 6 })])).toBe(shelves);
    expect(benchFor(shelves, [aUnit('u', 'C', { row: 4, column: 7 })])).toEqual([
      { ...blankOf(shelfFields), name: 'Bench', rows: 4, columns: 7 },
    ]);
    expect(benchFor(shelves, [])).toBe(shelves);
  });

  it('is walked row by row, and units without a place come last by code', () => {
    const units = [aUnit('b', 'C'), aUnit('d', 'C', { row: 2, column: 1 }), aUnit('a', 'C'), aUnit('c', 'C', { row: 1, column: 9 })];
    expect(roundOrder(units).map((unit) => unit.code)).toEqual(['c', 'd', 'a', 'b']);
  });
});

describe('the smallest p that a layout can give', () => {
  const units = (arm: string, count: number, block: (i: number) => string | null = () => null) =>
    Array.from({ length: count }, (_, i) => aUnit(`${arm}${i}`, arm, { block: block(i) }));

  it.each([
    [2, 2 / 6],
    [3, 2 / 20],
    [4, 2 / 70],
  ])('%i against as many: Fisher (1935), §21', (count, p) => {
    expect(smallestP(units('T', count), units('C', count), 'completely-random')).toBeCloseTo(p, 12);
  });

  it('uneven arms have no mirror image, so theirs is 1 in all', () => {
    expect(smallestP(units('T', 2), units('C', 4), 'completely-random')).toBeCloseTo(1 / 15, 12);
  });

  it('in blocks labels change inside a block only: two blocks of 2 + 2 give 2 of 36', () => {
    const block = (i: number) => (i < 2 ? 'a' : 'b');
    expect(smallestP(units('T', 4, block), units('C', 4, block), 'blocks')).toBeCloseTo(2 / 36, 12);
  });

  it('six pairs give 2 of 64, and an empty arm nothing', () => {
    const pair = (i: number) => `pair ${i}`;
    expect(smallestP(units('T', 6, pair), units('C', 6, pair), 'pairs')).toBeCloseTo(2 / 64, 12);
    expect(smallestP([], units('C', 6), 'pairs')).toBeNull();
  });
});
