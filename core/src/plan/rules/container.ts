import type { Experiment, Finding } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';

/** All units of an arm share one reservoir, tray or lamp that no other arm shares: then that is the unit. Source: Hurlbert SH (1984), pseudoreplication. */
export function container(experiment: Experiment): Finding[] {
  const { unitWord } = experiment.plan;
  return unitsByArm(experiment).flatMap(({ arm, units }): Finding[] => {
    const own = new Set(units.map((unit) => unit.container));
    const [shared] = own;
    if (units.length < 2 || own.size !== 1 || shared === null) return [];
    if (experiment.units.some((unit) => unit.container === shared && unit.arm !== arm.arm)) return [];
    return [
      {
        rule: 'container',
        severity: 'serious',
        message: `Every ${unitWord} of ${arm.name} is in ${shared}, and no other arm is. If ${shared} is odd in any way, it will look like the treatment.`,
        remedy: `Give ${arm.name} at least two containers of its own, or let the arms share each one.`,
      },
    ];
  });
}
