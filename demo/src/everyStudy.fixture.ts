import { experimentFrom, questions, simulateStudy, usualTruth, type Study } from '@fern/core';
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
      const started = { ...experiment, plan: { ...experiment.plan, frozenOn: '2026-04-01' } };
      return simulateStudy(started, usualTruth(question), { seed: 3, observers: ['Bracken'] }).study;
    };
    return [question.id, make] as const;
  }),
];
