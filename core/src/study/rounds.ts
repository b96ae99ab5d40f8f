import { kindOf } from '../kinds';
import type { Measure, Study } from '../model';
import { startOf } from './curves';
import { cell, measuresRead, readingsOf } from './readings';
import { remembered } from './remembered';
import { daysBetween } from '../model';
import { walksFilled } from './walkOf';

/** What one planned reading day brought: for each active unit the day on which it was read, or null. */
export interface Round {
  readonly measure: Measure;
  readonly day: number;
  readonly units: readonly { readonly unit: string; readonly arm: string; readonly readOn: number | null }[];
}

/**
 * Every planned reading that should be in by now: up to the last day on which anything was read.
 * Units that are lost or excluded are left out, and so are measures that nobody reads.
 */
export const readingRounds = remembered((study: Study): readonly Round[] => {
  const { experiment } = study;
  const last = lastDay(study);
  const units = experiment.units.filter((unit) => unit.status === 'active' || unit.status === 'ended');
  const read = experiment.measures.filter((measure) => kindOf(measure).entry !== 'none');
  return read.flatMap((measure) => {
    const filled = units.map((unit) => {
      const start = startOf(unit, experiment);
      return { unit, walks: start === null ? null : walksFilled(cell(study, measure.measure, unit.unit).live, measure, start) };
    });
    return [...measure.readingDays]
      .sort((a, b) => a - b)
      .filter((day) => day <= last)
      .map((day) => ({
        measure,
        day,
        units: filled.map(({ unit, walks }) => ({ unit: unit.unit, arm: unit.arm, readOn: walks?.get(day)?.readOn ?? null })),
      }));
  });
});

/** The last day, counted from each unit's own start, on which anything was read; −1 before the first. */
function lastDay(study: Study): number {
  let last = -1;
  const starts = new Map(study.experiment.units.map((unit) => [unit.unit, startOf(unit, study.experiment)]));
  for (const code of measuresRead(study)) {
    for (const [unit, { live }] of readingsOf(study, code)) {
      const start = starts.get(unit);
      if (start == null) continue;
      for (const { observedOn } of live) last = Math.max(last, daysBetween(start, observedOn));
    }
  }
  return last;
}
