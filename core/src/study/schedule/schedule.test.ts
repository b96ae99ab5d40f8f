import { itemAt } from '../../invariant';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankOf, emptyPlan, stageFields, timingFields, unitFields, type Presence, type Stage, type Timing } from '../../model';
import { plannedTimes } from './plannedTimes';
import { lengthOf, type Timed } from './schedule';
import { sowingFor } from './sowingFor';
import { isZone, localOf, minuteOf } from './zoned';

const stage = (name: string, more: Partial<Stage>): Stage => ({ ...blankOf(stageFields), name, kind: 'soak', ...more });
const timing = (more: Partial<Timing>): Timing => ({ ...blankOf(timingFields), ...more });
const school: readonly Presence[] = [1, 2, 3, 4, 5].map((day) => ({ day, from: '08:00', to: '16:00' }));

/** Arms C, H and V of four bags each, to be sown on a day. */
function bags(startedOn: string, stages: readonly Stage[], more: Partial<Timing> = {}): Timed & { measures: [] } {
  const arms = ['C', 'H', 'V'].map((code) => ({ code }));
  const units = arms.flatMap(({ code: arm }) => Array.from({ length: 4 }, (_, i) => ({ ...blankOf(unitFields), code: `${arm}${i}`, arm })));
  return { startedOn, arms, units, plan: { ...emptyPlan, stages, timing: timing(more) }, measures: [] };
}
const told = (timed: Timed, now?: number) =>
  plannedTimes(timed, now).steps.map(({ stage: i, arm, begins, ends }) => {
    const { zone } = timed.plan.timing;
    const [from, to] = [localOf(begins, zone), localOf(ends, zone)];
    return `${arm} ${itemAt(timed.plan.stages, i).name}: ${from.date} ${from.clock} to ${to.date} ${to.clock}`;
  });

/** Hot water for one arm, a day in vinegar for another, a night in water for the third, rinse and 35 days of cold for all. */
const coats = [
  stage('hot water', { kind: 'heat', arms: ['H'], hours: 0.5 }),
  stage('vinegar', { arms: ['V'], hours: 24 }),
  stage('cool water', { arms: ['C'], hours: 18 }),
  stage('rinse', { kind: 'handle' }),
  stage('4 °C in moist mix', { kind: 'cold', hours: 35 * 24, hoursMost: 42 * 24 }),
];

describe('times worked backwards from the sowing', () => {
  it('staggers the arms so that all are sown together, through midnight and a year’s end', () => {
    expect(told(bags('2027-02-05', coats, { at: '10:00' }))).toEqual([
      'V vinegar: 2026-12-31 09:50 to 2027-01-01 09:50',
      'C cool water: 2026-12-31 15:50 to 2027-01-01 09:50',
      'H hot water: 2027-01-01 09:20 to 2027-01-01 09:50',
      ...['C', 'H', 'V'].map((arm) => `${arm} rinse: 2027-01-01 09:50 to 2027-01-01 10:00`),
      ...['C', 'H', 'V'].map((arm) => `${arm} 4 °C in moist mix: 2027-01-01 10:00 to 2027-02-05 10:00`),
    ]);
  });

  it('keeps a soak of hours at its hours where the clock goes forward, and days at the same hour', () => {
    // Clocks in London went from 01:00 to 02:00 on 28 March 2027 (IANA time zone database).
    const london = { zone: 'Europe/London', at: '09:00' };
    expect(told(bags('2027-03-28', [stage('soak', { arms: ['V'], hours: 18 })], london))).toEqual([
      'V soak: 2027-03-27 14:00 to 2027-03-28 09:00',
    ]);
    expect(told(bags('2027-03-28', [stage('cold', { arms: ['V'], hours: 240 })], london))).toEqual([
      'V cold: 2027-03-18 09:00 to 2027-03-28 09:00',
    ]);
    // Back from 02:00 to 01:00 on 31 October 2027.
    expect(told(bags('2027-10-31', [stage('soak', { arms: ['V'], hours: 18 })], london))).toEqual([
      'V soak: 2027-10-30 16:00 to 2027-10-31 09:00',
    ]);
  });

  it('counts the leap day', () => {
    expect(told(bags('2028-03-01', [stage('cold', { arms: ['V'], hours: 72 })]))).toEqual(['V cold: 2028-02-27 09:00 to 2028-03-01 09:00']);
  });

  it('lets a range last longer where nobody would be there, as long for every arm', () => {
    // 35 days before Monday 8 March 2027 is Monday 1 February; the vinegar would begin on Sunday.
    const monday = bags('2027-03-08', coats, { at: '10:00', presence: school });
    expect(plannedTimes(monday).unmet).toEqual([]);
    const cold = told(monday).filter((line) => line.includes('4 °C'));
    expect(cold).toHaveLength(3);
    expect(new Set(cold.map((line) => line.slice(2))).size).toBe(1);
    expect(told(monday).find((line) => line.includes('vinegar'))).toMatch(/V vinegar: 2027-01-28 1[0-6]:\d\d to 2027-01-29/);
  });

  it('says which wish cannot be met, and what would give', () => {
    const soak = bags('2027-03-08', [stage('soak', { arms: ['V'], hours: 18 })], { at: '10:00', presence: school });
    const { unmet, steps } = plannedTimes(soak);
    expect(itemAt(unmet, 0).wish).toBe('“soak” of V would begin on Sun 7 Mar, 16:00, when nobody is there.');
    expect(itemAt(unmet, 0).gives.map(({ words }) => words)).toEqual(['Sow on Fri 5 Mar at 10:00', 'Sow on Tue 9 Mar at 10:00']);
    expect(steps).toHaveLength(1);
    const overnight = bags('2027-03-09', [stage('soak', { arms: ['V'], hours: 12 })], { at: '10:00', presence: school });
    expect(itemAt(plannedTimes(overnight).unmet, 0).gives).toContainEqual({
      words: 'Let “soak” last up to 18 h',
      longer: { stage: 0, hoursMost: 18 },
    });
  });

  it('says when it is too late for it', () => {
    const now = minuteOf({ date: '2027-03-01', clock: '12:00' }, '');
    const { unmet } = plannedTimes(bags('2027-03-03', coats), now);
    expect(itemAt(unmet, 0).wish).toMatch(/“vinegar” would have to begin on Tue 26 Jan, 08:50, which is over/);
  });

  it('says which days after the sowing nobody is there', () => {
    const fed = bags('2027-03-08', [stage('fed', { days: [4, 5, 13] })], { presence: school });
    expect(plannedTimes(fed).unmet.map(({ wish }) => wish)).toEqual(['“fed” falls on Sat 13 Mar, Sun 21 Mar, when nobody is there.']);
  });

  it('holds a step where a person put it, or says why not', () => {
    const pins = [{ stage: '4 °C in moist mix', arm: 'C', on: '2026-12-28', at: '10:00' }];
    const moved = bags('2027-02-05', coats, { at: '10:00', pins });
    expect(plannedTimes(moved).unmet).toEqual([]);
    expect(told(moved).filter((line) => line.includes('4 °C'))[0]).toBe('C 4 °C in moist mix: 2026-12-28 10:00 to 2027-02-05 10:00');
    const tooFar = bags('2027-02-05', coats, { at: '10:00', pins: [{ ...itemAt(pins, 0), on: '2027-01-20' }] });
    expect(itemAt(plannedTimes(tooFar).unmet, 0).wish).toMatch(
      /was put on Wed 20 Jan, 10:00, and then the order or a length does not hold/,
    );
  });
});

describe('the sowing worked forwards', () => {
  const now = minuteOf({ date: '2027-01-01', clock: '00:00' }, '');
  it('from the first lesson: nothing begins before it', () => {
    const found = sowingFor(bags('2027-02-01', coats, { at: '10:00', presence: school }), { given: 'first lesson', on: '2027-01-11' }, now);
    expect(found).toMatchObject({ date: '2027-02-16', clock: '10:00' });
  });

  it('to the end of term: the last reading is before it', () => {
    const plan = { ...bags('2027-02-01', coats, { at: '10:00', presence: school }), measures: [{ readingDays: [7, 14] }] };
    const found = sowingFor(plan as never, { given: 'end of term', on: '2027-04-02' }, now);
    expect(found).toEqual({ date: '2027-03-19', clock: '10:00', off: [] });
    expect(sowingFor(plan as never, { given: 'end of term', on: '2027-01-20' }, now)).toEqual({
      unmet:
        'Between now and the end there is no day for the sowing: readings go on to day 14, and the steps before take 44 days. Take a later end, or fewer days.',
    });
  });
});

describe('clocks', () => {
  it('a class in one zone, a server in another: the same minute, and back (IANA time zone database)', () => {
    expect(minuteOf({ date: '2027-01-15', clock: '09:00' }, 'America/New_York')).toBe(Date.UTC(2027, 0, 15, 14, 0) / 60_000);
    expect(minuteOf({ date: '2027-07-15', clock: '09:00' }, 'Asia/Kolkata')).toBe(Date.UTC(2027, 6, 15, 3, 30) / 60_000);
    expect(minuteOf({ date: '2027-01-15', clock: '09:00' }, 'Europe/Fennick')).toBe(Date.UTC(2027, 0, 15, 9, 0) / 60_000);
    expect(isZone('Europe/Paris') && isZone('') && !isZone('Europe/Fennick')).toBe(true);
  });

  it('a time that the clock skips or shows twice is one moment', () => {
    // Berlin skips 02:00 to 03:00 on 28 March 2027 and shows it twice on 31 October.
    expect(localOf(minuteOf({ date: '2027-03-28', clock: '02:30' }, 'Europe/Berlin'), 'Europe/Berlin').clock).toBe('03:30');
    expect(minuteOf({ date: '2027-10-31', clock: '02:30' }, 'Europe/Berlin')).toBe(Date.UTC(2027, 9, 31, 0, 30) / 60_000);
  });

  it('goes there and back for every zone and minute that the clock shows', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('', 'Europe/London', 'America/New_York', 'Asia/Kolkata', 'Australia/Lord_Howe', 'Pacific/Apia'),
        fc.integer({ min: 29_000_000, max: 31_000_000 }),
        (zone, minute) => {
          const there = localOf(minute, zone);
          // What is shown twice comes back as the first time, an hour or half of one before.
          expect([0, -30, -60]).toContain(minuteOf(there, zone) - minute);
          expect(localOf(minuteOf(there, zone), zone)).toEqual(there);
        },
      ),
    );
  });
});

const anyStage = fc.record({
  arms: fc.subarray(['C', 'H', 'V']),
  hours: fc.constantFrom(null, 0.5, 6, 18, 24, 72, 240),
  more: fc.constantFrom(0, 0, 4, 12, 96),
  mayWait: fc.constantFrom(null, null, 2, 24),
});

it('every schedule it gives keeps every stated length, order and hour, or says which wish fails', () => {
  fc.assert(
    fc.property(
      fc.array(anyStage, { minLength: 1, maxLength: 5 }),
      fc.constantFrom([], school, [{ day: 3, from: '09:00', to: '12:00' }], [...school, { day: 6, from: '10:00', to: '11:00' }]),
      fc.constantFrom('', 'Europe/London', 'America/New_York'),
      fc.integer({ min: 0, max: 700 }),
      fc.constantFrom('08:00', '10:00', '15:30'),
      (parts, presence, zone, shift, at) => {
        const stages = parts.map(({ arms, hours, more, mayWait }, i) =>
          stage(`step ${i}`, { arms, hours, hoursMost: hours === null || more === 0 ? null : hours + more, mayWait }),
        );
        const startedOn = new Date(Date.UTC(2027, 0, 1) + shift * 86_400_000).toISOString().slice(0, 10);
        const timed = bags(startedOn, stages, { zone, at, presence });
        const { steps, sowing, unmet } = plannedTimes(timed);
        if (unmet.length > 0) {
          expect(itemAt(unmet, 0).wish).toMatch(/nobody is there|is over|does not hold|fits/);
          return;
        }
        for (const arm of ['C', 'H', 'V']) {
          const own = steps.filter((step) => step.arm === arm).sort((a, b) => a.stage - b.stage);
          const expected = stages.flatMap((one, i) => (one.arms.length === 0 || one.arms.includes(arm) ? [i] : []));
          expect(own.map((step) => step.stage)).toEqual(expected);
          own.forEach((step, i) => {
            const one = itemAt(stages, step.stage);
            const units = one.arms.length === 0 ? 12 : one.arms.length * 4;
            const { least, most } = lengthOf(one, units);
            // From two days on the length is one by the calendar, which a change of the clocks makes an hour longer or shorter.
            const loose = least >= 48 && zone !== '' ? 60 : 0;
            expect(step.ends - step.begins).toBeGreaterThanOrEqual(least * 60 - loose);
            expect(step.ends - step.begins).toBeLessThanOrEqual(most * 60 + loose);
            const next = own[i + 1]?.begins ?? sowing ?? 0;
            const waits = own[i + 1] ? (itemAt(stages, itemAt(own, i + 1).stage).mayWait ?? 0) : 0;
            expect(next - step.ends).toBeGreaterThanOrEqual(0);
            expect(next - step.ends).toBeLessThanOrEqual(waits * 60);
            for (const minute of [step.begins, step.ends]) {
              const { date, clock } = localOf(minute, zone);
              const day = ((new Date(date).getUTCDay() + 6) % 7) + 1;
              expect(
                presence.length === 0 || presence.some((p) => p.day === day && p.from <= clock && clock <= p.to),
                `${date} ${clock}`,
              ).toBe(true);
            }
          });
        }
      },
    ),
    { numRuns: 200 },
  );
});
