import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { aMeasure, anExperiment, anObservation, aUnit, placed } from '../testing';
import { kindOf } from '../kinds';
import type { ReadingContext } from '../kinds/Kind';
import { readReading } from './readReading';
import { readingBefore, roundItemsOf } from '../study/roundItems';
import { roundMinutes, recordingRounds } from '../study/recordingRounds';

const count = aMeasure({ code: 'sprouts', name: 'Sprouts', kind: 'count', unit: '', readingDays: [3, 5] });
const height = aMeasure({ readingDays: [5], primary: false });
const doubts = (value: number, context: ReadingContext) => kindOf(context.measure).doubts(value, context);

describe('a typed reading', () => {
  it.each([
    ['12.5', 12.5],
    ['12,5', 12.5],
    [' 7 ', 7],
    ['.5', 0.5],
    ['0', 0],
  ])('%s is %d', (text, value) => {
    expect(readReading(text, height)).toEqual({ value });
  });

  it.each([
    ['', height, /Nothing typed/],
    ['twelve', height, /not a number/],
    ['1.2.3', height, /not a number/],
    ['1e3', height, /not a number/],
    ['-4', height, /below 0/],
    ['−4', height, /below 0/],
    ['9999999999999', height, /too large/],
    ['1.5', count, /whole number/],
    ['2', aMeasure({ kind: 'event' }), /1 if it has happened/],
  ] as const)('“%s” is refused in words', (text, measure, words) => {
    expect(readReading(text, measure)).toEqual({ wrong: expect.stringMatching(words) });
  });
});

describe('doubts at entry', () => {
  const unit = aUnit('D01', 'C', { sown: 25 });

  it('more than were sown is asked about', () => {
    expect(doubts(26, { measure: count, unit, before: null, others: [] })).toEqual([
      { rule: 'more-than-sown', message: '26 is more than the 25 sown in D01. Count again.' },
    ]);
  });

  it('a total that fell is asked about', () => {
    const before = { value: 14, observedOn: '2026-04-05' };
    expect(doubts(11, { measure: count, unit, before, others: [] })).toMatchObject([{ rule: 'total-falls' }]);
    expect(doubts(14, { measure: count, unit, before, others: [] })).toEqual([]);
  });

  it('a value ten times off its neighbours is asked about, either way', () => {
    const others = [11, 12, 12, 13];
    expect(itemAt(doubts(125, { measure: height, unit, before: null, others }), 0).message).toContain(
      'about ten times more than the others (12 cm)',
    );
    expect(itemAt(doubts(1.25, { measure: height, unit, before: null, others }), 0).message).toContain('ten times less');
    expect(doubts(16, { measure: height, unit, before: null, others })).toEqual([]);
    expect(doubts(125, { measure: height, unit, before: null, others: [...others, 118] })).toEqual([]);
    expect(doubts(125, { measure: height, unit, before: null, others: [] })).toEqual([]);
    expect(doubts(125, { measure: height, unit, before: { value: 12, observedOn: '2026-04-05' }, others: [] })).toHaveLength(1);
  });
});

describe('walks', () => {
  const started = anExperiment({
    startedOn: '2026-04-01',
    units: ['D01', 'D02'].map((code, i) => aUnit(code, i ? 'T' : 'C', { row: 1, column: 2 - i })),
    measures: [count, height],
  });
  const experiment = { ...started, plan: { ...started.plan, lockedOn: '2026-04-01' } };
  const starts = [{ startedOn: null, units: 2, containers: 2 }];

  it('are due on their day, missed after it, coming before it, done when every unit is read', () => {
    const states = (today: string, read: Parameters<typeof recordingRounds>[2] = []) =>
      recordingRounds(experiment, starts, read, today).map(({ day, state, left }) => [day, state, left]);
    expect(states('2026-04-03')).toEqual([
      [3, 'coming', 2],
      [5, 'coming', 2],
    ]);
    expect(states('2026-04-04')).toEqual([
      [3, 'due', 2],
      [5, 'coming', 2],
    ]);
    expect(states('2026-04-04', [{ measure: 'sprouts', plannedDay: 3, units: 2, containers: 2, startedOn: null }])).toEqual([
      [3, 'done', 0],
      [5, 'coming', 2],
    ]);
    expect(
      states('2026-04-06', [
        { measure: 'sprouts', plannedDay: 5, units: 2, containers: 2, startedOn: null },
        { measure: 'height', plannedDay: 5, units: 1, containers: 1, startedOn: null },
      ]),
    ).toEqual([
      [3, 'missed', 2],
      [5, 'due', 1],
    ]);
  });

  it('take about ten seconds a count', () => {
    expect(roundMinutes({ measures: [count], left: 24 })).toBe(4);
  });

  it('there are none before the start', () => {
    expect(recordingRounds({ ...experiment, plan: { ...experiment.plan, lockedOn: null } }, starts, [], '2026-04-03')).toEqual([]);
  });

  it('stop at each unit in bench order, with the reading of this walk and the one before', () => {
    const study = placed({
      experiment,
      observations: [
        anObservation('D01', 4, { measure: 'sprouts', observedOn: '2026-04-04' }),
        anObservation('D01', 9, { measure: 'sprouts', observedOn: '2026-04-06' }),
      ],
      incidents: [],
      care: [],
      photos: [],
    });
    expect(roundItemsOf(study, 5).map(({ unit, measure, reading }) => [unit.code, measure.code, reading?.value ?? null])).toEqual([
      ['D02', 'sprouts', null],
      ['D02', 'height', null],
      ['D01', 'sprouts', 9],
      ['D01', 'height', null],
    ]);
    expect(readingBefore(study, 'D01', 'sprouts', '2026-04-06')?.value).toBe(4);
    expect(readingBefore(study, 'D02', 'sprouts', '2026-04-06')).toBeNull();
  });
});
