import type { Finding, Study } from '../../model';
import { kindOf } from '../../kinds';
import { measureRounds } from '../../study/measureRounds';

/** Planned readings that were not taken. */
export function missedRule(study: Study, today?: string): Finding[] {
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
  const finding = (message: string): Finding => ({
    rule: 'missed',
    severity: 'caution',
    message,
    remedy:
      'If it was read and stands on paper, enter it on its day from the log. If not, say so in the report; the other readings still count.',
  });
  return [
    ...(whole.length > 0 ? [finding(`Nobody read ${whole.map(({ measure, day }) => `“${measure.name}” on day ${day}`).join(', ')}.`)] : []),
    ...parts.map(({ measure, day, out }) =>
      finding(
        `“${measure.name}” was not read on day ${day} in ${out.slice(0, 6).join(', ')}${out.length > 6 ? ` and ${out.length - 6} more` : ''}.`,
      ),
    ),
  ];
}
