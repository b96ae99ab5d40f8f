import { factorEffects } from './factorEffects';
import { fitArms, pooledGap } from './armFit';
import { armPairs, emptyContrast, type Compared, type Comparisons } from './Compared';
import type { Contrast, UnitValue } from './Contrast';
import { cautious, directGap, type DirectGap } from './directGap';
import type { Gap } from './Gap';
import { randomisationTest } from '../stats/resampling/randomisationTest';
import { countArrangements } from '../stats/resampling/Stratum';
import { strataOfTwo } from './shuffleTwo';
import { allPairs, alone, t3, withControl } from './simultaneous';
import { spreadsAlike } from './spreadsAlike';
import { strataOf } from './strata';

/** Shuffles beyond which a run of many experiments goes by t alone. */
const MOST_SHUFFLES = 20_000;

/**
 * What `means` would say of the first treatment and the control, and of factors, without what runs of many experiments do not ask for: no
 * interval, and a p that holds for it too, so that it alone tells the arms apart or does not. Held against `means` in a test.
 * @param compared with values in every arm
 */
export function quickMeans(compared: Compared): Comparisons {
  const none = { tests: [], terms: [], trend: null, reasons: [] };
  const stratum = strataOf(compared.values, compared.layout);
  const [pair] = armPairs(compared);
  if (compared.arms.length === 2) return { ...none, contrasts: [twoArms(compared, pair, stratum)] };
  const model = fitArms(
    compared.values,
    compared.arms.map(({ arm }) => arm),
    stratum,
  );
  const effects = factorEffects(model, compared.arms);
  if (effects.length > 0) return { ...none, contrasts: [], effects };
  const all = compared.comparison === 'all-pairs';
  const weights = compared.arms.map(({ arm }) => model.weights(arm) ?? []);
  if (spreadsAlike(model)) {
    const gaps = weights.slice(1).map((treated) => treated.map((weight, i) => weight - weights[0][i]));
    const held = all ? allPairs(compared.arms.length) : withControl(model, gaps);
    const gap = pooledGap(model, weights[1], weights[0]);
    // The critical value is the same in every run, and known after the first.
    return { ...none, contrasts: [contrastBy(pair, gap, Math.abs(tOf(gap)) >= held.critical(gap.df) ? 0.05 : 1)] };
  }
  const own = between(compared, pair, stratum);
  const gap = own && cautious(own);
  const held = all ? allPairs(compared.arms.length) : t3(compared.arms.length - 1);
  return { ...none, contrasts: [gap === null ? emptyContrast(pair.arm, pair.versus) : contrastBy(pair, gap, held.p(tOf(gap), gap.df))] };
}

type Pair = ReturnType<typeof armPairs>[number];

function twoArms(compared: Compared, pair: Pair, stratum: (unit: UnitValue) => string): Contrast {
  const own = between(compared, pair, stratum);
  if (own === null) return emptyContrast(pair.arm, pair.versus);
  const model = compared.layout === 'blocks' ? fitArms(compared.values, [pair.versus, pair.arm], stratum) : null;
  const [treated, control] = [model?.weights(pair.arm), model?.weights(pair.versus)];
  const gap = model && treated && control && spreadsAlike(model) ? pooledGap(model, treated, control) : own;
  const p = alone.p(tOf(gap), gap.df);
  return contrastBy(pair, gap, p > 0.05 ? p : Math.max(p, shuffledP(compared, pair, stratum)));
}

/** The shuffle's p; 0 where so many shuffles are possible that it says what t says (held in a test). */
function shuffledP(compared: Compared, pair: Pair, stratum: (unit: UnitValue) => string): number {
  const strata = strataOfTwo(compared.values, pair, stratum, (own) => own);
  return countArrangements(strata) > MOST_SHUFFLES ? 0 : (randomisationTest(strata, compared.options)?.p ?? 1);
}

function between({ values }: Compared, { arm, versus }: Pair, stratum: (unit: UnitValue) => string): DirectGap | null {
  const of = (code: string) => values.filter((unit) => unit.arm === code);
  const gap = directGap(of(arm), of(versus), stratum);
  return gap === null || gap.error === null ? null : gap;
}

const tOf = ({ value, error }: Gap) => (error ? value / error : value === 0 ? 0 : Infinity);

function contrastBy(pair: Pair, { value }: Gap, p: number): Contrast {
  return { ...emptyContrast(pair.arm, pair.versus), difference: { value, ci95: null }, p };
}
