import { itemAt, tupleOf } from '@fern/core';
import type { Picture } from '@fern/core';
import { describe, expect, it } from 'vitest';
import { armStyle } from '../look';
import { markAnnotations } from './markAnnotations';
import { markDatasets } from './markDatasets';
import { pictureConfiguration, pictureHeight } from './pictureConfiguration';
import { roomBeneath, roomForNames } from './wordsOnPicture';
import { shorten, wrapName } from './wrapName';

const base: Picture = {
  id: 'height.dots',
  title: 'Height: 5 cm higher with tea',
  sentence: 'Height.',
  note: '',
  x: { label: 'Height, cm' },
  y: { label: '', names: ['plain water', 'tea'] },
  series: [
    { code: 'C', name: 'plain water', role: 'control' },
    { code: 'T', name: 'tea', role: 'treatment' },
  ],
  keyed: false,
  marks: [],
  table: { head: [], rows: [], numbersFrom: 0 },
};
const withMarks = (...marks: Picture['marks']): Picture => ({ ...base, marks });

describe('a picture as datasets', () => {
  it('layers lie on one another as they come, the last on top, each in the look of its arm', () => {
    const layers = markDatasets(
      withMarks(
        { kind: 'dots', series: 'C', points: [{ x: 9, y: 0, words: 'P1: 9' }] },
        { kind: 'dots', series: 'T', points: [{ x: 15, y: 1, words: 'P2: 15' }] },
      ),
    );
    expect(layers.map(({ dataset }) => dataset.order)).toEqual([-0, -1]);
    expect(layers.map(({ dataset }) => dataset.borderColor)).toEqual(['C', 'T'].map((arm) => armStyle(base.series, arm).stroke));
    expect(itemAt(layers, 1).words).toEqual(['P2: 15']);
  });

  it('a mean with an interval has bars to its ends along its own axis, one without has none', () => {
    const point = { at: 1, value: 10, words: 'mean 10' };
    const [across, up, bare] = markDatasets(
      withMarks(
        { kind: 'means', series: 'C', along: 'x', points: [{ ...point, lo: 8, hi: 12 }] },
        { kind: 'means', series: 'C', along: 'y', points: [{ ...point, lo: 8, hi: 12 }] },
        { kind: 'means', series: 'C', along: 'x', points: [{ ...point, lo: null, hi: null }] },
      ),
    ).map(({ dataset }) => dataset.data[0]);
    expect(across).toEqual({ x: 10, y: 1, xMin: 8, xMax: 12, yMin: 1, yMax: 1 });
    expect(up).toEqual({ x: 1, y: 10, yMin: 8, yMax: 12, xMin: 1, xMax: 1 });
    expect(bare).toEqual({ x: 10, y: 1 });
  });

  it('a band is filled from its lower edge to its upper; many dots are drawn smaller', () => {
    const [lower, upper] = tupleOf(markDatasets(withMarks({ kind: 'band', series: 'T', points: [{ x: 1, lo: 2, hi: 4 }] })), 2);
    expect(lower.dataset.data).toEqual([{ x: 1, y: 2 }]);
    expect(upper.dataset).toMatchObject({ data: [{ x: 1, y: 4 }], fill: '-1' });
    const points = Array.from({ length: 400 }, (_, i) => ({ x: i, y: 0, words: '' }));
    expect(itemAt(markDatasets(withMarks({ kind: 'dots', series: 'C', points })), 0).dataset).toMatchObject({ pointRadius: 3 });
  });

  it('boxes have their word where there is room, light on dark and dark on light; a rule has its band', () => {
    const picture: Picture = {
      ...withMarks(
        {
          kind: 'boxes',
          boxes: [
            { x: [0, 60], y: [0, 1], shade: 0, words: '1: 3' },
            { x: [60, 62], y: [0, 1], shade: 1, words: '2: 1' },
          ],
        },
        { kind: 'rule', axis: 'x', at: 50, band: [40, 60], words: 'best' },
      ),
      x: { label: '', min: 0, max: 100 },
    };
    const [pale, dark, band, line] = tupleOf(
      markAnnotations(picture) as {
        label?: { display: boolean; color: string };
        xMin: number;
        xMax: number;
      }[],
      4,
    );
    expect([pale.label?.display, dark.label?.display]).toEqual([true, false]);
    expect(pale.label?.color).not.toBe(dark.label?.color);
    expect([band.xMin, band.xMax, line.xMin, line.xMax]).toEqual([40, 60, 50, 50]);
  });
});

describe('a picture as a whole', () => {
  it('grows with its rows and what stands beneath, and keeps room for names at the ends of lines', () => {
    const twelve = { ...base, y: { label: '', names: Array.from({ length: 12 }, (_, i) => `arm ${i}`) } };
    expect(pictureHeight(twelve, 800)).toBeGreaterThan(700);
    const beneath = { title: 'Still waited for', rows: [{ series: 'C', at: [] }] };
    expect(roomBeneath({ ...base, beneath })).toBeGreaterThan(30);
    expect(roomForNames(base)).toBe(14);
    expect(roomForNames(withMarks({ kind: 'line', series: 'T', points: [], words: 'plastic pot' }))).toBeGreaterThan(80);
  });

  it('alone it has its title and its key in it, on the page it has not', () => {
    const keyed = { ...base, keyed: true };
    expect(pictureConfiguration(keyed).options?.plugins?.title).toBeUndefined();
    expect(pictureConfiguration(keyed, true).options?.plugins).toMatchObject({ title: { display: true }, legend: { display: true } });
  });

  it('known ends are kept, names stand in reading order', () => {
    const { scales } = pictureConfiguration({ ...base, x: { label: 'sown, %', min: 0, max: 100 } }).options ?? {};
    expect(scales?.x).toMatchObject({ min: 0, suggestedMax: 100 });
    expect(scales?.y).toMatchObject({ reverse: true, min: -0.6, max: 1.6 });
  });
});

it('long names break into lines; of one that is too long the middle is left out, so that like ones are told apart', () => {
  expect(wrapName('watered every second morning with lukewarm tea of nettles')).toEqual([
    'watered every',
    'second morning',
    '… of nettles',
  ]);
  expect(itemAt(wrapName('x'.repeat(70)), 0).length).toBeLessThanOrEqual(22);
  expect(shorten('watered every second morning with tea number 11', 24)).toBe('watered every … umber 11');
  expect(wrapName('tea')).toEqual(['tea']);
});
