import { simulateStudy } from '../../simulate/simulateStudy';
import { unitData } from '../../study/curves';
import { weighMeasure } from '../../weigh/weighMeasure';
import { primaryOf, type Study } from '../../model';
import { experimentFrom } from '../experimentFrom';
import type { ReadyQuestion } from '../ReadyQuestion';
import { simulationDefaults } from '../simulationDefaults';

export const begin = { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 4817 };

/** So many simulated runs of a ready-made question. */
export function runsOf(question: ReadyQuestion, runs: number): Study[] {
  const experiment = experimentFrom(question, begin);
  const started = { ...experiment, plan: { ...experiment.plan, lockedOn: '2026-04-01' } };
  return Array.from(
    { length: runs },
    (_, i) => simulateStudy(started, simulationDefaults(question), { seed: i + 1, observers: ['Bracken'] }).study,
  );
}

/** The verdict of a run on the measure that decides. */
export function verdictOf(study: Study): string {
  const primary = primaryOf(study.experiment.measures);
  if (!primary) throw new Error('no measure decides');
  return weighMeasure(study, primary, unitData(study, primary), [], { seed: 1, beside: false }).verdict.code;
}
