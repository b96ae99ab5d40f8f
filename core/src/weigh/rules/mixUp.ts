import type { Study } from '../../model';
import { liveIncidents } from '../../study/liveEntries';
import type { Finding } from '../../words/findings';
import { withoutStop } from '../../quantities/withoutStop';

/** Which unit is which is in doubt. */
export function mixUpRule(study: Study): Finding<'mix-up'>[] {
  const { experiment } = study;
  const events = liveIncidents(study).filter((event) => event.kind === 'mix-up');
  const named = events.map(({ on, units, note }): Finding<'mix-up'> => {
    const counted = units.filter((code) => experiment.units.some((unit) => unit.code === code && unit.status !== 'excluded'));
    return {
      rule: 'mix-up',
      severity: counted.length > 0 || units.length === 0 ? 'serious' : 'caution',
      facts: { is: 'event', on, units, note: withoutStop(note), counted },
    };
  });
  const told = new Set(events.flatMap(({ units }) => units));
  const others = experiment.units.filter((unit) => unit.status === 'excluded' && !told.has(unit.code));
  if (others.length === 0) return named;
  const reasons = [...new Set(others.flatMap(({ statusReason }) => statusReason ?? []))];
  return [...named, { rule: 'mix-up', severity: 'caution', facts: { is: 'excluded', units: others.map(({ code }) => code), reasons } }];
}
