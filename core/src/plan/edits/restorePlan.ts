import type { Experiment } from '../../model';

/**
 * A plan as it was before an edit. What is no plan stays as it is now: the writer's words, what became of each unit, the start and the
 * amendments.
 * @param before the experiment before the edit
 * @param now the experiment as it stands
 * @returns the experiment with the plan of before
 */
export function restorePlan(before: Experiment, now: Experiment): Experiment {
  const states = new Map(now.units.map(({ unit, status, statusReason }) => [unit, { status, statusReason }]));
  return {
    ...before,
    startedOn: now.plan.frozenOn === null ? before.startedOn : now.startedOn,
    endedOn: now.endedOn,
    writing: now.writing,
    units: before.units.map((unit) => ({ ...unit, ...states.get(unit.unit) })),
    plan: { ...before.plan, frozenOn: now.plan.frozenOn, amendments: now.plan.amendments },
  };
}
