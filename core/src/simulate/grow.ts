import { growthLimit, stretch } from './limits';
import { forArm, type Conditions, type Process } from '../model/Truth';

type Growth = Extract<Process, { process: 'growth' }>;

/** A plant day by day: mass as a share of full size, and height that stretches in poor light. */
export interface PlantDay {
  readonly mass: number;
  readonly height: number;
}

/**
 * Logistic growth from a seedling of 3% of full size; one entry a day from day 0 to `days`.
 * @param factor multiplies the pace: unit, plant and place effects together
 * @param harmed pace from a day on, for pests
 */
export function grow(
  process: Growth,
  arm: string,
  conditions: Conditions,
  days: number,
  factor: number,
  harmed: { day: number; pace: number } | null,
): PlantDay[] {
  const series: PlantDay[] = [];
  const limit = growthLimit(conditions);
  let mass = 0.03;
  let height = 0.03;
  for (let day = 0; day <= days; day++) {
    series.push({ mass, height });
    const effect = forArm(process.turns && day >= process.turns.day ? process.turns.effect : process.effect, arm);
    const pace = process.rate * limit * effect * factor * (harmed && day >= harmed.day ? harmed.pace : 1);
    const gain = Math.max(0, pace) * mass * (1 - mass);
    mass = Math.min(1, mass + gain);
    height = Math.min(1.8, height + gain * stretch(conditions.light));
  }
  return series;
}

/** What is measured of a plant on a day, in the measure's unit; legginess is height over mass, 1 for a stout plant. */
export function readPlant(process: Growth, plant: PlantDay): number {
  if (process.reads === 'legginess') return (plant.height / plant.mass) * process.size;
  return (process.reads === 'height' ? plant.height : plant.mass) * process.size;
}
