import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { centre } from './moments';
import { pseudoTimes } from './pseudoTimes';
import { restrictedMean } from './restrictedMean';
import { welchT } from './welchT';

// Edmunson et al. (1979) Cancer Treat Rep 63:241–247, R survival::ovarian: days, and whether it happened.
const ovarian = [
  {
    time: [59, 115, 156, 431, 448, 477, 638, 803, 855, 1040, 1106, 268, 329],
    event: [1, 1, 1, 1, 0, 0, 1, 0, 0, 0, 0, 1, 1],
    pseudo: [
      58.999999999999, 114.999999999998, 156, 430.999999999999, 767.599999999999, 767.599999999999, 573.199999999999, 816.199999999999,
      816.199999999999, 816.199999999999, 816.199999999999, 267.999999999998, 328.999999999999,
    ],
  },
  {
    time: [421, 464, 475, 563, 744, 769, 770, 1129, 1206, 1227, 353, 365, 377],
    event: [0, 1, 1, 1, 0, 0, 0, 0, 0, 0, 1, 1, 0],
    pseudo: [
      700.222222222223, 404.944444444446, 418.694444444445, 528.694444444446, 824.944444444446, 824.944444444446, 824.944444444446,
      824.944444444446, 824.944444444446, 824.944444444446, 353.000000000002, 365.000000000002, 700.222222222223,
    ],
  },
];
const timesOf = ({ time, event }: (typeof ovarian)[number]) => time.map((own, i) => ({ time: own, happened: event[i] === 1 }));

describe('restricted times, one a unit', () => {
  it.each(ovarian)('are R’s pseudo-observations, and their mean the restricted mean', (group) => {
    const found = pseudoTimes(timesOf(group), 800);
    found.forEach((own, i) => expect(own).toBeCloseTo(itemAt(group.pseudo, i), 6));
    expect(centre(found)).toBeCloseTo(restrictedMean(timesOf(group), 800)?.mean ?? NaN, 6);
  });

  it('compare as an amount does', () => {
    const [first, second] = tupleOf(
      ovarian.map((group) => pseudoTimes(timesOf(group), 800)),
      2,
    );
    const welch = welchT(second, first);
    expect(welch?.difference).toBeCloseTo(129.941880341883, 6);
    expect(welch?.ci95[0]).toBeCloseTo(-79.373798781884, 5);
    expect(welch?.ci95[1]).toBeCloseTo(339.25756, 4);
    expect(welch?.df).toBeCloseTo(20.912363874362, 6);
  });

  it('are the units’ own where nobody was lost, up to the last day that counts', () => {
    const times = [3, 9, 14].map((time) => ({ time, happened: time < 14 }));
    expect(pseudoTimes(times, 12)).toEqual([3, 9, 12]);
    expect(pseudoTimes([{ time: 4, happened: false }], 12)).toEqual([12]);
  });
});
