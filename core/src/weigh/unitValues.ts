import { comparedArms } from '../compare/comparedArms';
import type { UnitValue } from '../compare/Contrast';
import { isShare, kindOf } from '../kinds';
import type { Measure, Study, UnitData } from '../model';
import { unitData } from '../study/curves';

/**
 * The one number of each unit that is compared.
 * @param data of its units, where it is known already or stands otherwise
 * @returns a value a unit that takes part
 */
export function unitValues(study: Study, measure: Measure, data: readonly UnitData[] = unitData(study, measure)): UnitValue[] {
  const { arms, units } = study.experiment;
  const compared = comparedArms(arms).map(({ code: arm }) => arm);
  return kindOf(measure).values(measure, data, isShare(measure, units), compared);
}
