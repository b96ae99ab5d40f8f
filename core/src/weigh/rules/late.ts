import type { Study } from '../../model';
import { median } from '../../stats/moments';
import { measureRounds } from '../../study/measureRounds';
import type { Finding } from '../../words/findings';

/** Readings taken on another day than planned: in some arms only, or in all alike. */
export function lateRule(study: Study): Finding<'late'>[] {
  const names = new Map(study.experiment.arms.map((arm) => [arm.code, arm.name]));
  return measureRounds(study).flatMap(({ measure, day, units }): Finding<'late'>[] => {
    const read = new Map<string, number[]>();
    for (const { arm, readOn } of units) {
      const days = read.get(arm) ?? [];
      read.set(arm, days);
      if (readOn !== null) days.push(readOn);
    }
    const known = [...read].flatMap(([arm, days]) => {
      const on = median(days);
      return on === null ? [] : [{ name: names.get(arm) ?? arm, day: on }];
    });
    const [first] = known;
    if (!first) return [];
    const slow = known.find((row) => row.day !== first.day);
    if (slow) return [{ rule: 'late', severity: 'serious', facts: { is: 'apart', measure: measure.name, day, slow, first } }];
    return first.day - day < 1
      ? []
      : [{ rule: 'late', severity: 'caution', facts: { is: 'alike', measure: measure.name, day, read: first.day } }];
  });
}
