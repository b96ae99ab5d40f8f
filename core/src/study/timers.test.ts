import { expect, it } from 'vitest';
import { blankOf, careFields, stageFields, type Experiment } from '../model';
import { anArm, anExperiment, aUnit } from '../testing';
import { timersOf } from './timers';

const base = anExperiment({ arms: [anArm('C'), anArm('T')], units: ['C', 'T'].map((arm, i) => aUnit(`P${i + 1}`, arm)) });
const soak = { ...blankOf(stageFields), name: 'soak', kind: 'soak' as const, arms: ['T'], hours: 8, hoursMost: 9 };
const plan = (at: string): Experiment => ({
  ...base,
  startedOn: '2026-04-01',
  plan: { ...base.plan, lockedOn: '2026-04-01', stages: [soak], timing: { ...base.plan.timing, zone: 'Europe/London', at } },
});
const rounds = [
  { day: 10 / 1440, left: 2 },
  { day: 8 / 24, left: 0 },
  { day: 1, left: 2 },
  { day: 2.5, left: 2 },
];

it('readings under two days that are left are waited for from the time of sowing, beside what is running', () => {
  const begun = {
    ...blankOf(careFields),
    id: 'a',
    on: '2026-04-01',
    kind: 'other' as const,
    step: 'soak',
    arms: ['T'],
    began: '2026-04-01T06:00:30Z',
  };
  // British Summer Time: 09:00 is 08:00 UTC.
  expect(timersOf(plan('09:00'), [begun], rounds).map(({ what, label, units, ends }) => [what, label, units, ends])).toEqual([
    ['reading', 'Reading at 10min', 2, '2026-04-01T08:10:00.000Z'],
    ['step', 'soak', 1, '2026-04-01T14:00:30.000Z'],
  ]);
});

it('nothing is waited for where nobody said when they were sown, or before the start', () => {
  expect(timersOf(plan(''), [], rounds)).toEqual([]);
  const draft = plan('09:00');
  expect(timersOf({ ...draft, plan: { ...draft.plan, lockedOn: null } }, [], rounds)).toEqual([]);
});
