import type { Experiment } from '../model';

/** mL of mix that a thing usually holds (common practice); what is not named here holds none. */
const usual: Readonly<Record<string, number>> = { pot: 400, pouch: 400, tray: 1500, cell: 60 };

/**
 * How much mix goes into each: as was said, or what such a thing usually holds.
 * @returns 0 where none does
 */
export function mixEach({ plan }: Pick<Experiment, 'plan'>): {
  readonly amount: number;
  readonly unit: 'mL' | 'g';
  readonly isUsual: boolean;
} {
  const { mediumEach, mediumBy } = plan.kit;
  if (mediumEach !== null) return { amount: mediumEach, unit: mediumBy, isUsual: false };
  const indoors = plan.place !== 'water culture' && plan.place !== 'ground';
  return { amount: indoors ? (usual[plan.unitNoun.toLowerCase()] ?? 0) : 0, unit: 'mL', isUsual: true };
}
