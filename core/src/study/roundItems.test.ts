import { describe, expect, it } from 'vitest';
import { aMeasure, anExperiment, anObservation, aUnit } from '../testing';
import type { Study } from '../model';
import { inRandomOrder, openItems, readingBefore, roundItemsOf } from './roundItems';

const height = aMeasure({ readingDays: [7], by: 'plant' });
const look = aMeasure({ code: 'look', name: 'Look', primary: false, readingDays: [7] });
const units = ['C', 'T', 'C', 'T'].map((arm, i) => aUnit(`P${i + 1}`, arm, { row: 1, column: i + 1, sown: 3 }));
const base = anExperiment({ units, measures: [height, look] });
const study = (...read: readonly [unit: string, plant: string, value: number][]): Study => ({
  experiment: { ...base, plan: { ...base.plan, lockedOn: '2026-04-01' } },
  observations: read.map(([unit, plant, value]) => anObservation(unit, value, { plant, plannedDay: 7 })),
  incidents: [],
  care: [],
  photos: [],
});
const plants = (own: Study, unit: string) =>
  roundItemsOf(own, 7)
    .filter((item) => item.unit.code === unit && item.plant !== null)
    .map(({ plant, reading }) => [plant, reading?.value ?? null]);

describe('the stops of a walk', () => {
  it('are the plants of a unit one by one: as many as were put in, or kept, or measured before', () => {
    expect(plants(study(['P1', '2', 14]), 'P1')).toEqual([
      ['1', null],
      ['2', 14],
      ['3', null],
    ]);
    expect(plants(study(['P1', '5', 14]), 'P1')).toHaveLength(5);
    const kept = study();
    expect(plants({ ...kept, experiment: { ...kept.experiment, plan: { ...kept.experiment.plan, plantsKept: 1 } } }, 'P1')).toHaveLength(1);
    expect(readingBefore(study(['P1', '1', 9], ['P1', '2', 14]), 'P1', 'height', '2026-05-01', { plant: '1' })?.value).toBe(9);
  });

  it('are open until a unit was begun: how many plants it has is seen at the bench', () => {
    const open = openItems(roundItemsOf(study(['P1', '1', 9]), 7));
    expect(open.filter(({ unit }) => unit.code === 'P1').map(({ measure }) => measure.code)).toEqual(['look']);
    expect(open.filter(({ unit }) => unit.code === 'P2')).toHaveLength(4);
  });

  it('in a random order keep each unit’s together, and come again from the same seed', () => {
    const items = roundItemsOf(study(), 7);
    const orders = [1, 2, 3, 4, 5, 6].map((seed) => [...new Set(inRandomOrder(items, seed).map(({ unit }) => unit.code))].join(' '));
    expect(new Set(orders).size).toBeGreaterThan(2);
    expect(inRandomOrder(items, 4)).toEqual(inRandomOrder(items, 4));
    expect(
      inRandomOrder(items, 4)
        .map(({ unit }) => unit.code)
        .join(),
    ).toMatch(/^(P\d)(,\1){3},(P\d)(,\3){3},/);
  });
});
