import type { Experiment } from '../../model';
import { armDosedBy, dosesNamed, hoursOfDose } from '../../study/doseTold';
import { lengthWords } from '../../study/lengthWords';
import type { Finding } from '../../words/findings';

/** A group gets one dose by its number and another by its name, or by the step that gives it. */
export function doseRule(experiment: Experiment): Finding<'dose'>[] {
  const finding = (facts: Finding<'dose'>['facts']): Finding<'dose'> => ({ rule: 'dose', severity: 'serious', facts });
  const { arms, plan } = experiment;
  return [
    ...arms.flatMap((arm) => {
      const named = dosesNamed(arm);
      const [first] = named;
      return first === undefined || named.includes(arm.dose ?? NaN)
        ? []
        : [finding({ name: arm.name, dose: doseWords(arm.dose, arm.doseUnit), step: null, says: doseWords(first, arm.doseUnit) })];
    }),
    ...plan.stages.flatMap((stage) => {
      const arm = armDosedBy(stage, experiment);
      if (!arm || Math.abs((hoursOfDose(arm) ?? 0) - (stage.hours ?? 0)) < 1e-9) return [];
      return [
        finding({
          name: arm.name,
          dose: doseWords(arm.dose, arm.doseUnit),
          step: stage.name,
          says: lengthWords(stage.hours, stage.hoursMost),
        }),
      ];
    }),
  ];
}

const doseWords = (dose: number | null, unit: string | null) => `${dose ?? ''} ${unit ?? ''}`.trim();
