import { itemAt } from '../../invariant';
import type { Finding, Study } from '../../model';
import { median } from '../../stats/moments';
import { measureRounds } from '../../study/measureRounds';

/** Readings taken on another day than planned: in some arms only, or in all alike. */
export function lateRule(study: Study): Finding[] {
  const names = new Map(study.experiment.arms.map((arm) => [arm.code, arm.name]));
  return measureRounds(study).flatMap(({ measure, day, units }): Finding[] => {
    const read = new Map<string, number[]>();
    for (const { arm, readOn } of units) {
      const days = read.get(arm) ?? [];
      read.set(arm, days);
      if (readOn !== null) days.push(readOn);
    }
    const arms = [...read].map(([arm, days]) => ({ arm, day: median(days) }));
    const known = arms.filter((row): row is { arm: string; day: number } => row.day !== null);
    if (known.length === 0) return [];
    const slow = known.find((row) => row.day !== itemAt(known, 0).day);
    if (slow)
      return [
        apart(measure.name, day, { ...slow, name: names.get(slow.arm) }, { ...itemAt(known, 0), name: names.get(itemAt(known, 0).arm) }),
      ];
    return itemAt(known, 0).day - day >= 1 ? [alike(measure.name, day, itemAt(known, 0).day)] : [];
  });
}

interface ReadOn {
  readonly arm: string;
  readonly day: number;
  readonly name: string | undefined;
}

const apart = (measure: string, day: number, slow: ReadOn, first: ReadOn): Finding => ({
  rule: 'late',
  severity: 'serious',
  message: `“${measure}” of day ${day} was read on day ${slow.day} in ${slow.name ?? slow.arm}, but on day ${first.day} in ${first.name ?? first.arm}. A day more is a day’s growth.`,
  remedy: 'Read all arms on one day. Say it beside the result.',
});

const alike = (measure: string, day: number, read: number): Finding => ({
  rule: 'late',
  severity: 'caution',
  message: `“${measure}” of day ${day} was read on day ${read}, in all arms alike: late by ${Math.floor(read - day)} ${read - day < 2 ? 'day' : 'days'}.`,
  remedy: 'The arms can still be compared. Say the true day in the report.',
});
