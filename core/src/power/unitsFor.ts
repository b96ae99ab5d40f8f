import { fewestUnits } from '../study/replicates';
import { unitsForPowerT } from '../stats/powerT';
import { chanceOf, type Chance, type ChanceOptions } from './chanceOf';
import type { Design } from './Design';

/** Beyond it the closed form is as good as playing through (held in a test), and quicker. */
export const MOST_PLAYED = 60;

/** Replicates an arm that give a chance, and what was tried to find them. */
export interface Needed {
  readonly units: number;
  readonly tried: readonly Chance[];
}

/**
 * Fewest replicates an arm that give the wanted chance of a clear answer; never fewer than a shuffle can show anything with.
 * @param design what is played
 * @param options seed, number of runs, and who watches
 * @param wanted chance of a clear answer, from 0 to 1
 * @returns their number, beyond all counting where next to nothing matters, Infinity where not even 120 do it, and what was tried
 */
export function unitsFor(design: Design, options: ChanceOptions = {}, wanted = 0.8): Needed {
  const least = fewestUnits(design.layout);
  const level = 0.05 / (design.arms.length - 1);
  const guess = Math.max(least, Math.ceil(unitsForPowerT(design.matters, design.spread, wanted, level) - 1e-9));
  if (guess > MOST_PLAYED) return { units: guess, tried: [] };
  const tried = new Map<number, Chance>();
  const isEnough = (units: number) => {
    const found = tried.get(units) ?? chanceOf(design, units, options);
    tried.set(units, found);
    return found.chance >= wanted;
  };
  let [low, high] = isEnough(guess) ? [least - 1, guess] : [guess, guess + 1];
  for (let step = 1; high > guess && !isEnough(high); step *= 2) {
    if (high >= MOST_PLAYED * 2) return { units: Infinity, tried: inOrder(tried) };
    [low, high] = [high, Math.min(high + step, MOST_PLAYED * 2)];
  }
  for (let step = 1; high <= guess && high - step > low; step *= 2) {
    if (isEnough(high - step)) high -= step;
    else low = high - step;
  }
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (isEnough(middle)) high = middle;
    else low = middle;
  }
  return { units: high, tried: inOrder(tried) };
}

/**
 * With how many one starts, so that enough are there at the end.
 * @param enough replicates an arm at the end
 * @param survival share that is expected to be there, above 0 and up to 1; null where nobody said
 * @returns replicates an arm at the start, a whole number
 */
export const toStartWith = (enough: number, survival: number | null): number =>
  survival === null || survival <= 0 ? enough : Math.ceil(enough / survival - 1e-9);

const inOrder = (tried: ReadonlyMap<number, Chance>) => [...tried.values()].sort((a, b) => a.units - b.units);
