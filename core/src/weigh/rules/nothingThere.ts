import { kindOf } from '../../kinds';
import { stillThere } from '../../kinds/endValues';
import { primaryOf, type Study } from '../../model';
import { unitData } from '../../study/curves';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** From this difference in the share that was empty on, the plants that are left may be another choice of plants. */
const MUCH = 0.2;

/** Units in which nothing was left to read when the deciding value was taken. */
export function nothingThereRule(study: Study): Finding<'nothing-there'>[] {
  const primary = primaryOf(study.experiment.measures);
  if (!primary || kindOf(primary).adds) return [];
  const data = unitData(study, primary);
  const there = new Set(stillThere(primary, data).map(({ unit }) => unit.code));
  const empty = data.filter(({ unit }) => unit.status !== 'excluded' && !there.has(unit.code)).map(({ unit }) => unit.code);
  if (empty.length === 0) return [];
  const groups = unitsByArm(study.experiment)
    .filter(({ units }) => units.length > 0)
    .map(({ arm, units }) => ({
      name: arm.name,
      some: units.filter(({ code: unit }) => empty.includes(unit)).length,
      all: units.length,
    }));
  const shares = groups.map(({ some, all }) => some / all);
  return [
    {
      rule: 'nothing-there',
      severity: Math.max(...shares) - Math.min(...shares) >= MUCH ? 'serious' : 'caution',
      facts: { units: empty, groups, measure: primary.name },
    },
  ];
}
