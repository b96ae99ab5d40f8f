import { inList } from '../../quantities/inList';
import { shortDate, type Finding, type Incident, type Study, type Unit } from '../../model';
import { liveIncidents } from '../../study/liveEntries';
import { touched } from './touched';

const moving = /\b(move|moved|moving|transfer|transferred|potted|repotted|transplanted|planted out)\b/i;

/** Whether plants were moved: said as such, or in the words of an entry that has no better kind. */
export const isMove = ({ kind, note }: Incident): boolean =>
  kind === 'move' || ((kind === 'protocol-change' || kind === 'other') && moving.test(note));

/** Units were moved to another medium or container in some arms only: what was lost before and after that day is told apart. */
export function transferRule(study: Study): Finding[] {
  const { experiment } = study;
  const incidents = liveIncidents(study);
  return incidents.filter(isMove).flatMap((event): Finding[] => {
    const { arms, alike } = touched(study, event);
    if (alike)
      return [
        {
          rule: 'transfer',
          severity: 'caution',
          message: `${shortDate(event.on)}: all were moved alike${event.note.trim() === '' ? '' : ` (${event.note.trim()})`}.`,
          remedy: 'The comparison stays fair; say it in the report.',
        },
      ];
    const lostOn = ({ code: unit, lostOn: own }: Unit) =>
      own ?? incidents.find((other) => other.kind === 'loss' && other.units.includes(unit))?.on;
    const counts = experiment.arms.map((arm) => {
      const lost = experiment.units.filter((unit) => unit.arm === arm.code && unit.status === 'lost').map(lostOn);
      const before = lost.filter((on) => on !== undefined && on <= event.on).length;
      return `${arm.name} lost ${before} up to then and ${lost.length - before} after`;
    });
    return [
      {
        rule: 'transfer',
        severity: 'serious',
        message: `${shortDate(event.on)}: only ${inList(arms)} was moved. Moving costs plants by itself: ${counts.join('; ')}.`,
        remedy: 'Compare survival before and after that day apart, or move every arm.',
      },
    ];
  });
}
