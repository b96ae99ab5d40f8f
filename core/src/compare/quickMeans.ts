import { randomisationTest } from '../stats/resampling/randomisationTest';
import { countArrangements } from '../stats/resampling/Stratum';
import { fitArms } from './armFit';
import { armPairs, emptyContrast, type Compared, type Comparisons } from './Compared';
import type { Contrast } from './Contrast';
import { factorEffects } from './factorEffects';
import type { MeanDifference } from './Gap';
import { strataOfTwo } from './shuffleTwo';
import { alone } from './simultaneous';
import { strataOf } from './strata';
import { directly, differenceOfTwo, comparisonMethods, type Pair } from './ways';

/** Shuffles beyond which a run of many experiments goes by t alone. */
const MOST_SHUFFLES = 20_000;

/**
 * What `means` would say of the first treatment and the control, and of factors, without what runs of many experiments do not ask for: no
 * interval, and a p that holds for it too, so that it alone tells the arms apart or does not. Held against `means` in a test.
 * @param compared with values in every arm
 */
export function quickMeans(compared: Compared): Comparisons {
  const none = { tests: [], terms: [], trend: null, reasons: [] };
  const pairs = armPairs(compared);
  const [pair] = pairs;
  if (pair === undefined) return { ...none, contrasts: [] };
  if (compared.arms.length === 2) return { ...none, contrasts: [twoArms(compared, pair)] };
  const codes = compared.arms.map(({ code: arm }) => arm);
  const model = fitArms(compared.values, codes, strataOf(compared.values, compared.layout));
  const effects = factorEffects(model, compared.arms);
  if (effects.length > 0) return { ...none, contrasts: [], effects };
  const { taken, pooled } = comparisonMethods(compared, model, pairs);
  const way = taken(pair);
  const gap = way.gap(pair);
  if (gap === null || gap.error === null) return { ...none, contrasts: [emptyContrast(pair.arm, pair.versus)] };
  const t = tOf(gap);
  // With one spread the critical value is the same in every run, and known after the first.
  const p = way === pooled ? (Math.abs(t) >= way.held.critical(gap.df) ? 0.05 : 1) : way.held.p(t, gap.df);
  return { ...none, contrasts: [contrastBy(pair, gap, p)] };
}

function twoArms(compared: Compared, pair: Pair): Contrast {
  const own = directly(compared, pair);
  if (own === null || own.error === null) return emptyContrast(pair.arm, pair.versus);
  const gap = differenceOfTwo(compared, pair, own);
  const p = alone.p(tOf(gap), gap.df);
  return contrastBy(pair, gap, p > 0.05 ? p : Math.max(p, shuffledP(compared, pair)));
}

/** The shuffle's p; 0 where so many shuffles are possible that it says what t says (held in a test). */
function shuffledP({ values, layout, options }: Compared, pair: Pair): number {
  const strata = strataOfTwo(values, pair, strataOf(values, layout), (own) => own);
  return countArrangements(strata) > MOST_SHUFFLES ? 0 : (randomisationTest(strata, options)?.p ?? 1);
}

const tOf = ({ value, error }: MeanDifference) => (error ? value / error : value === 0 ? 0 : Infinity);

function contrastBy(pair: Pair, { value }: MeanDifference, p: number): Contrast {
  return { ...emptyContrast(pair.arm, pair.versus), difference: { value, ci95: null }, p };
}
