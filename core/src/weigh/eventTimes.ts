import type { Measure } from '../model';
import type { EventTime } from '../stats/kaplanMeier';
import type { UnitData } from './unitData';

export interface UnitEvent extends EventTime {
  readonly unit: string;
  readonly arm: string;
  readonly block: string | null;
}

/**
 * Day of the event for each unit, or the last day on which it had not happened (censored). A lost unit is censored at its last reading.
 * With several plants a unit's event is that of its first plant. `day N` censors all at that day.
 */
export function eventTimes(measure: Measure, data: readonly UnitData[]): UnitEvent[] {
  const until = measure.when.startsWith('day ') ? Number(measure.when.slice(4)) : Infinity;
  const times: UnitEvent[] = [];
  for (const { unit, curve } of data) {
    if (curve.length === 0 || unit.status === 'excluded') continue;
    const first = curve.find((point) => point.value > 0);
    const seen = first ?? curve[curve.length - 1];
    const time = Math.max(0, Math.min(seen.day, until));
    times.push({ unit: unit.unit, arm: unit.arm, block: unit.block, time, happened: first !== undefined && first.day <= until });
  }
  return times;
}
