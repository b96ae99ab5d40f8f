import { entryOf, itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { analyse } from '../analyse';
import type { Measure, Study } from '../model';
import { unitCurve } from '../study/curves';
import { roundsOfStudy } from '../study/recordingRounds';
import { aMeasure, anExperiment, anObservation, aUnit, LATEST } from '../testing';
import { readPackage } from '../package/readPackage';
import { writePackage } from '../package/writePackage';
import { kindOf } from './index';

const height = aMeasure({ code: 'height', primary: false });
const width = aMeasure({ code: 'width', name: 'Width', primary: false });
const volume = aMeasure({
  code: 'volume',
  name: 'Head volume',
  kind: 'derived',
  unit: 'cm³',
  derived: 'pi/6*height*width^2',
  smallestDifference: 10,
});
const heads: Readonly<Record<string, readonly [height: number, width: number]>> = {
  C1: [10, 8],
  C2: [11, 8.5],
  C3: [9, 8],
  C4: [10, 7.5],
  T1: [14, 10],
  T2: [13, 10.5],
  T3: [15, 10],
  T4: [14, 11],
};

function study(measures: readonly Measure[] = [volume, height, width]): Study {
  const units = Object.keys(heads).map((unit) => aUnit(unit, unit.charAt(0)));
  const observations = Object.entries(heads).flatMap(([unit, [h, w]]) => [
    anObservation(unit, h, { measure: 'height' }),
    anObservation(unit, w, { measure: 'width' }),
  ]);
  return { experiment: anExperiment({ units, measures }), observations, incidents: [], care: [], photos: [] };
}

describe('a measure that is worked out', () => {
  it('comes out of the readings of the same unit and day', () => {
    const own = study();
    const point = itemAt(unitCurve(own, volume, itemAt(own.experiment.units, 0)), 0);
    // By hand: π/6 × 10 × 64 = 335.103.
    expect(point.day).toBe(7);
    expect(point.value).toBeCloseTo(335.1032, 4);
  });

  it('can decide: it is compared, summarised and judged like an amount', () => {
    const row = itemAt(analyse(study()).measures, 0);
    expect(row.kind).toBe('derived');
    expect(row.values).toHaveLength(8);
    expect(itemAt(row.comparisons, 0).difference.value).toBeCloseTo(
      // By hand, means of π/6·h·w²: treated 796.39, control 329.93.
      (Math.PI / 24) * (14 * 100 + 13 * 110.25 + 15 * 100 + 14 * 121 - (10 * 64 + 11 * 72.25 + 9 * 64 + 10 * 56.25)),
      9,
    );
    expect(row.verdict.code).toBe('supported');
    expect(row.verdict.sentence).toContain('cm³');
  });

  it('is worked out plant by plant where plants were read one by one', () => {
    const own = study();
    const plants = ['1', '2'].flatMap((plant, i) => [
      anObservation('C1', 10 + i, { measure: 'height', plant, observedOn: '2026-04-15' }),
      anObservation('C1', 2, { measure: 'width', plant, observedOn: '2026-04-15' }),
    ]);
    const curve = unitCurve({ ...own, observations: [...own.observations, ...plants] }, volume, itemAt(own.experiment.units, 0));
    expect(curve.at(-1)?.value).toBeCloseTo(((Math.PI / 6) * 4 * (10 + 11)) / 2, 9);
  });

  it('takes what was read once as it was: two weighings, weeks apart, make one loss on the day of the second', () => {
    const measures = [
      aMeasure({ code: 'lost', kind: 'derived', unit: '%', derived: '100*(before-after)/before', readingDays: [56] }),
      aMeasure({ code: 'before', unit: 'g', primary: false, readingDays: [0] }),
      aMeasure({ code: 'after', unit: 'g', primary: false, readingDays: [56] }),
    ];
    const own = study(measures);
    const weighed = [
      anObservation('C1', 2.04, { measure: 'before', observedOn: '2026-04-01' }),
      anObservation('C1', 1.53, { measure: 'after', observedOn: '2026-05-27' }),
      anObservation('C2', 1.6, { measure: 'after', observedOn: '2026-05-27' }),
    ];
    const lost = (unit: number) => unitCurve({ ...own, observations: weighed }, itemAt(measures, 0), itemAt(own.experiment.units, unit));
    // By hand: 0.51 of 2.04 is a quarter.
    expect(lost(0).map(({ day, value }) => [day, Math.round(value * 1e9) / 1e9])).toEqual([[56, 25]]);
    expect(lost(1)).toEqual([]);
  });

  it('that is read again and again holds for its own days alone', () => {
    const again = study([
      { ...volume, readingDays: [7, 14] },
      { ...height, readingDays: [7, 14] },
      { ...width, readingDays: [7, 14] },
    ]);
    const later = anObservation('C1', 12, { measure: 'height', observedOn: '2026-04-15' });
    const curve = unitCurve({ ...again, observations: [...again.observations, later] }, volume, itemAt(again.experiment.units, 0));
    expect(curve.map(({ day }) => day)).toEqual([7]);
  });

  it('has no value on a day on which one of its measures was not read, nor after a division by 0', () => {
    const kept = aMeasure({ code: 'kept', kind: 'derived', unit: '', derived: '(height-width)/dry' });
    const dry = aMeasure({ code: 'dry', primary: false });
    const own = study([kept, height, width, dry]);
    expect(unitCurve(own, kept, itemAt(own.experiment.units, 0))).toEqual([]);
    const nought = { ...own, observations: [...own.observations, anObservation('C1', 0, { measure: 'dry' })] };
    expect(unitCurve(nought, kept, itemAt(own.experiment.units, 0))).toEqual([]);
  });

  it('turns units into one another: millimetres and centimetres give cubic centimetres or millilitres', () => {
    const inMm = { ...height, unit: 'mm' };
    const value = (unit: string) => {
      const own = study([{ ...volume, unit }, inMm, width]);
      return itemAt(unitCurve(own, { ...volume, unit }, itemAt(own.experiment.units, 0)), 0).value;
    };
    expect(value('cm³')).toBeCloseTo(33.51032, 5);
    expect(value('mL')).toBeCloseTo(33.51032, 5);
    expect(value('L')).toBeCloseTo(0.03351032, 8);
  });

  it('is never typed, and no walk asks for it', () => {
    expect(kindOf(volume).refuse(5, volume)).toMatch(/never typed/);
    const own = study();
    const frozen = { ...own, experiment: { ...own.experiment, plan: { ...own.experiment.plan, lockedOn: '2026-04-01' } } };
    expect(roundsOfStudy(frozen, '2026-04-08').flatMap(({ measures }) => measures.map(({ code: measure }) => measure))).toEqual([
      'height',
      'width',
    ]);
  });

  it('travels in the package', () => {
    const own = study();
    const files = writePackage(own);
    expect(files['measures.csv']).toContain('pi/6*height*width^2');
    expect(readPackage(files, LATEST)).toEqual({ study: own, asked: [] });
    const bad = { ...files, 'measures.csv': entryOf(files, 'measures.csv').replace('pi/6*height*width^2', 'pi/6*high*width^2') };
    expect(readPackage(bad, LATEST)).toMatchObject({
      problems: [{ file: 'measures.csv', row: 2, column: 'derived', message: expect.stringContaining('high') }],
    });
  });

  it('a typed value in a package is refused with its row', () => {
    const own = study();
    const typed = { ...own, observations: [...own.observations, anObservation('C1', 5, { measure: 'volume' })] };
    expect(readPackage(writePackage(typed), LATEST)).toMatchObject({ problems: [{ file: 'observations.csv', row: 18, column: 'value' }] });
  });

  it.each<[string, Partial<Measure>, RegExp]>([
    ['no formula', { derived: '' }, /Type a formula/],
    ['what is no formula', { derived: 'height*' }, /not a formula/],
    ['a program', { derived: 'alert(1)' }, /Only names, numbers/],
    ['a way into an object', { derived: 'height.constructor' }, /Only names, numbers/],
    ['a measure that is not there', { derived: 'hight*2' }, /“hight” is no measure that is read here. There are: height, width/],
    ['itself', { derived: 'volume*2' }, /“volume” is no measure that is read/],
    ['no measure at all', { derived: '2*3' }, /at least one measure/],
    ['another unit', { unit: 'g' }, /comes out in cm³, not in g. Set its unit to cm³/],
    ['a unit for a plain number', { derived: 'height/width' }, /comes out as a plain number, not in cm³/],
    ['lengths added to areas', { derived: 'height+width^2' }, /cm and cm² cannot be added/],
    ['a logarithm of a length', { derived: 'ln(height)' }, /ln needs a number without a unit/],
  ])('%s is told in words', (_, more, words) => {
    const measure = { ...volume, ...more };
    expect(kindOf(measure).misplanned(measure, [measure, height, width])).toMatch(words);
  });
});
