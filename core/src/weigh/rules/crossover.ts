import { primaryOf, type Study, type UnitData } from '../../model';
import { welchT } from '../../stats/welchT';
import { comparedArms } from '../../compare/comparedArms';
import { unitData } from '../../study/curves';
import { isShare, kindOf } from '../../kinds';
import { sumOf } from '../../kinds/unitEnd';
import type { Finding } from '../../words/findings';

/** Both leads must be this clear by themselves, so that noise is not called a change of the lead. */
const CLEAR = 0.1;

/** The arm that led early trails late: the verdict uses the planned time only. */
export function crossoverRule(study: Study): Finding<'crossover'>[] {
  const { experiment } = study;
  const primary = primaryOf(experiment.measures);
  if (!primary || !kindOf(primary).leads) return [];
  const { adds } = kindOf(primary);
  const share = isShare(primary, experiment.units);
  const data = unitData(study, primary).filter(({ unit }) => unit.status !== 'excluded');
  const days = [...new Set(data.flatMap(({ curve }) => curve.map((point) => point.day)))].sort((a, b) => a - b);
  const [control, ...treatments] = comparedArms(experiment.arms);
  const last = days.at(-1);
  if (!control || last === undefined) return [];
  return treatments.flatMap((arm): Finding<'crossover'>[] => {
    const lead = (day: number) => {
      const on = (code: string) => (adds ? totalsBy(data, code, day) : valuesOn(data, code, day, share));
      const test = welchT(on(arm.code), on(control.code));
      return test && test.p < CLEAR ? Math.sign(test.difference) : 0;
    };
    const end = lead(last);
    const early = end === 0 ? undefined : days.find((day) => lead(day) === -end);
    if (early === undefined) return [];
    const [first, second] = end > 0 ? [control.name, arm.name] : [arm.name, control.name];
    return [{ rule: 'crossover', severity: 'caution', facts: { measure: primary.name, early, first, last, second } }];
  });
}

/** What each unit has given up to a day. */
function totalsBy(data: readonly UnitData[], arm: string, day: number): number[] {
  return data.filter(({ unit }) => unit.arm === arm).map(({ curve }) => sumOf(curve.filter((point) => point.day <= day)));
}

function valuesOn(data: readonly UnitData[], arm: string, day: number, share: boolean): number[] {
  return data
    .filter(({ unit }) => unit.arm === arm)
    .flatMap(({ unit, curve }) =>
      curve.filter((point) => point.day === day).map((point) => (share && unit.sown ? point.value / unit.sown : point.value)),
    );
}
