import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { blankOf, photoFields, type Photo } from '../model';
import { studyOf } from '../testing';
import { photoDays, photosOfUnit, photoWords, sideBySide } from './photos';

const photo = (id: string, on: string, more: Partial<Photo> = {}): Photo => ({
  ...blankOf(photoFields),
  id,
  on,
  file: `${id}.jpg`,
  ...more,
});
const base = studyOf({ C: [1, 2], T: [3, 4] });
const photos = [
  photo('late', '2026-04-09', { units: ['C1'] }),
  photo('one', '2026-04-04', { units: ['C1'] }),
  photo('two', '2026-04-04', { units: ['T1', 'T2'] }),
  photo('both', '2026-04-04', { units: ['C1', 'T1'] }),
  photo('bench', '2026-04-04'),
  photo('arm', '2026-04-04', { arms: ['T'] }),
  photo('slip', '2026-04-05', { units: ['C2'] }),
  photo('mended', '2026-04-06', { units: ['T2'], file: 'slip.jpg', replaces: 'slip' }),
  photo('gone', '2026-04-07', { units: ['C2'] }),
  photo('withdrawn', '2026-04-07', { units: ['C2'], file: 'gone.jpg', replaces: 'gone', withdrawn: true }),
];
const study = { ...base, photos };
const ids = (list: readonly Photo[]) => list.map(({ id }) => id);

describe('photos of a study', () => {
  it('of a unit are its own, its arm’s and the bench’s, in order of days', () => {
    const [c1, c2, t1, t2] = tupleOf(study.experiment.units, 4);
    expect(ids(photosOfUnit(study, c1))).toEqual(['one', 'both', 'bench', 'late']);
    expect(ids(photosOfUnit(study, c2))).toEqual(['bench']);
    expect(ids(photosOfUnit(study, t1))).toEqual(['two', 'both', 'bench', 'arm']);
    expect(ids(photosOfUnit(study, t2))).toEqual(['two', 'bench', 'arm', 'mended']);
  });

  it('have days, of which a withdrawn one is none', () => {
    expect(photoDays(study)).toEqual(['2026-04-04', '2026-04-06', '2026-04-09']);
  });

  it('of one day stand arm beside arm, and those of several arms by themselves', () => {
    expect(sideBySide(study, '2026-04-04').map(({ arm, photos: own }) => [arm?.code ?? null, ids(own)])).toEqual([
      ['C', ['one']],
      ['T', ['two', 'arm']],
      [null, ['both', 'bench']],
    ]);
    expect(sideBySide(study, '2026-04-09').map(({ photos: own }) => own.length)).toEqual([1, 0]);
  });

  it('say what they show, and while it is read blind not of which arm', () => {
    const { experiment } = study;
    const words = photos.slice(1, 6).map((own) => photoWords(experiment, own));
    expect(words).toEqual(['C1, C, day 3', 'T1, T2, T, day 3', 'C1, T1, day 3', 'all 4 pots, day 3', 'T, day 3']);
    const blind = { ...experiment, blinded: true };
    expect([itemAt(photos, 1), itemAt(photos, 5)].map((own) => photoWords(blind, own))).toEqual(['C1, day 3', 'all 4 pots, day 3']);
  });
});
