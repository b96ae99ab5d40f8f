import { random } from '../stats/random';
import type { Interval } from '../stats/meanInterval';
import { checkIn, type Watch } from '../stats/resampling/Stratum';
import { wilson } from '../stats/wilson';
import { simulateStudy } from '../simulate/simulateStudy';
import { expectedOf, plainTruth, type Experiment, type Measure, type Truth } from '../model';
import { isShare, kindOf } from '../kinds';
import { comparedArms } from '../compare/comparedArms';
import { unitData } from '../study/curves';
import { weighMeasure } from '../weigh/weighMeasure';
import { mostUnitsPerArm, dealAnew } from '../plan/replan';

export interface ChanceOptions extends Watch {
  readonly seed: number;
  /** Simulated experiments. */
  readonly runs?: number;
}

/** How often a design gives a clear answer when the difference is just as large as matters. */
export interface Chance {
  /** Units an arm. */
  readonly units: number;
  readonly chance: number;
  /** Monte Carlo interval of the chance (Wilson). */
  readonly ci95: Interval;
  readonly runs: number;
}

const RUNS = 400;

/**
 * The hidden truth of power runs: the first treatment differs from the control by just what matters, the others do not differ.
 * @param experiment a plan
 * @returns null where the plan has no guess of the control's value or of the spread, or no smallest difference
 */
export function powerTruth({ arms, measures, plan, units }: Experiment): Truth | null {
  const primary = measures.find((measure) => measure.primary);
  const [control, treated] = comparedArms(arms);
  const { controlGuess, spreadGuess } = plan;
  if (!primary || !control || !treated || controlGuess === null || !spreadGuess || !primary.smallestDifference) return null;
  const { process, unitSpread } = kindOf(primary).drawn({
    control: controlGuess,
    shift: (expectedOf(primary) === 'less' ? -1 : 1) * primary.smallestDifference,
    byArm: (from, to) => ({ '': from, [treated.arm]: to }),
    spread: spreadGuess,
    sown: Math.max(1, ...units.map((unit) => unit.sown ?? 1)),
    share: isShare(primary, units),
  });
  return plainTruth({ [primary.measure]: process }, { unitSpread });
}

/**
 * The chance of a clear answer ("supported" or "small") for so many units an arm, by simulating this very design and weighing it up with
 * the analysis that will be run.
 * @param experiment a plan
 * @param units an arm
 * @param options seed of the runs, their number, and who watches them
 * @returns null where `powerTruth` is null
 */
export function chanceOfAnswer(experiment: Experiment, units: number, { seed, runs = RUNS, ...watch }: ChanceOptions): Chance | null {
  const truth = powerTruth(experiment);
  const primary = experiment.measures.find((own) => own.primary);
  if (truth === null || !primary) return null;
  const design = lastReadingOnly(dealAnew(experiment, { unitsPerArm: units, seed }), primary);
  const [measure] = design.measures;
  const treated = comparedArms(design.arms)[1].arm;
  const source = random(seed);
  let clear = 0;
  for (let run = 0; run < runs; run++) {
    checkIn(watch, run / runs);
    const { study } = simulateStudy(design, truth, { seed: source.int(0, 0x7fffffff) });
    const result = weighMeasure(study, measure, unitData(study, measure), [], { seed: run, beside: false, signal: watch.signal });
    const row = result.comparisons.find(({ arm }) => arm === treated);
    if (row?.verdict === 'supported' || row?.verdict === 'small') clear++;
  }
  return { units, chance: clear / runs, ci95: wilson(clear, runs) ?? [0, 1], runs };
}

/**
 * Fewest units an arm that give the wanted chance, by bisection.
 * @param experiment a plan
 * @param options seed of the runs, their number, and who watches them
 * @param wanted chance of a clear answer, from 0 to 1
 * @returns every number that was tried with its chance; `units` is null where not even `most` would do
 */
export function unitsForChance(
  experiment: Experiment,
  options: ChanceOptions,
  wanted = 0.8,
): { readonly units: number | null; readonly most: number; readonly tried: readonly Chance[] } {
  const tried = new Map<number, Chance>();
  const steps = Math.ceil(Math.log2(60)) + 2;
  const enough = (units: number): boolean => {
    const done = tried.size;
    const found =
      tried.get(units) ??
      chanceOfAnswer(experiment, units, { ...options, onProgress: (share) => options.onProgress?.(Math.min(1, (done + share) / steps)) });
    if (found) tried.set(units, found);
    return found !== null && found.chance >= wanted;
  };
  const most = Math.min(60, mostUnitsPerArm(experiment.arms.length));
  let units: number | null = null;
  if (enough(most)) {
    let [low, high] = [1, most];
    while (high - low > 1) {
      const middle = Math.floor((low + high) / 2);
      if (enough(middle)) high = middle;
      else low = middle;
    }
    units = high;
  }
  return { units, most, tried: [...tried.values()].sort((a, b) => a.units - b.units) };
}

/** Only the primary, read on its last day (what is timed on all of them), without losses: all that a run needs. */
function lastReadingOnly(experiment: Experiment, primary: Measure): Experiment {
  const kind = kindOf(primary);
  const days = kind.timed && primary.readingDays.length > 0 ? primary.readingDays : [Math.max(1, ...primary.readingDays)];
  const measure = { ...kind.simulated(primary), readingDays: days, when: kind.fresh.when };
  return { ...experiment, startedOn: experiment.startedOn ?? '2026-01-01', measures: [measure] };
}
