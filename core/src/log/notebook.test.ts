import { itemAt, tupleOf } from '../invariant';
import { describe, expect, it } from 'vitest';
import { addReadings, cell } from '../study/readings';
import { roundsOfStudy } from '../study/recordingRounds';
import { aMeasure, anArm, anExperiment, anObservation, aUnit } from '../testing';
import type { Observation, Study } from '../model';
import { guessColumns, type ColumnUse } from './importColumns';
import { importReadings, MOST_IMPORTED } from './importReadings';
import { pastedBlock } from './pastedBlock';
import { gridCell, gridColumns } from './readingsGrid';
import { recordReading } from './recordReading';
import { cellText, typedCell } from './typedCell';

const height = aMeasure({ code: 'height', name: 'Height', kind: 'amount', unit: 'cm', readingDays: [4, 8], primary: true });
const sprouts = aMeasure({ code: 'sprouts', name: 'Sprouts', kind: 'count', unit: '', readingDays: [4], primary: false });
const fruit = aMeasure({ code: 'fruit', name: 'Fruit', kind: 'harvest', unit: 'g', readingDays: [8], when: 'total', primary: false });
const look = aMeasure({
  code: 'look',
  name: 'Look',
  kind: 'rating',
  unit: '',
  readingDays: [8],
  primary: false,
  rubric: [
    { value: 1, words: 'pale' },
    { value: 2, words: 'green' },
  ],
});
const units = ['C', 'C', 'T', 'T'].map((arm, i) => aUnit(`P0${i + 1}`, arm, { row: 1, column: i + 1, sown: 10 }));
const experiment = {
  ...anExperiment({ arms: [anArm('C'), anArm('T')], units, measures: [height, sprouts, fruit, look] }),
  startedOn: '2026-04-01',
};
const study: Study = {
  experiment: { ...experiment, plan: { ...experiment.plan, lockedOn: '2026-04-01', unitNoun: 'pot' } },
  observations: [],
  incidents: [],
  care: [],
  photos: [],
};
const read = (id: string, unit: string, on: string, value: number | null, more: Partial<Observation> = {}) => ({
  ...anObservation(unit, 0, { id, observedOn: on, ...more }),
  value,
});
const with4 = (...readings: Observation[]) => addReadings(study, readings);

describe('a measure with its own words for none', () => {
  it('takes them in a cell', () => {
    const flowers = aMeasure({ none: 'no flower yet' });
    for (const text of ['No flower yet', 'x', 'nothing'])
      expect(typedCell(text, flowers)).toEqual({ value: null, absent: 'nothing-there' });
    expect(typedCell('no flower yet', aMeasure())).toHaveProperty('wrong');
  });
});

describe('a cell of the notebook', () => {
  it.each([
    ['12,5', height, { value: 12.5, absent: null }],
    ['–', height, { value: null, absent: 'not-read' }],
    ['not read', height, { value: null, absent: 'not-read' }],
    ['x', height, { value: null, absent: 'nothing-there' }],
    [' ', height, null],
    ['2', look, { value: 2, absent: null }],
  ] as const)('“%s” is read as people write it', (text, measure, says) => {
    const found = typedCell(text, measure);
    expect(found).toEqual(says);
    if (found !== null && !('wrong' in found)) expect(typedCell(cellText(found), measure)).toEqual(says);
  });

  it.each([
    ['tall', height, /“tall” is not a number/],
    ['1.5', sprouts, /whole number/],
    ['3', look, /3 is no step of “Look”. Its steps are 1, 2/],
    ['-2', height, /cannot be below 0/],
  ] as const)('“%s” is refused in words', (text, measure, words) => {
    expect(typedCell(text, measure)).toEqual({ wrong: expect.stringMatching(words) });
  });
});

describe('the notebook as a table', () => {
  it('has a column for each walk and for each extra day, in order of time', () => {
    const all = with4(
      read('a', 'P01', '2026-04-05', 3, { plannedDay: 4 }),
      read('b', 'P01', '2026-04-07', 4),
      read('c', 'P02', '2026-04-12', 5, { plannedDay: 8 }),
    );
    expect(gridColumns(all, height, ['2026-04-20']).map(({ id }) => id)).toEqual([
      'day 4',
      'extra 2026-04-07',
      'day 8',
      'extra 2026-04-20',
    ]);
    const [four, extra, eight] = tupleOf(gridColumns(all, height), 3);
    expect(gridCell(all, height, itemAt(units, 0), four)).toMatchObject({ reading: { id: 'a' }, on: '2026-04-05' });
    expect(gridCell(all, height, itemAt(units, 0), extra).reading?.value).toBe(4);
    // Read late for the walk of day 8: it stands on that walk, with the day on which it was read.
    expect(gridCell(all, height, itemAt(units, 1), eight)).toMatchObject({ reading: { observedOn: '2026-04-12' }, on: '2026-04-09' });
  });

  it('a cell mended keeps its walk and its day, and its history stands in the order in which it came in', () => {
    const first = read('a', 'P01', '2026-04-05', 3, { plannedDay: 4, note: 'leaning' });
    const four = itemAt(gridColumns(with4(first), height), 0);
    const place = { unit: itemAt(units, 0), measure: height, plannedDay: 4, reading: first };
    const by = { id: 'b', observer: 'Moss', blinded: false };
    const mended = recordReading(place, { value: 3.6, absent: null, note: null }, '2026-04-06', by);
    expect(mended).toMatchObject({ replaces: 'a', plannedDay: 4, observedOn: '2026-04-06', value: 3.6 });
    const cellNow = gridCell(with4(first, mended), height, itemAt(units, 0), four);
    expect(cellNow.reading?.id).toBe('b');
    expect(cellNow.all.map(({ id }) => id)).toEqual(['a', 'b']);
  });
});

describe('a block from a spreadsheet', () => {
  const block = { units: units.slice(1), columns: ['day 4', 'day 8'], measure: height };

  it('lies over the table from one cell, and empty cells leave what is there', () => {
    expect(pastedBlock('3\t4,5\r\n\tx\r\n', block)).toEqual({
      cells: [
        { row: 0, column: 0, says: { value: 3, absent: null } },
        { row: 0, column: 1, says: { value: 4.5, absent: null } },
        { row: 1, column: 1, says: { value: null, absent: 'nothing-there' } },
      ],
    });
  });

  it('is taken whole or not at all, and every bad cell is named', () => {
    expect(pastedBlock('3\ttall\n-1\t5', block)).toEqual({
      problems: [
        { unit: 'P02', column: 'day 8', message: expect.stringContaining('“tall” is not a number') },
        { unit: 'P03', column: 'day 4', message: expect.stringContaining('cannot be below 0') },
      ],
    });
  });

  it('that is larger than the table is refused', () => {
    expect(pastedBlock('1\n2\n3\n4', block)).toEqual({
      problems: [{ unit: 'P02', column: 'day 4', message: 'The block has 4 rows and 1 columns; from here there is room for 3 and 2.' }],
    });
  });
});

describe('a table from elsewhere', () => {
  let ids = 0;
  const take = (text: string, more: Partial<Parameters<typeof importReadings>[1]> = {}) => {
    const rows = text.split('\n').map((line) => line.split(','));
    const uses = guessColumns(itemAt(rows, 0), study.experiment, 'height');
    return importReadings(rows, {
      study,
      uses,
      measure: 'height',
      today: '2026-04-30',
      overwrite: false,
      observer: 'Moss',
      id: () => `i${++ids}`,
      ...more,
    });
  };
  const taken = (found: ReturnType<typeof take>) => ('readings' in found ? found.readings : found.problems);

  it('knows its columns by their heads, in the words of the plan too', () => {
    const head = ['Pot', 'Day 4', '2026-04-09', 'Height', 'Who', 'colour', '10min'];
    expect(guessColumns(head, study.experiment, 'sprouts')).toEqual<ColumnUse[]>([
      { as: 'unit' },
      { as: 'values', measure: 'sprouts', on: '4' },
      { as: 'values', measure: 'sprouts', on: '2026-04-09' },
      { as: 'values', measure: 'height', on: null },
      { as: 'observer' },
      { as: 'nothing' },
      { as: 'values', measure: 'sprouts', on: '10min' },
    ]);
  });

  it('a row a unit and a column a day fills its walks', () => {
    const found = taken(take('pot,4,8\nP01,3,5\np02,–,x'));
    expect(found).toMatchObject([
      { unit: 'P01', plannedDay: 4, observedOn: '2026-04-05', value: 3, source: 'import', observer: 'Moss' },
      { unit: 'P01', plannedDay: 8, observedOn: '2026-04-09', value: 5 },
      { unit: 'P02', plannedDay: 4, absent: 'not-read' },
      { unit: 'P02', plannedDay: 8, absent: 'nothing-there' },
    ]);
    const all = addReadings(study, found as Observation[]);
    expect(roundsOfStudy(all, '2026-04-30').find(({ day }) => day === 4)?.left).toBe(4);
    expect(cell(all, 'height', 'P01').live).toHaveLength(2);
  });

  it('a row a reading, with dates in either order, several measures and a note; late ones fill their walk, others are extra', () => {
    const found = taken(
      take(
        'unit,date,measure,value,who,note\nP01,2026-04-06,Height,3,Fern,wet\nP01,13.04.2026,height,6,,\nP01,14/04/2026,fruit,20,,\nP01,15/4/2026,fruit,5,,',
      ),
    );
    expect(found).toMatchObject([
      { measure: 'height', plannedDay: 4, observedOn: '2026-04-06', observer: 'Fern', note: 'wet' },
      { measure: 'height', plannedDay: 8, observedOn: '2026-04-13' },
      { measure: 'fruit', plannedDay: 8, value: 20 },
      { measure: 'fruit', plannedDay: null, value: 5 },
    ]);
  });

  it('what was read between two walks is extra, where the same file fills the walk before', () => {
    expect(taken(take('pot,4,6,8\nP01,3,4,5'))).toMatchObject([
      { plannedDay: 4, value: 3 },
      { plannedDay: null, value: 4, observedOn: '2026-04-07' },
      { plannedDay: 8, value: 5 },
    ]);
  });

  it('what is unlikely is taken, and named', () => {
    expect(take('pot,day,value\nP01,2026-03-30,3\nP02,4,3')).toMatchObject({
      readings: [{ observedOn: '2026-03-30' }, { value: 3 }],
      asked: [{ row: 2, column: 'value', message: '30 Mar 2026 is before the start on 1 Apr 2026.' }],
    });
  });

  it('brought a second time adds nothing, pickings that add up neither', () => {
    const file =
      'unit,date,measure,value\nP01,2026-04-13,height,6\nP01,2026-04-14,fruit,20\nP01,2026-04-14,fruit,20\nP01,2026-04-15,fruit,5';
    const all = addReadings(study, taken(take(file)) as Observation[]);
    expect(take(file, { study: all })).toEqual({ readings: [], asked: [], same: 4 });
    expect(taken(take(`${file}\nP01,2026-04-15,fruit,7`, { study: all }))).toMatchObject([{ value: 7, plannedDay: null, replaces: null }]);
  });

  it('names every cell that cannot be taken, and takes nothing', () => {
    expect(take('pot,4,8,40\nP01,tall,,\nP99,3,,\nP02,,3,3\nP02,,3,')).toEqual({
      problems: [
        { row: 2, column: '4', message: expect.stringContaining('not a number') },
        { row: 3, column: 'pot', message: 'There is no pot P99 in this experiment.' },
        { row: 4, column: '40', message: '11 May 2026 is still to come. Choose a day up to today.' },
        { row: 5, column: '8', message: 'P02 has 3 for this day in a row above.' },
      ],
    });
  });

  it('leaves out what stands there, and what differs is mended only where that is asked for', () => {
    const before = with4(read('a', 'P01', '2026-04-05', 3, { plannedDay: 4 }), read('b', 'P02', '2026-04-05', 4, { plannedDay: 4 }));
    const file = 'pot,4\nP01,3\nP02,4.4';
    expect(take(file, { study: before })).toEqual({
      problems: [{ row: 3, column: '4', message: 'P02 has 4 there already, and the file says 4.4.' }],
    });
    expect(take(file, { study: before, overwrite: true })).toMatchObject({
      same: 1,
      readings: [{ unit: 'P02', replaces: 'b', value: 4.4, observedOn: '2026-04-05' }],
    });
  });

  it.each([
    ['value,day\n3,4', 'No column says which pot'],
    ['pot,colour\nP01,red', 'No column holds values'],
    ['pot,height\nP01,3', 'No column says on which day'],
    ['pot,4\nP01,', 'There is no value'],
    ['pot,day,value\nP01,spring,3', '“spring” is not a day'],
    ['pot,day,measure,value\nP01,4,taste,3', 'There is no measure taste'],
  ])('%j is refused in words', (text, words) => {
    const found = take(text);
    expect('problems' in found && itemAt(found.problems, 0).message).toContain(words);
  });

  it('has at most so many rows', () => {
    const rows = [['pot', '4'], ...Array.from({ length: MOST_IMPORTED + 1 }, () => ['P01', '3'])];
    const options = {
      study,
      uses: guessColumns(itemAt(rows, 0), study.experiment, 'height'),
      measure: 'height',
      today: '2026-04-30',
      overwrite: false,
      observer: null,
      id: () => 'i',
    };
    expect(importReadings(rows, options)).toEqual({
      problems: [{ row: MOST_IMPORTED + 2, column: '', message: expect.stringContaining('at most 50000') }],
    });
  });
});
