import { inList } from '../../quantities/inList';
import { shortDate, type Finding, type Study } from '../../model';
import { liveIncidents } from '../../study/liveEntries';

/** Which unit is which is in doubt. */
export function mixUpRule(study: Study): Finding[] {
  const { experiment } = study;
  const incidents = liveIncidents(study);
  const named = incidents
    .filter((event) => event.kind === 'mix-up')
    .map((event): Finding => {
      const still = event.units.filter((code) => experiment.units.some((unit) => unit.code === code && unit.status !== 'excluded'));
      const which = event.units.length > 0 ? inList(event.units) : 'Some units';
      const message = `${shortDate(event.on)}: ${which} may have been mixed up${event.note.trim() === '' ? '' : ` (${event.note.trim()})`}.`;
      return still.length > 0 || event.units.length === 0
        ? {
            rule: 'mix-up',
            severity: 'serious',
            message,
            remedy: `Exclude ${inList(still) || 'them'}: nobody knows to which arm ${still.length === 1 ? 'it belongs' : 'they belong'}.`,
          }
        : {
            rule: 'mix-up',
            severity: 'caution',
            message: `${message} They are excluded.`,
            remedy: 'The result is also given with them put back.',
          };
    });
  const told = new Set(incidents.filter((event) => event.kind === 'mix-up').flatMap((event) => event.units));
  const others = experiment.units.filter((unit) => unit.status === 'excluded' && !told.has(unit.code));
  if (others.length === 0) return named;
  const reasons = [...new Set(others.map((unit) => unit.statusReason).filter((reason) => reason !== null))];
  return [
    ...named,
    {
      rule: 'mix-up',
      severity: 'caution',
      message: `${others.map((unit) => unit.code).join(', ')} ${others.length === 1 ? 'is' : 'are'} excluded${reasons.length > 0 ? ` (${reasons.join('; ')})` : ''}.`,
      remedy: 'The result is also given with them put back.',
    },
  ];
}
