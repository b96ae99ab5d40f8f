import type { Study } from '../model';
import { checkEntry, wrongRevision } from './entry';
import { checkExperiment } from './experiment';
import { refused, under, type Objection } from './Objection';
import { checkReadings } from './readings';

/**
 * A whole study, as it arrives from elsewhere.
 * @param latest calendar date after which nothing can have happened yet
 * @returns pointers begin at the study: "/experiment/arms", "/observations/3/value", "/care/0/units/1"
 */
export function checkStudy(study: Study, latest: string): Objection[] {
  const { experiment, observations } = study;
  const entries = (['incidents', 'care', 'photos'] as const).flatMap((name) =>
    study[name].flatMap((entry, i) => {
      const wrong = wrongRevision(entry, study[name]);
      const revision = wrong === null ? [] : [refused('correction', '/replaces', wrong)];
      return under(`/${name}/${i}`, [...checkEntry(experiment, entry, latest), ...revision]);
    }),
  );
  return [
    ...under('/experiment', checkExperiment(experiment, latest)),
    ...under('/observations', checkReadings({ ...study, observations: [] }, observations, latest)),
    ...entries,
  ];
}
