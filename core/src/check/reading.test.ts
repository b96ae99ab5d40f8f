import { describe, expect, it } from 'vitest';
import { aMeasure, anArm, anExperiment, anObservation, aUnit } from '../testing';
import type { Observation, Study } from '../model';
import { checkReading, type ReadingSaid } from './reading';

const steps = [1, 2, 3, 4, 5].map((value) => ({ value, words: `step ${value}` }));
const vigour = aMeasure({ code: 'vigour', kind: 'rating', name: 'Vigour', rubric: steps, primary: false });
const sprouts = aMeasure({ code: 'sprouts', kind: 'count', name: 'Sprouts', readingDays: [4, 7] });
const height = aMeasure({ code: 'height', name: 'Height', primary: false });
const bud = aMeasure({ code: 'bud', kind: 'event', name: 'First bud', primary: false });
const told = aMeasure({ code: 'told', kind: 'count', name: 'Told', category: 'up', categories: ['up', 'dead', 'not-yet'], primary: false });
const measures = [vigour, sprouts, height, bud, told];
const units = ['D1', 'D2', 'D3', 'D4'].map((code, i) => aUnit(code, i % 2 ? 'T' : 'C', { sown: 25 }));
const experiment = anExperiment({
  startedOn: '2026-04-01',
  endedOn: '2026-04-20',
  arms: [anArm('C'), anArm('T')],
  units,
  measures,
});

const study = (...observations: Observation[]): Study => ({ experiment, observations, incidents: [], care: [], photos: [] });
const seen = (unit: string, measure: string, value: number, more: Partial<Observation> = {}) =>
  anObservation(unit, value, {
    id: `${unit} ${measure} ${more.observedOn ?? ''} ${more.category ?? ''}`,
    measure,
    observedOn: '2026-04-05',
    ...more,
  });

function said(before: Study, measure: typeof vigour, value: number | null, more: Partial<ReadingSaid> = {}) {
  const unit = units[0];
  if (!unit) throw new RangeError('There is no unit.');
  const reading = { value, absent: null, observedOn: '2026-04-05', plannedDay: null, plant: null, category: null, ...more };
  return checkReading(before, { measure, unit }, reading, '2026-04-30').map(
    ({ answer, pointer, detail }) => `${answer} ${pointer}: ${detail}`,
  );
}

describe('a reading that cannot be', () => {
  it.each<[string, typeof vigour, number | null, Partial<ReadingSaid>, string]>([
    ['off the scale', vigour, 99, {}, '/value: 99 is no step of “Vigour”. Its steps are 1, 2, 3, 4, 5.'],
    ['between two steps', vigour, 2.5, {}, '/value: 2.5 is no step of “Vigour”. Its steps are 1, 2, 3, 4, 5.'],
    ['half of one that is counted', sprouts, 2.5, {}, '/value: A count is a whole number.'],
    ['below none', height, -1, {}, '/value: “Height” cannot be below 0. Check the sign.'],
    ['too large to be any', height, 2e12, {}, '/value: That number is too large to be a reading.'],
    ['of a day to come', sprouts, 3, { observedOn: '2099-01-01' }, '/observedOn: 1 Jan 2099 is still to come. Choose a day up to today.'],
    [
      'with a value and a reason for none',
      sprouts,
      3,
      { absent: 'not-read' },
      '/value: A reading has a value, or says why there is none: not read, or nothing there.',
    ],
    ['with neither', sprouts, null, {}, '/value: A reading has a value, or says why there is none: not read, or nothing there.'],
    ['of a category that is not counted', told, 3, { category: 'lost' }, '/category: The categories of Told are up, dead, not-yet.'],
  ])('is %s', (_, measure, value, more, words) => {
    expect(said(study(), measure, value, more)).toEqual([`refused ${words}`]);
  });

  it('makes the categories of a round more than were sown', () => {
    const before = study(
      seen('D1', 'told', 20, { category: 'up', plannedDay: 4 }),
      seen('D1', 'told', 4, { category: 'dead', plannedDay: 4 }),
      seen('D1', 'told', 25, { category: 'up', plannedDay: 7, observedOn: '2026-04-08' }),
    );
    const rest = { category: 'not-yet', plannedDay: 4 };
    expect(said(before, told, 1, rest)).toEqual([]);
    expect(said(before, told, 2, rest)).toEqual([
      'refused /value: 20 up, 4 dead and 2 not yet make 26, and 25 were sown in D1: 1 too many. Count again.',
    ]);
  });
});

describe('a reading that is unlikely', () => {
  const day4 = { observedOn: '2026-04-05', plannedDay: 4 };

  it('is of a day before the start, or after the end', () => {
    expect(said(study(), height, 3, { observedOn: '2026-03-30' })).toEqual([
      'asked /observedOn: 30 Mar 2026 is before the start on 1 Apr 2026.',
    ]);
    expect(said(study(), height, 3, { observedOn: '2026-04-21' })).toEqual([
      'asked /observedOn: 21 Apr 2026 is after the end on 20 Apr 2026.',
    ]);
  });

  it('is more than were sown', () => {
    expect(said(study(), sprouts, 25)).toEqual([]);
    expect(said(study(), sprouts, 26)).toEqual(['asked /value: 26 is more than the 25 sown in D1. Count again.']);
  });

  it('lets a total fall, of the same category', () => {
    expect(said(study(seen('D1', 'sprouts', 9, { observedOn: '2026-04-03' })), sprouts, 8)).toEqual([
      'asked /value: D1 went from 9 (Fri 3 Apr) to 8. A total does not usually go back.',
    ]);
    const dead = seen('D1', 'told', 9, { category: 'dead', observedOn: '2026-04-03' });
    expect(said(study(dead), told, 8, { category: 'up' })).toEqual([]);
    expect(said(study(dead), told, 8, { category: 'dead' })).toHaveLength(1);
  });

  it('is ten times the others of its round, or what was there before', () => {
    const round = ['D2', 'D3', 'D4'].map((code, i) => seen(code, 'height', 11 + i, day4));
    expect(said(study(...round), height, 120, day4)).toEqual([
      'asked /value: 120 cm is about ten times more than the others (12 cm). Is the decimal point right?',
    ]);
    expect(said(study(...round), height, 30, day4)).toEqual([]);
    expect(said(study(...round), height, 120, { ...day4, plannedDay: 7 })).toEqual([]);
    expect(said(study(seen('D1', 'height', 12, { observedOn: '2026-04-03' })), height, 1.2, day4)).toEqual([
      'asked /value: 1.2 cm is about ten times less than before (12 cm). Is the decimal point right?',
    ]);
  });

  it('takes back what has happened', () => {
    const before = study(seen('D1', 'bud', 1, { observedOn: '2026-04-03' }));
    expect(said(before, bud, 0)).toEqual(['asked /value: In D1 it had happened by Fri 3 Apr. What has happened does not usually go back.']);
    expect([...said(before, bud, 1), ...said(study(), bud, 0)]).toEqual([]);
  });
});

it('frost is read below 0', () => {
  expect(said(study(), aMeasure({ code: 'night', name: 'Night', unit: '°C' }), -3)).toEqual([]);
});

it('nothing is said of one that fits: on its scale, today, none with its reason', () => {
  expect([...said(study(), vigour, 5), ...said(study(), sprouts, 25, { observedOn: '2026-04-20' }), ...said(study(), sprouts, 0)]).toEqual(
    [],
  );
  expect(said(study(), sprouts, null, { absent: 'nothing-there' })).toEqual([]);
});
