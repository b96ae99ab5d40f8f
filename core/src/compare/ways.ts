import { itemAt } from '../invariant';
import { fitArms, pooledDifference, type ArmFit } from './armFit';
import type { armPairs, Compared } from './Compared';
import { cautious, directDifference, type DirectDifference } from './directDifference';
import type { MeanDifference, Held } from './Gap';
import { allPairs, t3, withControl } from './simultaneous';
import { spreadsAlike } from './spreadsAlike';
import { strataOf } from './strata';

export type Pair = ReturnType<typeof armPairs>[number];

/** Two arms inside their blocks or pairs, each with a spread of its own; null where no block has both. */
export function directly({ values, layout }: Compared, { arm, versus }: Pair): DirectDifference | null {
  const of = (code: string) => values.filter((unit) => unit.arm === code);
  return directDifference(of(arm), of(versus), strataOf(values, layout));
}

/**
 * The gap of two arms as the verdict takes it: in blocks with one spread for both where they look alike in it, as in a course report.
 * @param own the two arms each with a spread of its own
 */
export function differenceOfTwo({ values, layout }: Compared, { arm, versus }: Pair, own: DirectDifference): MeanDifference {
  if (layout !== 'blocks') return own;
  const model = fitArms(values, [versus, arm], strataOf(values, layout));
  const [treated, control] = [model.weights(arm), model.weights(versus)];
  return treated && control && spreadsAlike(model)([arm, versus]) ? pooledDifference(model, treated, control) : own;
}

/** How the gap of one of several pairs is found, and held together with the others. */
export interface ComparisonMethod {
  readonly gap: (pair: Pair) => MeanDifference | null;
  readonly held: Held;
}

/** The ways of several pairs, and which of them the verdict takes. */
export interface ComparisonMethods {
  /** One spread for all: Dunnett, Tukey–Kramer. */
  readonly pooled: ComparisonMethod;
  /** Each arm with its own: Dunnett's T3, Games–Howell. */
  readonly own: ComparisonMethod;
  /**
   * What the verdict takes of a pair: one spread where both arms look alike in it, or where their blocks are too incomplete to do without;
   * else own ones, more careful than a course report where an arm has few units.
   */
  readonly taken: (pair: Pair) => ComparisonMethod;
}

/**
 * How several pairs are compared.
 * @param model all arms fitted together
 * @param pairs that blocks join
 */
export function comparisonMethods(compared: Compared, model: ArmFit, pairs: readonly Pair[]): ComparisonMethods {
  const all = compared.comparison === 'all-pairs' ? allPairs(model.arms.length) : null;
  const gaps = pairs.flatMap((pair) => {
    const [treated, control] = [model.weights(pair.arm), model.weights(pair.versus)];
    return treated && control ? [{ pair, treated, control }] : [];
  });
  const pooled: ComparisonMethod = {
    gap: (pair) => {
      const found = gaps.find((gap) => gap.pair === pair);
      return found ? pooledDifference(model, found.treated, found.control) : null;
    },
    held:
      all ??
      withControl(
        model,
        gaps.map(({ treated, control }) => treated.map((weight, i) => weight - itemAt(control, i))),
      ),
  };
  const own: ComparisonMethod = { gap: (pair) => directly(compared, pair), held: all ?? t3(pairs.length) };
  const enough = compared.layout === 'completely-random' ? 1 : 2;
  const alike = spreadsAlike(model);
  const careful = (pair: Pair) => {
    const gap = directly(compared, pair);
    return gap && cautious(gap);
  };
  const taken = (pair: Pair) =>
    alike([pair.arm, pair.versus]) || (directly(compared, pair)?.strata ?? 0) < enough ? pooled : { ...own, gap: careful };
  return { pooled, own, taken };
}
