import { experimentFrom, questions, simulateStudy, simulationDefaults, type Study } from '@fern/core';
import { demoExperiments, demoStudy } from './index';

/** The day on which tests look at the demo. */
export const TODAY = '2026-04-14';
const begin = { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 4817 };

/** Every demo experiment, and a simulated run of every ready-made question, made when asked for. */
export const everyStudy: readonly (readonly [name: string, make: () => Study])[] = [
  ...demoExperiments.map(({ demo }) => [demo.title, () => demoStudy(demo, TODAY)] as const),
  ...questions.map((question) => {
    const make = () => {
      const experiment = experimentFrom(question, begin);
      const started = { ...experiment, plan: { ...experiment.plan, lockedOn: '2026-04-01' } };
      return simulateStudy(started, simulationDefaults(question), { seed: 3, observers: ['Bracken'] }).study;
    };
    return [question.id, make] as const;
  }),
];

/** What a report of a study can differ in. */
const kindsOf = ({ experiment: { layout, comparison, arms, measures } }: Study): readonly string[] => [
  layout,
  comparison,
  arms.length > 2 ? 'many arms' : 'two arms',
  ...measures.map(({ kind, derived }) => (derived === null ? kind : 'derived')),
];

/** The first studies of the above that have a layout, a comparison or a kind of measure that none before them has. */
export function coveringStudies(): readonly (readonly [name: string, study: Study])[] {
  const seen = new Set<string>();
  return everyStudy.flatMap(([name, make]) => {
    const study = make();
    const isNew = kindsOf(study).some((kind) => !seen.has(kind));
    for (const kind of kindsOf(study)) seen.add(kind);
    return isNew ? [[name, study] as const] : [];
  });
}
