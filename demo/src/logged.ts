import { addDays, blankOf, careFields, type Care, type Observation, type Study } from '@fern/core';

/** A day of an experiment, as a date. */
export const dateOfDay = ({ experiment }: Study, day: number): string => addDays(experiment.startedOn ?? '', day);

/** Care of all units, or of those that are named, on each of the days. */
export function given(study: Study, days: readonly number[], more: Partial<Care>): Care[] {
  return days.map((day) => ({
    ...blankOf(careFields),
    kind: 'water',
    ...more,
    id: `care-${more.kind ?? 'water'}-${more.arms?.join('') ?? ''}-${day}`,
    on: dateOfDay(study, day),
  }));
}

/** A study in which some readings were taken otherwise. */
export const readOtherwise = (study: Study, change: (seen: Observation) => Observation | readonly Observation[]): Study => ({
  ...study,
  observations: study.observations.flatMap(change),
});
