import { shortDate, type Finding, type Study } from '../../model';
import { touched } from './touched';

const moving = /\b(move|moved|moving|transfer|transferred|potted|repotted|transplanted|planted out)\b/i;

/** Units were moved to another medium or container in some arms only: what was lost before and after that day is told apart. */
export function transfer(study: Study): Finding[] {
  const { experiment, happenings } = study;
  return happenings
    .filter((event) => (event.kind === 'protocol-change' || event.kind === 'other') && moving.test(event.note))
    .flatMap((event): Finding[] => {
      const { arms, alike } = touched(study, event);
      if (alike) return [];
      const lostOn = (unit: string) => happenings.find((other) => other.kind === 'loss' && other.units.includes(unit))?.on;
      const counts = experiment.arms.map((arm) => {
        const lost = experiment.units.filter((unit) => unit.arm === arm.arm && unit.status === 'lost').map((unit) => lostOn(unit.unit));
        const before = lost.filter((on) => on !== undefined && on <= event.on).length;
        return `${arm.name} lost ${before} up to then and ${lost.length - before} after`;
      });
      return [
        {
          rule: 'transfer',
          severity: 'serious',
          message: `${shortDate(event.on)}: only ${arms.join(' and ')} was moved. Moving costs plants by itself: ${counts.join('; ')}.`,
          remedy: 'Compare survival before and after that day apart, or move every arm.',
        },
      ];
    });
}
