import type { Finding, Study } from '../../model';
import { median } from '../../stats/moments';
import { readingRounds } from '../../study/rounds';

/** Readings taken on different days for different arms. */
export function late(study: Study): Finding[] {
  const names = new Map(study.experiment.arms.map((arm) => [arm.arm, arm.name]));
  return readingRounds(study).flatMap(({ measure, day, units }): Finding[] => {
    const read = new Map<string, number[]>();
    for (const { arm, readOn } of units) {
      const days = read.get(arm) ?? [];
      read.set(arm, days);
      if (readOn !== null) days.push(readOn);
    }
    const arms = [...read].map(([arm, days]) => ({ arm, day: median(days) }));
    const known = arms.filter((row): row is { arm: string; day: number } => row.day !== null);
    const slow = known.find((row) => row.day !== known[0].day);
    if (!slow) return [];
    return [
      {
        rule: 'late',
        severity: 'serious',
        message: `“${measure.name}” of day ${day} was read on day ${slow.day} in ${names.get(slow.arm) ?? slow.arm}, but on day ${known[0].day} in ${names.get(known[0].arm) ?? known[0].arm}. A day more is a day’s growth.`,
        remedy: 'Read all arms on one day. Say it beside the result.',
      },
    ];
  });
}
