import {
  controlOf,
  experimentFrom,
  itemAt,
  primaryOf,
  questions,
  random,
  redesign,
  simulateStudy,
  simulationDefaults,
  type Experiment,
  type Incident,
  type Layout,
  type ReadyQuestion,
  type Study,
} from '@fern/core';
import { demoExperiments, demoStudy } from '@fern/demo';
import { turned, turns } from './truths';

/** The day on which the listing looks at the demo. */
export const TODAY = '2026-04-14';
const begin = { created: '2026-04-01T08:00:00Z', startOn: '2026-04-01', seed: 4817 };
const layouts: readonly Layout[] = ['completely-random', 'blocks', 'pairs'];

export interface Named {
  readonly name: string;
  readonly make: () => Study;
}

const locked = (experiment: Experiment): Experiment => ({ ...experiment, plan: { ...experiment.plan, lockedOn: '2026-04-01' } });

function run(question: ReadyQuestion, experiment: Experiment, turn: number, seed: number): Study {
  const [, change] = itemAt(turns, turn % turns.length);
  const truth = turned(simulationDefaults(question), controlOf(experiment.arms)?.code ?? '', change);
  return simulateStudy(locked(experiment), truth, { seed, observers: ['Bracken'] }).study;
}

/** Every demo, and every question with three truths. */
export const plainStudies: readonly Named[] = [
  ...demoExperiments.map(({ demo }) => ({ name: demo.title, make: () => demoStudy(demo, TODAY) })),
  ...questions.flatMap((question) =>
    turns.map(([name], turn) => ({ name: `${question.id}, ${name}`, make: () => run(question, experimentFrom(question, begin), turn, 3) })),
  ),
];

/** So many runs of all layouts, in which things go wrong: few units, losses, mishaps, an early look, two people who read. */
export const roughStudies = (count: number): readonly Named[] =>
  Array.from({ length: count }, (_, i) => ({ name: `rough ${i + 1}`, make: () => rough(i + 1) }));

function rough(seed: number): Study {
  const source = random(seed);
  const question = itemAt(questions, seed % questions.length);
  const first = experimentFrom(question, begin);
  const layout = itemAt(layouts, seed % layouts.length);
  const fits = layout !== 'pairs' || first.arms.length === 2;
  const unitsPerArm = source.int(1, 8);
  const drawn = redesign(first, fits ? { layout, unitsPerArm, blocks: 2 } : { unitsPerArm });
  const study = run(question, drawn, source.int(0, 2), seed);
  return [lossesIn, mishapIn, earlyIn, twoPeopleIn].reduce((now, change) => (source.share() < 0.4 ? change(now, source) : now), study);
}

type Change = (study: Study, source: ReturnType<typeof random>) => Study;

const lossesIn: Change = (study, source) => ({
  ...study,
  experiment: {
    ...study.experiment,
    units: study.experiment.units.map((unit) => {
      const drawn = source.share();
      if (drawn < 0.12) return { ...unit, status: 'lost', lostOn: '2026-04-05' };
      return drawn < 0.18 ? { ...unit, status: 'excluded', statusReason: 'its label came off' } : unit;
    }),
  },
});

const mishaps: readonly Incident['kind'][] = ['equipment', 'weather', 'pest-or-disease', 'protocol-change', 'mix-up', 'move', 'other'];

const mishapIn: Change = (study, source) => {
  const { arms, units } = study.experiment;
  const some = units.slice(0, source.int(1, 3)).map(({ code }) => code);
  const whom = itemAt(
    [
      { arms: [], units: [] },
      { arms: [arms[1]?.code ?? 'C'], units: [] },
      { arms: [], units: some },
    ],
    source.int(0, 2),
  );
  const incident: Incident = {
    id: 'a1b2c3d4e5f6',
    on: '2026-04-04',
    kind: itemAt(mishaps, source.int(0, mishaps.length - 1)),
    ...whom,
    note: source.share() < 0.5 ? 'the window stood open.' : '',
    effect: '',
    replaces: null,
    withdrawn: false,
  };
  return { ...study, incidents: [...study.incidents, incident] };
};

const earlyIn: Change = (study) => {
  const last = Math.max(0, ...(primaryOf(study.experiment.measures)?.readingDays ?? []));
  const half = new Date(Date.UTC(2026, 3, 1 + Math.floor(last / 2))).toISOString().slice(0, 10);
  return { ...study, observations: study.observations.filter(({ observedOn }) => observedOn <= half) };
};

const twoPeopleIn: Change = (study) => {
  const control = controlOf(study.experiment.arms)?.code;
  const ofControl = new Set(study.experiment.units.flatMap(({ code, arm }) => (arm === control ? [code] : [])));
  return {
    ...study,
    observations: study.observations.map((seen) => ({ ...seen, observer: ofControl.has(seen.unit) ? 'Bracken' : 'Polypody' })),
  };
};
