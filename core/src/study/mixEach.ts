import { containerOf } from '../data/containers';
import type { Experiment, Plan } from '../model';
import { cropName, cropOf } from './crop';

/** How much mix goes into each unit. */
export interface MixEach {
  readonly amount: number;
  readonly unit: 'mL' | 'g';
  /** Where nobody has said it: what such a container usually holds, or the crop whose plants need it to their harvest. */
  readonly usual: { readonly crop: string | null } | null;
}

/** Whether units hold mix: as was said, or by what they are. */
export function holdsMix({ kit, place, unitNoun }: Plan): boolean {
  if (kit.mediumEach !== null) return kit.mediumEach > 0;
  return place !== 'water culture' && place !== 'ground' && containerOf(unitNoun).mix > 0;
}

/**
 * How much mix goes into each: as was said; what its plants need where a pot is kept until the harvest; else what such a thing usually holds.
 * @returns 0 where none does
 */
export function mixEach({ plan, measures }: Pick<Experiment, 'plan' | 'measures'>): MixEach {
  const { mediumEach, mediumBy } = plan.kit;
  if (mediumEach !== null) return { amount: mediumEach, unit: mediumBy, usual: null };
  const { mix } = containerOf(plan.unitNoun);
  if (!holdsMix(plan)) return { amount: 0, unit: 'mL', usual: { crop: null } };
  const crop = cropOf(plan);
  const last = Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays));
  const grown = crop?.harvest && last >= crop.harvest[0] ? crop.pot * (plan.plantsKept ?? 1) : 0;
  return grown > mix ? { amount: grown, unit: 'mL', usual: { crop: cropName(plan) } } : { amount: mix, unit: 'mL', usual: { crop: null } };
}
