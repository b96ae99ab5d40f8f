import { hazards } from '../data/hazards';
import { hazardsOfPutIn } from '../data/putIn';
import { hazardCodes, type Experiment, type Hazard, type Plan, type Stage } from '../model';
import { cropOf } from './crop';
import { holdsMix } from './mixEach';

export type Hazardous = Pick<Stage, 'kind' | 'hazards'>;

/** What a kind of step brings with it, whatever else is said of it. */
const ofKind: Readonly<Partial<Record<Stage['kind'], Hazard>>> = { heat: 'heat', cold: 'cold', spray: 'spray' };

/** What can hurt someone at a step: by its kind, and by what was said. */
export function hazardsAt({ kind, hazards: said }: Hazardous): readonly Hazard[] {
  const own = ofKind[kind];
  return [...(own ? [own] : []), ...(said ?? [])];
}

/** What hazards are found in. */
export type HasHazards = Pick<Experiment, 'plan' | 'arms'>;

/** What can hurt someone, from what the plan says: its groups, steps, place, lamps and crop, what is put in, what it grows in, and what was ticked. */
export function hazardsOf({ plan, arms }: HasHazards): readonly Hazard[] {
  const { stages, bench, place, plant, propagule } = plan;
  const underLamps = bench.some(({ light }) => light === 'lamp');
  const inSoil = place === 'bed' || place === 'ground' || holdsMix(plan);
  const found = new Set<Hazard>([
    ...plan.hazards,
    ...arms.flatMap(({ hazards: own }) => own),
    ...stages.flatMap(hazardsAt),
    ...(underLamps ? (['lamp', 'electricity'] as const) : []),
    ...(inSoil ? (['soil'] as const) : []),
    ...(cropOf(plan)?.hazards ?? []),
    ...(plant === '' ? [] : hazardsOfPutIn(propagule)),
  ]);
  return hazardCodes.filter((code) => found.has(code));
}

/**
 * Steps of which nobody has said whether they can hurt someone.
 * @returns their names
 */
export const unaskedSteps = ({ stages }: Pick<Plan, 'stages'>): string[] =>
  stages.filter(({ hazards: said }) => said === null).map(({ name }) => name);

/**
 * Whether something of a treatment could get into the control by hands, tools or drips.
 * @returns by routes that were said, by solutions, and by what clings
 */
export function couldSpread({ plan, arms }: HasHazards): boolean {
  return plan.spilloverRoutes.length > 0 || plan.kit.solutions.length > 0 || hazardsOf({ plan, arms }).some((code) => hazards[code].clings);
}

/**
 * Hazards that meet at a step: its own, and those of what its arms get.
 * @param step one of the plan's
 */
export const hazardsMeeting = (step: Stage, arms: HasHazards['arms']): readonly Hazard[] => [
  ...hazardsAt(step),
  ...arms.filter(({ code }) => step.arms.includes(code)).flatMap(({ hazards: own }) => own),
];
