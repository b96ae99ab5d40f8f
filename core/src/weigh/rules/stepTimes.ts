import { itemAt } from '../../invariant';
import type { Study } from '../../model';
import { stepsOffTime, type OffTime } from '../../study/stepTimes';
import type { Finding } from '../../words/findings';

/** Steps that lasted longer or shorter than the plan says: in some arms only, or in all that go through them alike. */
export function stepTimesRule({ experiment, care }: Study): Finding<'step-times'>[] {
  const names = new Map(experiment.arms.map(({ code: arm, name }) => [arm, name]));
  const byStep = new Map<string, OffTime[]>();
  for (const off of stepsOffTime(experiment, care)) byStep.set(off.step, [...(byStep.get(off.step) ?? []), off]);
  return [...byStep].map(([step, off]): Finding<'step-times'> => {
    const touched = new Set(off.flatMap(({ arms }) => arms));
    const through = experiment.plan.stages
      .filter(({ name }) => name === step)
      .flatMap(({ arms }) => (arms.length === 0 ? [...names.keys()] : arms));
    const isAlike =
      through.every((arm) => touched.has(arm)) &&
      new Set(off.map(({ minutes }) => minutes)).size === 1 &&
      !off.some(({ tested }) => tested);
    return {
      rule: 'step-times',
      severity: isAlike ? 'caution' : 'serious',
      facts: { step, hours: itemAt(off, 0).hours, alike: isAlike, off: offTimes(off, names) },
    };
  });
}

/** The same time off in several groups is one. */
function offTimes(off: readonly OffTime[], names: ReadonlyMap<string, string>): Finding<'step-times'>['facts']['off'] {
  return [...new Set(off.map(({ minutes }) => minutes))].map((minutes) => ({
    minutes,
    names: [...new Set(off.filter((own) => own.minutes === minutes).flatMap(({ arms }) => arms))].map((arm) => names.get(arm) ?? arm),
  }));
}
