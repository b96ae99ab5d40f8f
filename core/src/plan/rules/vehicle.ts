import { controlOf, type Experiment, type Finding, type Stage } from '../../model';

/** A treatment is soaked, sprayed, opened or handled, that is not what is tested, and the control does not get the same for as long. */
export function vehicleRule({ arms, plan }: Experiment): Finding[] {
  const control = controlOf(arms);
  if (!control) return [];
  const treatments = new Set(arms.filter((arm) => arm.role === 'treatment').map((arm) => arm.code));
  const alike = (stage: Stage) =>
    plan.stages.some((other) => other.arms.includes(control.code) && other.kind === stage.kind && other.hours === stage.hours);
  return plan.stages
    .filter(
      (stage) => !stage.tested && stage.arms.some((arm) => treatments.has(arm)) && !stage.arms.includes(control.code) && !alike(stage),
    )
    .map((stage) => ({
      rule: 'vehicle',
      severity: 'serious',
      message: `The control does not go through “${stage.name}”${stage.hours === null ? '' : ` for ${stage.hours} h`}. Then that step could explain a difference.`,
      remedy: `Give the control the same step, with plain water in place of the treatment.`,
    }));
}
