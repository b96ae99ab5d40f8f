import { daysBetween, type Measure, type Study } from '../../model';
import { liveObservations } from '../liveObservations';
import { remembered } from '../remembered';
import { startOf } from '../unitCurve';

/** What one planned reading day brought: for each active unit the day on which it was read, or null. */
export interface Round {
  readonly measure: Measure;
  readonly day: number;
  readonly units: readonly { readonly unit: string; readonly arm: string; readonly readOn: number | null }[];
}

/**
 * Every planned reading that should be in by now: up to the last day on which anything was read. A reading belongs to the planned day on or before it.
 * Units that are lost or excluded are left out.
 */
export const readingRounds = remembered(({ experiment, observations }: Study): readonly Round[] => {
  const live = liveObservations(observations);
  const starts = new Map(experiment.units.map((unit) => [unit.unit, startOf(unit, experiment)]));
  const days = new Map<string, number[]>();
  let last = -1;
  for (const seen of live) {
    const start = starts.get(seen.unit);
    if (start == null) continue;
    const day = daysBetween(start, seen.observedOn);
    last = Math.max(last, day);
    const key = `${seen.measure}\n${seen.unit}`;
    const list = days.get(key);
    if (list) list.push(day);
    else days.set(key, [day]);
  }
  const units = experiment.units.filter((unit) => unit.status === 'active' || unit.status === 'ended');
  return experiment.measures.flatMap((measure) => {
    const planned = [...measure.readingDays].sort((a, b) => a - b);
    return planned
      .filter((day) => day <= last)
      .map((day) => {
        const next = planned.find((other) => other > day) ?? Infinity;
        return {
          measure,
          day,
          units: units.map(({ unit, arm }) => ({
            unit,
            arm,
            readOn: (days.get(`${measure.measure}\n${unit}`) ?? []).find((read) => read >= day && read < next) ?? null,
          })),
        };
      });
  });
});
