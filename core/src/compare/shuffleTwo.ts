import { randomisationTest, type Randomisation } from '../stats/resampling/randomisationTest';
import type { Stratum } from '../stats/resampling/Stratum';
import type { Compared } from './Compared';
import type { Interval } from '../stats/meanInterval';
import type { Contrast, UnitValue } from './Contrast';

/**
 * The app's own shuffle of two arms: labels dealt again inside each stratum.
 * @param as what a stratum's values are compared as, the treated first: themselves, or their ranks
 * @returns null where nothing can be shuffled
 */
export function shuffleTwo(
  { values, options }: Pick<Compared, 'values' | 'options'>,
  pair: { readonly arm: string; readonly versus: string },
  stratum: (unit: UnitValue) => string,
  as: (values: readonly number[]) => readonly number[] = (own) => own,
): Randomisation | null {
  return randomisationTest(strataOfTwo(values, pair, stratum, as), options);
}

/**
 * Strata of two arms, the treated first.
 * @param as what a stratum's values are compared as
 */
export function strataOfTwo(
  values: readonly UnitValue[],
  pair: { readonly arm: string; readonly versus: string },
  stratum: (unit: UnitValue) => string,
  as: (values: readonly number[]) => readonly number[],
): Stratum[] {
  const groups = new Map<string, { treated: number[]; control: number[] }>();
  for (const unit of values) {
    if (unit.arm !== pair.arm && unit.arm !== pair.versus) continue;
    const name = stratum(unit);
    const own = groups.get(name) ?? { treated: [], control: [] };
    (unit.arm === pair.arm ? own.treated : own.control).push(unit.value);
    groups.set(name, own);
  }
  return [...groups.values()].map(({ treated, control }) => ({ values: as([...treated, ...control]), treated: treated.length }));
}

/**
 * Whether the shuffle, too, rules out that two arms differ by as much as matters, either way: with the treated shifted by it, labels dealt
 * again seldom look like these.
 * @param ci95 of their difference; asked only where it lies between
 * @param as what a stratum's values are compared as
 * @returns nothing where it is not asked
 */
export function alikeBy(
  compared: Pick<Compared, 'values' | 'options' | 'matters'>,
  pair: { readonly arm: string; readonly versus: string },
  ci95: Interval | null,
  stratum: (unit: UnitValue) => string,
  as?: (values: readonly number[]) => readonly number[],
): Pick<Contrast, 'alike'> {
  const { matters } = compared;
  if (matters === null || ci95 === null || ci95[0] <= -matters || ci95[1] >= matters) return {};
  const isRuledOut = (by: number) => {
    const values = compared.values.map((unit) => (unit.arm === pair.arm ? { ...unit, value: unit.value + by } : unit));
    const shifted = shuffleTwo({ ...compared, values }, pair, stratum, as);
    return shifted !== null && shifted.p <= 0.05;
  };
  return { alike: isRuledOut(matters) && isRuledOut(-matters) };
}
