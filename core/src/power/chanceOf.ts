import { itemAt } from '../invariant';
import type { Contrast, Effect, UnitValue } from '../compare/Contrast';
import type { Compared } from '../compare/Compared';
import { kindOf, type Weighed } from '../kinds';
import { blankOf, expectedOf, unitFields, type Unit, type UnitData } from '../model';
import type { Interval } from '../stats/meanInterval';
import { random, type Random } from '../stats/random';
import { checkIn, type Watch } from '../stats/resampling/Stratum';
import { wilson } from '../stats/wilson';
import { judge } from '../compare/judge';
import type { Design } from './Design';

/** Experiments that are played through for one chance, and the seed that all places share, so that none says another number. */
export const RUNS = 400;
export const SEED = 20_260_401;
/** Shuffles in each of them. */
const DRAWS = 999;
const MOST_KNOWN = 2000;

export interface ChanceOptions extends Watch {
  readonly seed?: number;
  readonly runs?: number;
}

/** How often a design gives a clear answer when the difference is just as large as matters, or none where none is expected. */
export interface Chance {
  /** Replicates an arm, the fewest of all arms. */
  readonly units: number;
  readonly chance: number;
  /** Monte Carlo interval of the chance (Wilson). */
  readonly ci95: Interval;
  readonly runs: number;
}

const known = new Map<string, Chance>();

/**
 * The chance of a clear answer ("supported" or "small"; "no difference that matters" where all are expected to be alike): the design played
 * through and judged as the real one will be. What is asked first differs from the control by just what matters; nothing else differs.
 * @param design what is played
 * @param units replicates of each arm, or of all
 * @param options seed, number of runs, and who watches
 * @returns the chance with its Monte Carlo interval; the same for the same design
 * @throws {Stopped} where `signal` was aborted
 */
export function chanceOf(
  design: Design,
  units: number | readonly number[],
  { seed = SEED, runs = RUNS, ...watch }: ChanceOptions = {},
): Chance {
  const counts = typeof units === 'number' ? design.arms.map(() => units) : units;
  const key = JSON.stringify([design, counts, seed, runs]);
  const before = known.get(key);
  if (before) return before;
  const all = replicatesOf(design, counts);
  const data = all.map((unit): UnitData => ({ unit, curve: [], nothingFrom: null }));
  const moved = movedArms(design);
  const source = random(seed);
  let clear = 0;
  for (let run = 0; run < runs; run++) {
    checkIn(watch, run / runs);
    if (isClear(design, data, playedOnce(design, all, moved, source), run)) clear++;
  }
  const found = { units: Math.min(...counts), chance: clear / runs, ci95: wilson(clear, runs) ?? ([0, 1] as const), runs };
  if (known.size < MOST_KNOWN) known.set(key, found);
  return found;
}

/** Replicates of each arm, dealt evenly over the blocks. */
function replicatesOf({ arms, layout, blocks, sown, share }: Design, counts: readonly number[]): Unit[] {
  return arms.flatMap(({ code: arm }, at) =>
    Array.from({ length: itemAt(counts, at) }, (_, i): Unit => {
      const block = layout === 'completely-random' ? null : String(layout === 'pairs' ? i : i % blocks);
      return { ...blankOf(unitFields), code: `${arm}-${i}`, arm, block, sown: share ? sown : null };
    }),
  );
}

/** Arms that differ from the control by what matters: the one that is asked about, or those with the level that is. */
function movedArms({ arms, asked: { factor, group } }: Design): readonly string[] {
  return factor === null ? [group] : arms.filter((arm) => arm.factors[factor] === group).map(({ code }) => code);
}

function playedOnce(design: Design, units: readonly Unit[], moved: readonly string[], source: Random): UnitValue[] {
  const { one } = kindOf(design.measure);
  return units.map(({ code: unit, arm, block }) => {
    const middle = design.control + (moved.includes(arm) ? design.difference : 0);
    return { unit, arm, block, value: one(design, middle, source) };
  });
}

function isClear(design: Design, data: readonly UnitData[], values: readonly UnitValue[], run: number): boolean {
  const { arms, asked, layout, comparison, measure, share, matters } = design;
  const expected = expectedOf(measure);
  const isAlike = expected === 'alike';
  const kind = kindOf(measure);
  const options = { seed: run, draws: DRAWS };
  const compared: Compared = {
    values,
    arms,
    layout,
    comparison,
    matters: isAlike ? matters : null,
    options,
    beside: false,
    // Whether they are alike is told by the interval, which the quick way leaves out.
    quick: !isAlike,
  };
  const weighed: Weighed = { measure, data, share, values, unitValues: values };
  const { contrasts, effects = [] } = kind.compare(compared, weighed);
  const row: Contrast | Effect | undefined =
    asked.factor === null
      ? contrasts.find(({ arm, versus }) => arm === asked.group && versus === asked.against)
      : effects.find(({ factor, level }) => factor === asked.factor && level === asked.group);
  if (!row) return false;
  const code = judge(row, expected, matters, kind.byEye);
  return isAlike ? code === 'no-difference-that-matters' : code === 'supported' || code === 'small';
}
