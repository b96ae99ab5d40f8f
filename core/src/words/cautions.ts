import { hazards, NEVER_HEAT } from '../data/hazards';
import { hazardCodes, type Hazard, type Plan } from '../model';
import { cropOf } from '../study/crop';
import { hazardsAt, hazardsMeeting, hazardsOf, type Hazardous, type HasHazards } from '../study/hazardsOf';

/** Sentences for hazards that meet. */
function cautionsFor(found: readonly Hazard[], together: readonly (readonly Hazard[])[]): string[] {
  const heated = together.some((at) => at.includes('heat') && at.includes('chemical'));
  return [...(heated ? [NEVER_HEAT] : []), ...found.map((code) => hazards[code].caution)];
}

/**
 * What to take care of at a step.
 * @returns sentences, the worst first; empty where nothing can hurt
 */
export function stepCautions(step: Hazardous): string[] {
  const at = hazardsAt(step);
  return cautionsFor(
    hazardCodes.filter((code) => at.includes(code)),
    [at],
  );
}

function cropCaution(plan: Plan): string[] {
  const caution = cropOf(plan)?.caution ?? null;
  return caution === null ? [] : [caution];
}

/**
 * Every caution of a plan, the person's own first. They follow the plan until it starts; then they are kept as they read.
 * @param planned a plan with its own cautions, steps, places and groups
 * @returns each once
 */
export function cautionsOf({ plan, arms }: HasHazards): string[] {
  const own = plan.cautions.filter((line) => line.trim() !== '');
  if (plan.lockedOn !== null) return [...new Set(own)];
  const meeting = plan.stages.map((stage) => hazardsMeeting(stage, arms));
  return [...new Set([...own, ...cropCaution(plan), ...cautionsFor(hazardsOf({ plan, arms }), meeting)])];
}
