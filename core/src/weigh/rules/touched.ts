import { itemAt } from '../../invariant';
import type { Incident, Study } from '../../model';

export interface Touched {
  /** Names of the compared arms that it touched. */
  readonly arms: readonly string[];
  /** All compared arms alike: either all as a whole, or the same share of each. */
  readonly alike: boolean;
}

/** Which compared arms an event touched, and whether it touched them alike; no arms and no units means all. */
export function touched({ experiment }: Study, event: Incident): Touched {
  const compared = experiment.arms.filter((arm) => arm.role !== 'reference');
  if (event.arms.length === 0 && event.units.length === 0) return { arms: compared.map((arm) => arm.name), alike: true };
  const named = new Set(event.units);
  const shares = compared.map((arm) => {
    if (event.arms.includes(arm.code)) return 1;
    const own = experiment.units.filter((unit) => unit.arm === arm.code);
    return own.length === 0 ? 0 : own.filter((unit) => named.has(unit.code)).length / own.length;
  });
  return {
    arms: compared.filter((_, i) => itemAt(shares, i) > 0).map((arm) => arm.name),
    alike: shares.every((share) => Math.abs(share - itemAt(shares, 0)) < 1e-9),
  };
}
