import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { blankOf, stageFields, type Experiment, type Stage } from '../model';
import { anArm, anExperiment, aUnit } from '../testing';
import { plannedTimes } from '../study/schedule/plannedTimes';
import { localOf, minuteOf } from '../study/schedule/zoned';
import { moveStep } from './moveStep';
import { schoolHours, setSowing, setTiming } from './timing';

const stage = (name: string, more: Partial<Stage>): Stage => ({ ...blankOf(stageFields), name, ...more });
const base = anExperiment({ arms: [anArm('C'), anArm('V')], units: ['C', 'C', 'V', 'V'].map((arm, i) => aUnit(`P${i + 1}`, arm)) });
function plan(stages: readonly Stage[], lockedOn: string | null = null): Experiment {
  return setSowing({ ...base, plan: { ...base.plan, lockedOn, stages } }, '2027-03-10', '10:00');
}
const cold = stage('cold', { kind: 'cold', hours: 720, hoursMost: 1008 });
const soak = stage('soak', { arms: ['V'], hours: 18 });
const at = (date: string, clock: string) => minuteOf({ date, clock }, '');
const stepOf = (experiment: Experiment, name: string) => {
  const step = plannedTimes(experiment).steps.find(({ stage: i }) => itemAt(experiment.plan.stages, i).name === name);
  if (!step) throw new Error(`no step ${name}`);
  return step;
};
function moved(experiment: Experiment, name: string, to: number): Experiment {
  const result = moveStep(experiment, stepOf(experiment, name), to, -Infinity);
  if ('why' in result) throw new Error(result.why);
  return result.experiment;
}
const begins = (experiment: Experiment, name: string) => Object.values(localOf(stepOf(experiment, name).begins, '')).join(' ');

describe('a step that is moved', () => {
  it('takes the sowing and the others with it', () => {
    const after = moved(plan([soak, cold]), 'cold', at('2027-02-11', '10:00'));
    expect(after.startedOn).toBe('2027-03-13');
    expect(begins(after, 'soak')).toBe('2027-02-10 16:00');
  });

  it('becomes longer alone where the sowing is fixed and it may', () => {
    const after = moved(plan([soak, cold], '2027-01-01'), 'cold', at('2027-02-01', '10:00'));
    expect(after.startedOn).toBe('2027-03-10');
    expect(begins(after, 'cold')).toBe('2027-02-01 10:00');
    expect(begins(after, 'soak')).toBe('2027-01-31 16:00');
  });

  it('or is told why it cannot stand there, and nothing changes', () => {
    const frozen = plan([soak, cold], '2027-01-01');
    expect(moveStep(frozen, stepOf(frozen, 'cold'), at('2027-03-01', '10:00'), -Infinity)).toEqual({
      why: expect.stringMatching(/It cannot stand there\. .*does not hold\. The day of sowing is fixed since the start\./) as string,
    });
    const busy = setTiming(plan([soak]), { presence: schoolHours });
    const result = moveStep(busy, stepOf(busy, 'soak'), at('2027-03-08', '22:00'), -Infinity);
    expect(result).toEqual({ why: expect.stringContaining('when nobody is there') as string });
  });

  it('after the sowing goes to another day; not before the sowing, not twice on one day, not once it is frozen', () => {
    const fed = plan([stage('fed', { days: [14, 28] })]);
    const after = moved(fed, 'fed', at('2027-03-26', '15:00'));
    expect(after.plan.stages[0]).toMatchObject({ days: [16, 28], at: '15:00' });
    const why = (experiment: Experiment, to: number) => moveStep(experiment, stepOf(experiment, 'fed'), to, -Infinity);
    expect(why(fed, at('2027-04-07', '10:00'))).toEqual({ why: 'It is done on day 28 already.' });
    expect(why(fed, at('2027-03-01', '10:00'))).toMatchObject({ why: expect.stringMatching(/comes after the sowing/) as string });
    expect(why({ ...fed, plan: { ...fed.plan, lockedOn: '2027-03-01' } }, at('2027-03-26', '10:00'))).toMatchObject({
      why: expect.stringMatching(/by an amendment/) as string,
    });
  });
});
