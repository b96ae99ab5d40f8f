import type { Study } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** From this difference in the share lost on, the loss itself may be an effect. */
const MUCH = 0.2;

/** Losses differ between arms: the result is then also given with a lost unit counted as a failure. */
export function lossesDifferRule({ experiment }: Study): Finding<'losses-differ'>[] {
  const groups = unitsByArm(experiment)
    .filter(({ units }) => units.length > 0)
    .map(({ arm, units }) => ({ name: arm.name, some: units.filter((unit) => unit.status === 'lost').length, all: units.length }));
  const shares = groups.map(({ some, all }) => some / all);
  if (groups.length < 2 || Math.max(...shares) - Math.min(...shares) < MUCH) return [];
  return [{ rule: 'losses-differ', severity: 'serious', facts: { groups } }];
}
