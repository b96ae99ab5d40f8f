import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { aMeasure, anExperiment, anObservation, aUnit } from '../testing';
import type { Observation, Study } from '../model';
import { duplicateReadings, settleDuplicate } from './duplicateReadings';
import { addReadings } from './readings';

const at = (id: string, value: number, more: Partial<Observation> = {}) =>
  anObservation('D01', value, { id, observedOn: '2026-04-08', ...more });
const study = (observations: readonly Observation[], kind: 'amount' | 'harvest' = 'amount'): Study => ({
  experiment: anExperiment({ units: [aUnit('D01', 'C')], measures: [aMeasure({ kind })] }),
  observations,
  incidents: [],
  care: [],
  photos: [],
});
const found = (own: Study) => duplicateReadings(own).map(({ unit, on, readings }) => [unit, on, readings.map(({ value }) => value)]);

describe('readings of one unit on one day', () => {
  it('that differ are a double', () => {
    expect(found(study([at('a', 12), at('b', 14)]))).toEqual([['D01', '2026-04-08', [12, 14]]]);
    const gone = (id: string, absent: Observation['absent']) => ({ ...at(id, 0), value: null, absent });
    expect(found(study([gone('a', 'not-read'), gone('b', 'nothing-there')]))).toEqual([['D01', '2026-04-08', [null, null]]]);
  });

  it.each([
    ['the same value', [at('a', 12), at('b', 12)]],
    ['a correction', [at('a', 12), at('b', 14, { replaces: 'a' })]],
    ['another day', [at('a', 12), at('b', 14, { observedOn: '2026-04-09' })]],
    ['another plant', [at('a', 12, { plant: '1' }), at('b', 14, { plant: '2' })]],
    ['another unit', [at('a', 12), at('b', 14, { unit: 'D02' })]],
  ])('are none with %s', (_, observations) => {
    expect(found(study(observations))).toEqual([]);
  });

  it('add up where they are pickings', () => {
    expect(found(study([at('a', 12), at('b', 14)], 'harvest'))).toEqual([]);
  });

  it('are settled by corrections of those that are not right, and all stay', () => {
    const before = study([at('a', 12), at('b', 14), at('c', 14), at('d', 11)]);
    const double = itemAt(duplicateReadings(before), 0);
    let n = 0;
    const corrections = settleDuplicate(double, itemAt(double.readings, 1), { observer: 'Maidenhair', id: () => `n${n++}` });
    expect(corrections.map(({ id, value, replaces, observer }) => [id, value, replaces, observer])).toEqual([
      ['n0', 14, 'a', 'Maidenhair'],
      ['n1', 14, 'd', 'Maidenhair'],
    ]);
    const after = addReadings(before, corrections);
    expect(duplicateReadings(after)).toEqual([]);
    expect(after.observations).toHaveLength(6);
  });
});
