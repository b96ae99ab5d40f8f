import type { Random } from '../stats/random';
import { forArm, type Process } from '../model/Truth';

type Sprouting = Extract<Process, { process: 'sprouting' }>;

/**
 * Days on which the seeds of a unit sprout, Infinity for those that never do. A seed sprouts once the warmth above the base adds up to its own
 * thermal time. Source: Garcia-Huidobro et al. (1982) J Exp Bot 33:288–296 for thermal time with a spread between seeds.
 * @param shift moves the unit's share of living seeds, in logits
 */
export function sproutDays(process: Sprouting, arm: string, seeds: number, temperature: number, shift: number, source: Random): number[] {
  const share = forArm(process.share, arm);
  const odds = (share / Math.max(1e-12, 1 - share)) * Math.exp(shift);
  const living = share >= 1 ? 1 : odds / (1 + odds);
  const warmth = Math.max(0, temperature - process.base);
  return Array.from({ length: seeds }, () => {
    const alive = source.share() < living;
    const need = forArm(process.thermalTime, arm) * Math.exp(source.normal(0, process.seedSpread));
    return alive && warmth > 0 ? need / warmth : Infinity;
  });
}
