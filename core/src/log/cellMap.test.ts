import { describe, expect, it } from 'vitest';
import { roundItemsOf } from '../study/roundItems';
import { aMeasure, anArm, anExperiment, aUnit } from '../testing';
import { cellGroups, countedTogether, tappedItems } from './cellMap';

const up = aMeasure({ code: 'up', name: 'Came up', kind: 'count', unit: '', readingDays: [7] });
const flower = aMeasure({ code: 'flower', kind: 'event', primary: false, readingDays: [7] });
const units = ['A1', 'A2', 'B1', 'B2'].map((code, i) =>
  aUnit(code, code.startsWith('A') ? 'C' : 'T', { sown: 1, row: 1, column: i + 1, container: `tray ${code.charAt(0)}` }),
);
const experiment = anExperiment({ arms: [anArm('C', { name: 'plain' }), anArm('T', { name: 'soaked' })], units, measures: [up, flower] });
const items = (more: Partial<typeof experiment> = {}) =>
  roundItemsOf({ experiment: { ...experiment, ...more }, observations: [], incidents: [], care: [], photos: [] }, 7);
const codes = (list: ReturnType<typeof tappedItems>) => list.map(({ unit }) => unit.code);

describe('a map of cells', () => {
  it('is for cells of one seed, and for whether something has happened', () => {
    expect(codes(tappedItems(items(), up))).toEqual(['A1', 'A2', 'B1', 'B2']);
    expect(codes(tappedItems(items(), flower))).toEqual(['A1', 'A2', 'B1', 'B2']);
    const more = items({ units: units.map((unit, i) => ({ ...unit, sown: i === 0 ? 2 : 1 })) });
    expect(codes(tappedItems(more, up))).toEqual(['A2', 'B1', 'B2']);
    expect(tappedItems(items(), { ...up, categories: ['up', 'not-yet'] })).toEqual([]);
    expect(tappedItems(items(), { ...up, kind: 'amount' })).toEqual([]);
  });

  it('has its cells together by what holds them, and tells no arm while it is read blind', () => {
    expect(
      cellGroups(
        experiment,
        items().filter(({ measure }) => measure === up),
      ),
    ).toEqual([
      { name: 'tray A, plain', units: ['A1', 'A2'] },
      { name: 'tray B, soaked', units: ['B1', 'B2'] },
    ]);
    const mixed = items({ units: units.map((unit) => ({ ...unit, container: null })) }).filter(({ measure }) => measure === up);
    expect(cellGroups(experiment, mixed).map(({ name }) => name)).toEqual(['plain', 'soaked']);
    expect(cellGroups({ ...experiment, blinded: true }, mixed)).toEqual([{ name: 'all', units: ['A1', 'A2', 'B1', 'B2'] }]);
  });

  it('says of a total that its cells are not known', () => {
    expect(countedTogether({ name: 'tray A', units: ['A1', 'A2'] }, 1)).toBe('1 of 2 in tray A, counted together: which ones is not known');
  });
});
