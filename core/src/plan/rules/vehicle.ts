import { controlOf, type Experiment, type Stage } from '../../model';
import type { Finding } from '../../words/findings';

/** A treatment is soaked, sprayed, opened or handled, that is not what is tested, and the control does not get the same for as long. */
export function vehicleRule({ arms, plan }: Experiment): Finding<'vehicle'>[] {
  const control = controlOf(arms);
  if (!control) return [];
  const treatments = new Set(arms.filter((arm) => arm.role === 'treatment').map((arm) => arm.code));
  const alike = (stage: Stage) =>
    plan.stages.some((other) => other.arms.includes(control.code) && other.kind === stage.kind && other.hours === stage.hours);
  return plan.stages
    .filter(
      (stage) => !stage.tested && stage.arms.some((arm) => treatments.has(arm)) && !stage.arms.includes(control.code) && !alike(stage),
    )
    .map(({ name, hours }) => ({ rule: 'vehicle', severity: 'serious', facts: { step: name, hours } }));
}
