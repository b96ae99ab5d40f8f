import { shortDate, type EventKind, type Finding, type Study } from '../../model';
import { liveIncidents } from '../../study/liveEntries';
import { touched } from './touched';
import { isMove } from './transfer';

/** A rule for one kind of event: serious where it touched the arms unequally, a caution where it touched all alike. */
export function eventRule(kind: EventKind, what: string): (study: Study) => Finding[] {
  return (study) =>
    liveIncidents(study)
      .filter((event) => event.kind === kind && !isMove(event))
      .map((event): Finding => {
        const { arms, alike } = touched(study, event);
        const note = event.note.trim() === '' ? what : event.note.trim().replace(/\.$/, '');
        const told = event.effect.trim() === '' ? note : `${note} (${event.effect.trim().replace(/\.$/, '')})`;
        const named = event.arms.length === 0 && event.units.length > 0 ? event.units : arms;
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
              message: `${shortDate(event.on)}: ${told}. It touched ${inWords(named) || 'some'} only, so it could be what made the difference.`,
              remedy: 'Say it beside the result, and repeat without it before you believe the result.',
            };
      });
}

const MOST_NAMED = 8;

/** "P01, P02 and P03"; of many the first, and how many more. */
function inWords(names: readonly string[]): string {
  const shown = names.length > MOST_NAMED ? [...names.slice(0, MOST_NAMED - 1), `${names.length - MOST_NAMED + 1} more`] : names;
  return shown.length < 2 ? shown.join() : `${shown.slice(0, -1).join(', ')} and ${shown[shown.length - 1]}`;
}
