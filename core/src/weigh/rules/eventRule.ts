import { shortDate, type EventKind, type Finding, type Study } from '../../model';
import { touched } from './touched';

/** A rule for one kind of event: serious where it touched the arms unequally, a caution where it touched all alike. */
export function eventRule(kind: EventKind, what: string): (study: Study) => Finding[] {
  return (study) =>
    study.happenings
      .filter((event) => event.kind === kind)
      .map((event): Finding => {
        const { arms, alike } = touched(study, event);
        const told = event.note.trim() === '' ? what : event.note.trim().replace(/\.$/, '');
        return alike
          ? {
              rule: kind,
              severity: 'caution',
              message: `${shortDate(event.on)}: ${told}. It touched all arms alike.`,
              remedy: 'The comparison stays fair; say it in the report.',
            }
          : {
              rule: kind,
              severity: 'serious',
              message: `${shortDate(event.on)}: ${told}. It touched ${arms.join(' and ') || 'some'} only, so it could be what made the difference.`,
              remedy: 'Say it beside the result, and repeat without it before you believe the result.',
            };
      });
}
