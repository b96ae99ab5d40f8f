import { itemAt } from '../../invariant';
import { controlOf, type Arm, type Experiment } from '../../model';
import { keptThoughVaried } from '../../ownWords/keptThoughVaried';
import type { Finding } from '../../words/findings';

/** The kept-the-same list names the very thing that is varied, an arm lacks a step that all others get, or an arm equals the control. */
export function factorKeptRule(experiment: Experiment): Finding<'factor-kept'>[] {
  const finding = (facts: Finding<'factor-kept'>['facts']): Finding<'factor-kept'> => ({ rule: 'factor-kept', severity: 'serious', facts });
  const like = sameAsControl(experiment);
  return [
    ...keptThoughVaried(experiment).map((what) => finding({ is: 'kept', what })),
    ...(like.length === 0 ? [] : [finding({ is: 'like-control', names: like.map(({ code: arm, name }) => `${name} (${arm})`) })]),
    ...withoutStep(experiment).map(({ name, steps }) => finding({ is: 'without-step', name, steps })),
  ];
}

const told = ({ name, dose, factors }: Arm) => JSON.stringify([name.trim().toLowerCase(), dose, factors]);

function sameAsControl({ arms }: Experiment): Arm[] {
  const control = controlOf(arms);
  if (control === undefined) return [];
  const sameName = (arm: Arm) => arm.name.trim().toLowerCase() === control.name.trim().toLowerCase();
  return arms.filter((arm) => arm !== control && (told(arm) === told(control) || (sameName(arm) && arm.dose === null)));
}

/** A step that is not what is tested, and that one treatment alone lacks where there are three arms or more. The control's is asked elsewhere. */
function withoutStep({ arms, plan }: Experiment): { name: string; steps: string[] }[] {
  const compared = arms.filter(({ role }) => role !== 'reference');
  if (compared.length < 3) return [];
  const lacking = plan.stages
    .filter(({ tested }) => !tested)
    .flatMap(({ name, arms: through, kind }) => {
      const without = compared.filter(({ code: arm }) => !plan.stages.some((own) => own.kind === kind && own.arms.includes(arm)));
      return through.length > 0 && without.length === 1 && itemAt(without, 0).role !== 'control'
        ? [{ without: itemAt(without, 0).name, step: name }]
        : [];
    });
  return [...new Set(lacking.map(({ without }) => without))].map((name) => ({
    name,
    steps: [...new Set(lacking.filter((own) => own.without === name).map(({ step }) => step))],
  }));
}
