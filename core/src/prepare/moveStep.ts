import { itemAt } from '../invariant';
import { daysBetween, type Experiment, type Pin } from '../model';
import { plannedTimes, type TimedStep } from '../study/schedule/plannedTimes';
import { boundsAround, jointSchedule } from '../study/schedule/schedule';
import { earliest, latest } from '../study/schedule/spans';
import { localOf } from '../study/schedule/zoned';
import { setSowing, setTiming } from './timing';

export type Moved = { readonly experiment: Experiment } | { readonly why: string };

/**
 * Puts a step at another moment; the rest follows, or it is said why not. Within what a step may last, it alone becomes longer or shorter;
 * beyond that the sowing moves with it. One that comes after the sowing goes to another day.
 * @param experiment a plan with a day 0
 * @param step as it is planned now
 * @param to minute at which it is to begin
 * @param now minute before which nothing can begin
 * @returns the plan after the edit, or why not
 */
export function moveStep(experiment: Experiment, step: TimedStep, to: number, now: number): Moved {
  if (step.day !== null) return moveDay(experiment, step, to);
  const { timing, stages } = experiment.plan;
  const { sowing, steps } = plannedTimes(experiment, now);
  if (sowing === null) return { why: 'There is no day of sowing yet. Choose one first.' };
  const isFrozen = experiment.plan.lockedOn !== null;
  const shifted = isFrozen ? null : sownAt(experiment, sowing + to - step.begins);
  if (shifted && standsAt(shifted, step, to, now)) return { experiment: shifted };
  const arms = steps.filter((own) => own.stage === step.stage && own.begins === step.begins).map(({ arm }) => arm);
  const held = withPins(experiment, itemAt(stages, step.stage).name, arms, to);
  if (standsAt(held, step, to, now)) return { experiment: held };
  const { date } = localOf(sowing, timing.zone);
  const possible = jointSchedule(held, boundsAround(held, date, now)).sowing;
  const [before, behind] = [latest(possible, sowing), earliest(possible, sowing)];
  const near = [before, behind].filter((minute) => minute !== null).sort((a, b) => Math.abs(a - sowing) - Math.abs(b - sowing))[0];
  const along = near === undefined || isFrozen ? null : sownAt(held, Math.ceil(near));
  if (along && standsAt(along, step, to, now)) return { experiment: along };
  const unmet = plannedTimes(shifted ?? held, now).unmet[0]?.wish;
  const frozen = isFrozen ? ' The day of sowing is fixed since the start.' : '';
  return { why: `It cannot stand there. ${unmet ?? 'A length or the order would not hold.'}${frozen}` };
}

/** Whether the step begins at that minute, and every wish is met. */
function standsAt(experiment: Experiment, { stage, arm }: TimedStep, to: number, now: number): boolean {
  const { steps, unmet } = plannedTimes(experiment, now);
  const before = unmet.filter(({ isDayOff }) => !isDayOff);
  return before.length === 0 && steps.some((own) => own.day === null && own.stage === stage && own.arm === arm && own.begins === to);
}

function sownAt(experiment: Experiment, minute: number): Experiment {
  const { date, clock } = localOf(minute, experiment.plan.timing.zone);
  return setSowing(setTiming(experiment, { pins: [] }), date, clock);
}

function withPins(experiment: Experiment, stage: string, arms: readonly string[], to: number): Experiment {
  const { pins, zone } = experiment.plan.timing;
  const { date, clock } = localOf(to, zone);
  const others = pins.filter((pin) => pin.stage !== stage || !arms.includes(pin.arm));
  return setTiming(experiment, { pins: [...others, ...arms.map((arm): Pin => ({ stage, arm, on: date, at: clock }))] });
}

function moveDay(experiment: Experiment, { stage, day }: TimedStep, to: number): Moved {
  const { plan, startedOn } = experiment;
  if (startedOn === null || day === null) return { why: 'There is no day 0 yet.' };
  if (plan.lockedOn !== null) return { why: 'The plan is frozen since the start. Change its days by an amendment, in Plan.' };
  const { date, clock } = localOf(to, plan.timing.zone);
  const next = daysBetween(startedOn, date);
  if (next < 0) return { why: 'It comes after the sowing. One that comes before has no days: take them away in Plan.' };
  const { days } = itemAt(plan.stages, stage);
  if (next !== day && days.includes(next)) return { why: `It is done on day ${next} already.` };
  const moved = days.map((own) => (own === day ? next : own)).sort((a, b) => a - b);
  const stages = plan.stages.map((own, i) => (i === stage ? { ...own, days: moved, at: Number.isInteger(day) ? clock : own.at } : own));
  return { experiment: { ...experiment, plan: { ...plan, stages } } };
}
