import { kindOf } from '../../kinds';
import { stillThere } from '../../kinds/endValues';
import { primaryOf, type Finding, type Study } from '../../model';
import { unitData } from '../../study/curves';
import { unitsByArm } from '../../study/unitsByArm';

/** From this difference in the share that was empty on, the plants that are left may be another choice of plants. */
const MUCH = 0.2;

/** Units in which nothing was left to read when the deciding value was taken. */
export function nothingThereRule(study: Study): Finding[] {
  const primary = primaryOf(study.experiment.measures);
  if (!primary || kindOf(primary).adds) return [];
  const data = unitData(study, primary);
  const there = new Set(stillThere(primary, data).map(({ unit }) => unit.code));
  const empty = data.filter(({ unit }) => unit.status !== 'excluded' && !there.has(unit.code)).map(({ unit }) => unit.code);
  if (empty.length === 0) return [];
  const arms = unitsByArm(study.experiment)
    .filter(({ units }) => units.length > 0)
    .map(({ arm, units }) => ({
      name: arm.name,
      empty: units.filter(({ code: unit }) => empty.includes(unit)).length,
      all: units.length,
    }));
  const shares = arms.map(({ empty: own, all }) => own / all);
  return [
    {
      rule: 'nothing-there',
      severity: Math.max(...shares) - Math.min(...shares) >= MUCH ? 'serious' : 'caution',
      message: `Nothing was there to read in ${empty.join(', ')}: ${arms.map(({ name, empty: own, all }) => `${name} ${own} of ${all}`).join(', ')}. “${primary.name}” is compared without ${empty.length === 1 ? 'it' : 'them'}.`,
      remedy: 'Say beside the result how many were left in each arm: those that are left need not be like those that are gone.',
    },
  ];
}
