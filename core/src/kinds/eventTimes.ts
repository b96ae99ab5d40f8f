import { lastOf } from '../invariant';
import type { Measure, UnitData } from '../model';
import type { UnitEvent } from '../compare/events';
import { untilDay } from './unitEnd';

/**
 * Day of the event for each unit, or the last day on which it had not happened (censored). A lost unit is censored at its last reading.
 * With several plants a unit's event is that of its first plant. `day N` censors all at that day.
 */
export function eventTimes(measure: Measure, data: readonly UnitData[]): UnitEvent[] {
  const until = untilDay(measure.when);
  const times: UnitEvent[] = [];
  for (const { unit, curve } of data) {
    if (curve.length === 0 || unit.status === 'excluded') continue;
    const first = curve.find((point) => point.value > 0);
    const seen = first ?? lastOf(curve);
    const time = Math.max(0, Math.min(seen.day, until));
    times.push({ unit: unit.code, arm: unit.arm, block: unit.block, time, happened: first !== undefined && first.day <= until });
  }
  return times;
}
