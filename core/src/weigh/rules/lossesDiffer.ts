import type { Finding, Study } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';

/** From this difference in the share lost on, the loss itself may be an effect. */
const MUCH = 0.2;

/** Losses differ between arms: the result is then also given with a lost unit counted as a failure. */
export function lossesDifferRule({ experiment }: Study): Finding[] {
  const arms = unitsByArm(experiment)
    .filter(({ units }) => units.length > 0)
    .map(({ arm, units }) => {
      const lost = units.filter((unit) => unit.status === 'lost').length;
      return { name: arm.name, lost, all: units.length, share: lost / units.length };
    });
  const shares = arms.map(({ share }) => share);
  if (arms.length < 2 || Math.max(...shares) - Math.min(...shares) < MUCH) return [];
  return [
    {
      rule: 'losses-differ',
      severity: 'serious',
      message: `Not every arm lost as many: ${arms.map(({ name, lost, all }) => `${name} ${lost} of ${all}`).join(', ')}. Perhaps the treatment is why.`,
      remedy: 'Look at the result with each lost one counted as a failure as well.',
    },
  ];
}
