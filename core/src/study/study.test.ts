import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import type { Measure, Observation, Study } from '../model';
import { aMeasure, anExperiment, anObservation, aUnit, placed } from '../testing';
import { packColumns, unpackColumns } from './columns';
import { unitCurve } from './curves';
import { addReadings, cell, readingsOf } from './readings';
import { measureRounds } from './measureRounds';
import { roundItemsOf } from './roundItems';
import { roundOf } from './roundOf';
import { recordingRounds, roundsOfStudy } from './recordingRounds';

const on = (day: number) => `2026-04-${String(1 + day).padStart(2, '0')}`;
const at = (day: number, value: number, more: Partial<Observation> = {}): Observation =>
  anObservation('u1', value, { observedOn: on(day), id: `${day}-${value}`, ...more });
const height = aMeasure({ readingDays: [3, 7] });
function study(observations: readonly Observation[], measures: readonly Measure[] = [height]): Study {
  const units = [aUnit('u1', 'C', { row: 1, column: 1 }), aUnit('u2', 'T', { row: 1, column: 2, startedOn: on(2) })];
  const experiment = anExperiment({ units, measures });
  return placed({
    experiment: { ...experiment, plan: { ...experiment.plan, lockedOn: on(0) } },
    observations,
    incidents: [],
    care: [],
    photos: [],
  });
}
const values = (own: Study) => cell(own, 'height', 'u1').live.map(({ value }) => value);

describe('live readings', () => {
  it('are all but those that a later one corrects, also through a chain', () => {
    expect(values(study([at(3, 5, { id: 'a' }), at(3, 6, { id: 'b', replaces: 'a' }), at(3, 7, { id: 'c', replaces: 'b' })]))).toEqual([7]);
  });

  it('of a ring of corrections the last that came in counts, and nothing hangs', () => {
    expect(values(study([at(3, 5, { id: 'a', replaces: 'b' }), at(3, 6, { id: 'b', replaces: 'a' })]))).toEqual([6]);
  });

  it('keep the corrected ones as history', () => {
    const own = study([at(3, 5, { id: 'a' }), at(3, 6, { id: 'b', replaces: 'a' })]);
    expect(cell(own, 'height', 'u1').all).toHaveLength(2);
  });
});

describe('a new reading', () => {
  const before = study([at(3, 5, { id: 'a' }), at(3, 4, { id: 'x', unit: 'u2' })]);

  it('says the same as an index made of everything anew', () => {
    const added = addReadings(before, [at(3, 6, { id: 'b', replaces: 'a' }), at(7, 9, { id: 'c' })]);
    const anew = { ...before, observations: [...added.observations] };
    for (const unit of ['u1', 'u2']) expect(cell(added, 'height', unit)).toEqual(cell(anew, 'height', unit));
    expect(values(added)).toEqual([6, 9]);
  });

  it('leaves the study that it was added to as it was, and the other cells the very same', () => {
    const other = cell(before, 'height', 'u2');
    const added = addReadings(before, [at(7, 9, { id: 'c' })]);
    expect(values(before)).toEqual([5]);
    expect(cell(added, 'height', 'u2')).toBe(other);
  });

  it('that is there already adds nothing', () => {
    expect(addReadings(before, [at(3, 5, { id: 'a' })])).toBe(before);
  });

  it('of a measure without any yet begins its cells', () => {
    const added = addReadings(before, [at(3, 2, { id: 'm', measure: 'mass' })]);
    expect(readingsOf(added, 'mass').get('u1')?.live).toHaveLength(1);
    expect(readingsOf(before, 'mass').size).toBe(0);
  });
});

describe('the walk that a reading belongs to', () => {
  it.each<[number, number | null]>([
    [2, null],
    [3, 3],
    [6, 3],
    [7, 7],
    [40, 7],
  ])('of day %d is that of day %s', (day, round) => {
    expect(roundOf(day, height)).toBe(round);
  });

  it('is counted from the unit’s own start, everywhere alike', () => {
    // u2 began two days later: its day 3 is the experiment's day 5.
    const own = study([at(3, 5), at(5, 4, { id: 'late', unit: 'u2' })]);
    expect(unitCurve(own, height, itemAt(own.experiment.units, 1))).toEqual([{ day: 3, value: 4 }]);
    expect(itemAt(measureRounds(own), 0).units.map(({ readOn }) => readOn)).toEqual([3, 3]);
    expect(roundItemsOf(own, 5).map(({ unit, reading }) => [unit.code, reading?.value])).toEqual([['u2', 4]]);
    expect(roundItemsOf(own, 3).map(({ unit }) => unit.code)).toEqual(['u1']);
    expect(roundsOfStudy(own, on(6)).map(({ day, state, left, units }) => [day, state, left, units])).toEqual([
      [3, 'done', 0, 1],
      [5, 'done', 0, 1],
      [7, 'coming', 1, 1],
      [9, 'coming', 1, 1],
    ]);
  });

  it('is the same from counts, as the list of experiments brings them', () => {
    const own = study([at(3, 5), at(5, 4, { id: 'late', unit: 'u2' })]);
    const counts = [
      { measure: 'height', plannedDay: 3, units: 1, containers: 1, startedOn: null },
      { measure: 'height', plannedDay: 3, units: 1, containers: 1, startedOn: on(2) },
    ];
    const starts = [null, on(2)].map((startedOn) => ({ startedOn, units: 1, containers: 1 }));
    expect(recordingRounds(own.experiment, starts, counts, on(6))).toEqual(roundsOfStudy(own, on(6)));
  });
});

describe('a walk of an open experiment', () => {
  it('is done when every unit was read, be it on two days', () => {
    const own = study([at(3, 5), at(4, 4, { id: 'next day', unit: 'u1', plant: '2' })]);
    expect(roundsOfStudy(own, on(3))[0]).toMatchObject({ day: 3, state: 'done' });
  });
});

describe('records as columns', () => {
  const rows = [at(3, 5, { id: 'a', note: 'mouldy' }), at(7, 5, { id: 'b' }), at(7, 5, { id: 'c', plant: '2' })];

  it('come back as they were, the odd and the empty among them', () => {
    expect(unpackColumns(packColumns(rows))).toEqual(rows);
    expect(unpackColumns(packColumns([]))).toEqual([]);
    expect(unpackColumns(packColumns(rows.slice(0, 1)))).toEqual(rows.slice(0, 1));
  });

  it('hold once what all have', () => {
    const { columns } = packColumns(rows);
    expect(columns.value).toEqual({ all: 5 });
    expect(columns.replaces).toEqual({ all: null });
    expect(columns.id).toEqual({ each: ['a', 'b', 'c'] });
  });
});
