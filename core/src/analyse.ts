import { itemAt } from './invariant';
import type { Study } from './model';
import { fairTest } from './plan/fairTest';
import { holm } from './stats/holm';
import type { Watch } from './stats/resampling/Stratum';
import type { MeasureResult, Result } from './weigh/Result';
import { unitData } from './study/curves';
import { validity } from './weigh/validity';
import { weighMeasure } from './weigh/weighMeasure';

export interface AnalyseOptions extends Watch {
  /** Seed of the Monte Carlo draws; stands in the result wherever it was used. */
  readonly seed?: number;
  /** Calendar date where one looks while it runs: what is planned for it is not missed yet. */
  readonly today?: string;
}

/** Seed where none is given, so that the screen and the command line say the same. */
const DEFAULT_SEED = 20_260_401;

/**
 * The whole result of a study: the two checks, and for each measure its arms, tests, comparisons and verdict.
 * Pure: the same study and seed give the same result to the last digit on every machine.
 * @param study an experiment with all that was logged
 * @param options a seed, and who watches: `signal` to stop it, `onProgress` with the share done
 * @returns what the command line prints with `--json`
 * @throws {Stopped} where `signal` was aborted
 */
export function analyse(study: Study, options: AnalyseOptions = {}): Result {
  const review = [...fairTest(study.experiment), ...validity(study, options.today)];
  const { measures } = study.experiment;
  const weighed = measures.map((measure, i) =>
    weighMeasure(study, measure, unitData(study, measure), review, {
      seed: options.seed ?? DEFAULT_SEED,
      beside: true,
      today: options.today,
      signal: options.signal,
      onProgress: (share) => options.onProgress?.((i + share) / measures.length),
    }),
  );
  return { formatVersion: 1, title: study.experiment.title, review, measures: withAlsoSeen(weighed) };
}

/** Measures that are not primary carry no verdict of their own on screen: their smallest p is Holm-adjusted over all of them. */
function withAlsoSeen(weighed: readonly MeasureResult[]): MeasureResult[] {
  const smallest = (result: MeasureResult) =>
    result.comparisons.reduce<number | null>((least, { p }) => (p !== null && (least === null || p < least) ? p : least), null);
  const seen = weighed.filter((result) => !result.primary && smallest(result) !== null);
  const adjusted = holm(seen.map((result) => smallest(result) ?? 1));
  return weighed.map((result) => (seen.includes(result) ? { ...result, alsoSeenP: itemAt(adjusted, seen.indexOf(result)) } : result));
}
