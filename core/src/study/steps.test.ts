import { describe, expect, it } from 'vitest';
import { blankOf, careFields, stageFields, type Care } from '../model';
import { anArm, anExperiment, aUnit } from '../testing';
import { stepMinutes, stepsOnDays } from './steps';
import { runningSteps, stepsOffTime } from './stepTimes';

const base = anExperiment({ arms: [anArm('C'), anArm('T')], units: ['C', 'C', 'T', 'T'].map((arm, i) => aUnit(`P${i + 1}`, arm)) });
const potted = { ...blankOf(stageFields), name: 'potted', kind: 'move' as const, arms: ['C', 'T'], days: [9] };
const fed = { ...blankOf(stageFields), name: 'fed', arms: ['T'], days: [28, 14] };
const soak = { ...blankOf(stageFields), name: 'soak', kind: 'soak' as const, arms: ['T'], hours: 8 };
const experiment = { ...base, plan: { ...base.plan, lockedOn: '2026-04-01', stages: [potted, fed, soak] } };
const done = (step: string, on: string, units: readonly string[], more: Partial<Care> = {}): Care => ({
  ...blankOf(careFields),
  id: `${step}-${on}`,
  kind: 'other',
  on,
  step,
  units,
  ...more,
});
const told = (care: readonly Care[], today: string) =>
  stepsOnDays(experiment, care, today).map(({ name, on, state, left }) => `${on} ${name}: ${state}, ${left.join(' ') || 'none'} left`);

describe('steps with days', () => {
  it('are due on their day, missed once it is over; one without a day is worked back from the sowing', () => {
    expect(told([], '2026-04-10')).toEqual([
      '2026-04-01 soak: missed, P3 P4 left',
      '2026-04-10 potted: due, P1 P2 P3 P4 left',
      '2026-04-15 fed: coming, P3 P4 left',
      '2026-04-29 fed: coming, P3 P4 left',
    ]);
    expect(told([], '2026-04-11')[1]).toContain('missed');
  });

  it('are done for some units and not for others, late or early, and each time counts for its own day', () => {
    const care = [
      done('potted', '2026-04-12', ['P1', 'P4']),
      done('fed', '2026-04-15', []),
      done('fed', '2026-04-16', [], { arms: ['T'] }),
    ];
    expect(told(care, '2026-04-16').slice(1)).toEqual([
      '2026-04-10 potted: missed, P2 P3 left',
      '2026-04-15 fed: done, none left',
      '2026-04-29 fed: done, none left',
    ]);
    const taken = done('fed', '2026-04-16', [], { id: 'back', replaces: 'fed-2026-04-16', withdrawn: true });
    expect(told([...care, taken], '2026-04-16')[3]).toBe('2026-04-29 fed: coming, P3 P4 left');
  });

  it('wait for the start, and for no unit that is gone', () => {
    expect(stepsOnDays({ ...experiment, plan: { ...experiment.plan, lockedOn: null } }, [], '2026-05-01')).toEqual([]);
    const gone = experiment.units.map((unit) => (unit.arm === 'T' ? { ...unit, status: 'lost' as const } : unit));
    expect(stepsOnDays({ ...experiment, units: gone }, [], '2026-05-01').map(({ name, units }) => [name, units])).toEqual([['potted', 2]]);
    expect(stepMinutes(24)).toBe(12);
  });

  it('before the sowing stand at their own hour, for each arm, and are done once they have begun', () => {
    const cold = { ...blankOf(stageFields), name: 'cold', kind: 'cold' as const, hours: 72 };
    const plan = { ...experiment.plan, stages: [soak, cold], timing: { ...experiment.plan.timing, at: '10:00' } };
    const steps = (care: readonly Care[]) =>
      stepsOnDays({ ...experiment, plan }, care, '2026-03-29').map(
        ({ name, day, on, at, state }) => `${name} day ${day}, ${on} ${at}: ${state}`,
      );
    expect(steps([])).toEqual(['soak day -3, 2026-03-29 02:00: due', 'cold day -3, 2026-03-29 10:00: due']);
    const begun = done('soak', '2026-03-29', [], { arms: ['T'], began: '2026-03-29T02:05:00Z' });
    expect(steps([begun])[0]).toBe('soak day -3, 2026-03-29 02:00: done');
  });

  it('that are running end after their hours, or up to as many as they may; the first to end comes first', () => {
    const plan = { stages: [{ ...soak, hoursMost: 9 }, fed] };
    const care = [
      done('fed', '2026-04-15', [], { began: '2026-04-15T08:00:00Z' }),
      done('soak', '2026-04-01', ['P3'], { began: '2026-04-01T08:00:30Z' }),
      done('soak', '2026-03-31', ['P4'], { began: '2026-03-31T08:00:00Z', ended: '2026-03-31T16:10:00Z' }),
    ];
    expect(
      runningSteps({ plan, units: experiment.units }, care).map(({ step, units, endsFrom, endsTo }) => [step, units, endsFrom, endsTo]),
    ).toEqual([
      ['soak', ['P3'], '2026-04-01T16:00:30.000Z', '2026-04-01T17:00:30.000Z'],
      ['fed', ['P1', 'P2', 'P3', 'P4'], null, null],
    ]);
    expect(stepsOffTime({ plan, units: experiment.units }, care)).toEqual([]);
  });
});
