import type { Study, Unit } from '../../model';
import { liveIncidents } from '../../study/liveEntries';
import { touched } from './touched';
import { withoutStop } from '../../quantities/withoutStop';
import type { Finding } from '../../words/findings';

/** Units were moved to another medium or container in some arms only: what was lost before and after that day is told apart. */
export function transferRule(study: Study): Finding<'transfer'>[] {
  const { experiment } = study;
  const incidents = liveIncidents(study);
  return incidents
    .filter(({ kind }) => kind === 'move')
    .map((event): Finding<'transfer'> => {
      const { arms, alike } = touched(study, event);
      const { on } = event;
      const note = withoutStop(event.note);
      if (alike) return { rule: 'transfer', severity: 'caution', facts: { on, note, moved: [], losses: [] } };
      const lostOn = ({ code: unit, lostOn: own }: Unit) =>
        own ?? incidents.find((other) => other.kind === 'loss' && other.units.includes(unit))?.on;
      const losses = experiment.arms.map(({ code, name }) => {
        const lost = experiment.units.filter((unit) => unit.arm === code && unit.status === 'lost').map(lostOn);
        const before = lost.filter((day) => day !== undefined && day <= on).length;
        return { name, before, after: lost.length - before };
      });
      return { rule: 'transfer', severity: 'serious', facts: { on, note, moved: arms, losses } };
    });
}
