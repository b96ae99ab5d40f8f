import type { Study } from '../../model';
import { kindOf } from '../../kinds';
import { measureRounds } from '../../study/measureRounds';
import type { Finding } from '../../words/findings';

/** Planned readings that were not taken. */
export function missedRule(study: Study, today?: string): Finding<'missed'>[] {
  const gaps = measureRounds(study, today)
    .map(({ measure, day, units }) => ({
      measure,
      day,
      all: units.length,
      out: units.filter((unit) => unit.readOn === null).map((unit) => unit.unit),
    }))
    // An event that was seen needs no further reading.
    .filter(({ out, measure }) => out.length > 0 && !kindOf(measure).timed);
  if (gaps.length === 0) return [];
  const whole = gaps.filter(({ out, all }) => out.length === all);
  const parts = gaps.filter(({ out, all }) => out.length < all);
  const finding = (facts: Finding<'missed'>['facts']): Finding<'missed'> => ({ rule: 'missed', severity: 'caution', facts });
  return [
    ...(whole.length > 0 ? [finding({ is: 'round', rounds: whole.map(({ measure, day }) => ({ measure: measure.name, day })) })] : []),
    ...parts.map(({ measure, day, out }) => finding({ is: 'units', measure: measure.name, day, units: out })),
  ];
}
