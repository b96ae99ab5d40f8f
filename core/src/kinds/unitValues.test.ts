import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { aMeasure, anExperiment, anObservation, aUnit } from '../testing';
import { isValued, type Measure, type Observation, type Study, type Unit } from '../model';
import { unitData } from '../study/curves';
import { curveOf } from './dailyValues';
import { eventTimes } from './eventTimes';
import { unitValues } from '../weigh/unitValues';
import { isShare, kindOf } from './index';
import { areaUnder } from './unitEnd';

const height = aMeasure();
const at = (day: number, value: number, more: Partial<Observation> = {}): Observation =>
  anObservation('u1', value, {
    observedOn: `2026-04-${String(1 + day).padStart(2, '0')}`,
    id: `${day}-${value}-${more.plant ?? ''}-${more.id ?? ''}`,
    ...more,
  });
const START = '2026-04-01';

/** The curve of one unit from its readings alone. */
function unitCurve(measure: Measure, rows: readonly Observation[], start: string | null) {
  const { daily, plants } = kindOf(measure);
  return curveOf(
    daily(measure, { start, of: () => rows.filter(isValued), unit: () => '', daily: () => new Map(), once: () => false }),
    plants,
  );
}

describe('a unit’s curve', () => {
  it('is in order of days, whatever the order of the rows', () => {
    expect(unitCurve(height, [at(7, 9), at(3, 5)], START)).toEqual([
      { day: 3, value: 5 },
      { day: 7, value: 9 },
    ]);
  });

  it('averages plants for an amount and adds them for a count or a harvest', () => {
    const plants = [at(3, 4, { plant: '1' }), at(3, 8, { plant: '2' })];
    expect(itemAt(unitCurve(height, plants, START), 0).value).toBe(6);
    expect(itemAt(unitCurve(aMeasure({ kind: 'count' }), plants, START), 0).value).toBe(12);
    expect(itemAt(unitCurve(aMeasure({ kind: 'harvest' }), plants, START), 0).value).toBe(12);
  });

  it('takes the later of two readings of one plant on one day, but adds two pickings', () => {
    const twice = [at(3, 4, { observedOn: '2026-04-04T08:00:00Z' }), at(3, 6, { observedOn: '2026-04-04T17:00:00Z' })];
    expect(itemAt(unitCurve(height, twice, START), 0).value).toBe(6);
    expect(itemAt(unitCurve(aMeasure({ kind: 'harvest' }), twice, START), 0).value).toBe(10);
  });

  it('counts only the category that is success', () => {
    const normal = aMeasure({ kind: 'count', category: 'normal' });
    const rows = [at(3, 9, { category: 'normal' }), at(3, 3, { category: 'just-starting' })];
    expect(unitCurve(normal, rows, START)).toEqual([{ day: 3, value: 9 }]);
  });

  it('counts days from the first reading where there is no start', () => {
    expect(unitCurve(height, [at(3, 5), at(7, 9)], null).map((point) => point.day)).toEqual([0, 4]);
  });
});

describe('the value that is compared', () => {
  const curve = [
    { day: 2, value: 1 },
    { day: 4, value: 3 },
    { day: 8, value: 5 },
  ];
  it.each<[Measure['when'], Measure['kind'], number | null]>([
    ['final', 'amount', 5],
    ['total', 'harvest', 9],
    ['area', 'amount', 4 + 16],
    ['day 4', 'amount', 3],
    ['day 5', 'amount', null],
    ['day 5', 'harvest', 4],
  ])('%s of a %s', (when, kind, value) => {
    expect(kindOf({ kind }).end(aMeasure({ when, kind }), curve)).toBe(value);
  });

  it('is null without readings, and an area needs two', () => {
    const { end } = kindOf(height);
    expect(end(height, [])).toBeNull();
    expect(end(aMeasure({ when: 'area' }), curve.slice(0, 1))).toBeNull();
    expect(areaUnder([])).toBe(0);
  });
});

describe('the units that take part', () => {
  const study = (units: readonly Unit[], measure: Measure, observations: readonly Observation[]): Study => ({
    experiment: anExperiment({ units, measures: [measure] }),
    observations,
    incidents: [],
    care: [],
    photos: [],
  });
  const values = (units: readonly Unit[], measure: Measure, observations: readonly Observation[]) => {
    const own = study(units, measure, observations);
    return unitValues(own, measure);
  };

  it('are neither lost nor excluded, and were read', () => {
    const units = [aUnit('u1', 'C'), aUnit('u2', 'C', { status: 'lost' }), aUnit('u3', 'T', { status: 'excluded' }), aUnit('u4', 'T')];
    const rows = ['u1', 'u2', 'u3'].map((unit, i) => ({ ...at(7, i), id: unit, unit }));
    expect(values(units, height, rows).map((value) => value.unit)).toEqual(['u1']);
  });

  it('a count of the sown becomes a share, and one above the sown is left out', () => {
    const count = aMeasure({ kind: 'count', unit: '' });
    const units = [aUnit('u1', 'C', { sown: 20 }), aUnit('u2', 'T', { sown: 20 })];
    const rows = [at(7, 15), { ...at(7, 21), id: 'x', unit: 'u2' }];
    expect(values(units, count, rows)).toEqual([{ unit: 'u1', arm: 'C', block: null, value: 0.75 }]);
  });

  it('a count without a number sown stays a number', () => {
    const count = aMeasure({ kind: 'count', unit: '' });
    expect(isShare(count, [aUnit('u1', 'C')])).toBe(false);
    expect(isShare(count, [aUnit('u1', 'C', { sown: 20 })])).toBe(true);
    expect(isShare(height, [aUnit('u1', 'C', { sown: 20 })])).toBe(false);
    expect(itemAt(values([aUnit('u1', 'C')], count, [at(7, 15)]), 0).value).toBe(15);
  });
});

describe('the day of an event', () => {
  const event = aMeasure({ kind: 'event', unit: 'd' });
  const data = (status: Unit['status'], ...points: [number, number][]) => [
    { unit: aUnit('u1', 'C', { status }), curve: points.map(([day, value]) => ({ day, value })), nothingFrom: null },
  ];

  it('is the first on which it was seen', () => {
    expect(eventTimes(event, data('active', [3, 0], [5, 1], [7, 1]))[0]).toMatchObject({ time: 5, happened: true });
  });

  it('is censored at the last reading where it was not seen, also of a lost unit', () => {
    expect(eventTimes(event, data('active', [3, 0], [7, 0]))[0]).toMatchObject({ time: 7, happened: false });
    expect(eventTimes(event, data('lost', [3, 0]))[0]).toMatchObject({ time: 3, happened: false });
  });

  it('is censored at the day asked for', () => {
    const early = aMeasure({ kind: 'event', when: 'day 4' });
    expect(eventTimes(early, data('active', [3, 0], [5, 1]))[0]).toMatchObject({ time: 4, happened: false });
  });

  it('an excluded unit and one that was never read take no part', () => {
    expect(eventTimes(event, data('excluded', [3, 1]))).toEqual([]);
    expect(eventTimes(event, data('active'))).toEqual([]);
  });
});

describe('a pot in which nothing is left', () => {
  const empty = (day: number, measure = 'height') =>
    anObservation('u2', 0, {
      id: `e${day}-${measure}`,
      measure,
      observedOn: `2026-04-${String(1 + day).padStart(2, '0')}`,
      value: null,
      absent: 'nothing-there',
    });
  const study = (measure: Measure, observations: readonly Observation[], more: readonly Measure[] = []): Study => ({
    experiment: anExperiment({ units: [aUnit('u1', 'C'), aUnit('u2', 'C')], measures: [measure, ...more] }),
    observations,
    incidents: [],
    care: [],
    photos: [],
  });
  const both = [at(3, 4), at(7, 8), at(3, 5, { unit: 'u2', id: 'b' })];
  const valuesIn = (own: Study, measure: Measure) => unitValues(own, measure).map(({ unit, value }) => [unit, value]);

  it('has no height, neither 0 nor that of the day before', () => {
    expect(valuesIn(study(height, [...both, empty(7)]), height)).toEqual([['u1', 8]]);
    expect(itemAt(unitData(study(height, [...both, empty(7)]), height), 1).curve).toEqual([{ day: 3, value: 5 }]);
  });

  it('still has that of a day on which there was a plant', () => {
    const early = aMeasure({ when: 'day 3' });
    expect(valuesIn(study(early, [...both, empty(7)]), early)).toEqual([
      ['u1', 4],
      ['u2', 5],
    ]);
  });

  it('counts again where something came up after all', () => {
    expect(valuesIn(study(height, [...both, empty(7), at(9, 2, { unit: 'u2', id: 'late' })]), height)).toEqual([
      ['u1', 8],
      ['u2', 2],
    ]);
  });

  it('has nothing that is worked out from its height either, but keeps what was picked of it', () => {
    const twice = aMeasure({ code: 'twice', kind: 'derived', derived: '2*height' });
    expect(valuesIn(study(twice, [...both, empty(7)], [aMeasure({ primary: false })]), twice)).toEqual([['u1', 16]]);
    const crop = aMeasure({ kind: 'harvest', when: 'total' });
    expect(valuesIn(study(crop, [...both, empty(7)]), crop)).toEqual([
      ['u1', 12],
      ['u2', 5],
    ]);
  });
});

describe('what was read late', () => {
  const at = { when: 'day 7' as const, readingDays: [3, 7] };
  const values = (more: Parameters<typeof aMeasure>[0], observations: readonly Observation[]) => {
    const measure = aMeasure({ ...at, ...more });
    const study = {
      experiment: anExperiment({ units: [aUnit('C1', 'C')], measures: [measure] }),
      incidents: [],
      care: [],
      photos: [],
      observations,
    };
    return unitValues(study, measure).map(({ value }) => value);
  };
  const late = (value: number, more: Partial<Observation> = {}) =>
    anObservation('C1', value, { observedOn: '2026-04-10', plannedDay: 7, ...more });

  it('counts for the walk that it was read for', () => {
    expect(values({}, [late(5)])).toEqual([5]);
    expect(values({}, [late(5, { plannedDay: null })])).toEqual([]);
    expect(values({ kind: 'rating' }, [late(3)])).toEqual([3]);
  });

  it('adds plants of one walk that were read on two days', () => {
    const plants = [late(4, { plant: '1', observedOn: '2026-04-08' }), late(8, { plant: '2' })];
    expect(values({ by: 'plant' }, plants)).toEqual([6]);
  });

  it('leaves no plant out of a last walk that took two days', () => {
    const plants = [late(4, { plant: '1', observedOn: '2026-04-08' }), late(8, { plant: '2', observedOn: '2026-04-09' })];
    expect(values({ by: 'plant', when: 'final' }, plants)).toEqual([6]);
  });

  it('is a picking of that walk in a total up to its day', () => {
    const pickings = [
      anObservation('C1', 20, { observedOn: '2026-04-04', plannedDay: 3 }),
      late(30),
      late(9, { id: 'extra', plannedDay: null }),
    ];
    expect(values({ kind: 'harvest' }, pickings)).toEqual([50]);
  });
});
