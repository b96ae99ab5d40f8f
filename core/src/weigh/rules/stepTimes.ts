import { itemAt } from '../../invariant';
import type { Finding, Study } from '../../model';
import { inList } from '../../quantities/inList';
import { stepsOffTime, type OffTime } from '../../study/stepTimes';
import { minuteWords } from '../../study/minuteWords';

/** Steps that lasted longer or shorter than the plan says: in some arms only, or in all that go through them alike. */
export function stepTimesRule({ experiment, care }: Study): Finding[] {
  const names = new Map(experiment.arms.map(({ code: arm, name }) => [arm, name]));
  const byStep = new Map<string, OffTime[]>();
  for (const off of stepsOffTime(experiment, care)) byStep.set(off.step, [...(byStep.get(off.step) ?? []), off]);
  return [...byStep].map(([step, off]): Finding => {
    const touched = new Set(off.flatMap(({ arms }) => arms));
    const through = experiment.plan.stages
      .filter(({ name }) => name === step)
      .flatMap(({ arms }) => (arms.length === 0 ? [...names.keys()] : arms));
    const isAlike =
      through.every((arm) => touched.has(arm)) &&
      new Set(off.map(({ minutes }) => minutes)).size === 1 &&
      !off.some(({ tested }) => tested);
    const each = off.map(
      ({ minutes, arms }) =>
        `${minuteWords(Math.abs(minutes))} ${minutes > 0 ? 'too long' : 'too short'} in ${inList(arms.map((arm) => names.get(arm) ?? arm))}`,
    );
    return {
      rule: 'step-times',
      severity: isAlike ? 'caution' : 'serious',
      message: `“${step}” lasted ${inList([...new Set(each)])}; planned were ${itemAt(off, 0).hours} h.`,
      remedy: isAlike
        ? 'The arms can still be compared. Say the true time in the report.'
        : 'The arms did not get the same, or not what was to be tested. Say the true times beside the result.',
    };
  });
}
