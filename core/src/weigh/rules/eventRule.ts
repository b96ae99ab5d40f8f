import type { Study } from '../../model';
import { liveIncidents } from '../../study/liveEntries';
import { withoutStop } from '../../quantities/withoutStop';
import type { Finding } from '../../words/findings';
import { touched } from './touched';

type PlainEvent = 'equipment' | 'pest-or-disease' | 'weather' | 'protocol-change' | 'other';

/** A rule for one kind of event: serious where it touched the arms unequally, a caution where it touched all alike. */
export function eventRule(kind: PlainEvent): (study: Study) => Finding<PlainEvent>[] {
  return (study) =>
    liveIncidents(study)
      .filter((event) => event.kind === kind)
      .map((event) => {
        const { arms, alike } = touched(study, event);
        const only = event.arms.length === 0 && event.units.length > 0 ? event.units : arms;
        const facts = { on: event.on, note: withoutStop(event.note), effect: withoutStop(event.effect), only: alike ? [] : only, alike };
        return { rule: kind, severity: alike ? 'caution' : 'serious', facts };
      });
}
