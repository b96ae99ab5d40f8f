import { primaryOf, type Study } from '../../model';
import { mannWhitney } from '../../stats/mannWhitney';
import { kindOf } from '../../kinds';
import { comparedArms } from '../../compare/comparedArms';
import { unitValues } from '../unitValues';
import type { Finding } from '../../words/findings';

/** A quick rating by eye and the measured primary disagree: trust the measure. */
export function looksDifferRule(study: Study): Finding<'looks-differ'>[] {
  const { experiment } = study;
  const primary = primaryOf(experiment.measures);
  const looks = experiment.measures.filter((measure) => kindOf(measure).byEye && !measure.primary && measure.higherIs !== 'neither');
  const [control, ...treatments] = comparedArms(experiment.arms);
  if (!primary || kindOf(primary).byEye || kindOf(primary).timed || !control || looks.length === 0) return [];
  const direction = (measure: typeof primary, arm: string): number => {
    const values = unitValues(study, measure);
    const of = (code: string) => values.filter((unit) => unit.arm === code).map((unit) => unit.value);
    const test = mannWhitney(of(arm), of(control.code));
    if (!test || test.p > 0.05) return 0;
    const sign = Math.sign(test.superiority - 0.5);
    return measure.higherIs === 'worse' ? -sign : sign;
  };
  return treatments.flatMap((arm) =>
    looks.flatMap((look): Finding<'looks-differ'>[] => {
      const measured = direction(primary, arm.code);
      if (measured === 0 || direction(look, arm.code) !== -measured) return [];
      return [
        {
          rule: 'looks-differ',
          severity: 'caution',
          facts: {
            look: look.name,
            measure: primary.name,
            name: arm.name,
            control: control.name,
            measured: measured > 0 ? 'better' : 'worse',
          },
        },
      ];
    }),
  );
}
