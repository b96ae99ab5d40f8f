import { itemAt } from './invariant';
import {
  blankOf,
  emptyArm,
  emptyPlan,
  emptyWriting,
  incidentFields,
  measureFields,
  observationFields,
  unitFields,
  type Arm,
  type Experiment,
  type Incident,
  type Measure,
  type Observation,
  type Study,
  type Unit,
} from './model';
import { onRounds } from './study/onRounds';

/** A day after which nothing in a test can have been read yet. */
export const LATEST = '2099-12-31';

/** Makers of small studies for tests: what a test does not care about has a plain value. */
export function anArm(arm: string, more: Partial<Arm> = {}): Arm {
  return { ...emptyArm, code: arm, name: arm, role: arm === 'C' ? 'control' : 'treatment', ...more };
}

export function aUnit(unit: string, arm: string, more: Partial<Unit> = {}): Unit {
  return { ...blankOf(unitFields), code: unit, arm, ...more };
}

export function aMeasure(more: Partial<Measure> = {}): Measure {
  return {
    ...blankOf(measureFields),
    code: 'height',
    name: 'Height',
    unit: 'cm',
    primary: true,
    smallestDifference: 2,
    readingDays: [7],
    ...more,
  };
}

export function anObservation(unit: string, value: number, more: Partial<Observation> = {}): Observation {
  return {
    ...blankOf(observationFields),
    id: `${more.measure ?? 'height'}-${unit}-${more.observedOn ?? '2026-04-08'}-${more.plant ?? ''}`,
    unit,
    measure: 'height',
    observedOn: '2026-04-08',
    value,
    ...more,
  };
}

export function anIncident(kind: Incident['kind'], more: Partial<Incident> = {}): Incident {
  return { ...blankOf(incidentFields), id: 'h', on: '2026-04-04', kind, ...more };
}

/** The value of a reading that has one. */
export function valueOf({ id, value }: Observation): number {
  if (value === null) throw new Error(`${id} has no value`);
  return value;
}

/** A study with every reading on the walk that its day says. */
export function placed(study: Study): Study {
  return { ...study, observations: onRounds(study.experiment, study.observations) };
}

export function anExperiment(more: Partial<Experiment> = {}): Experiment {
  return {
    name: 'test',
    title: 'A test',
    created: '2026-04-01',
    question: 'Does it?',
    claim: null,
    hypothesis: 'It does.',
    nullHypothesis: 'It does not.',
    claimedRatio: null,
    asked: [],
    startedOn: '2026-04-01',
    endedOn: null,
    comparison: 'control',
    layout: 'completely-random',
    blinded: false,
    plan: { ...emptyPlan, plant: 'radish', unitNoun: 'pot', endRule: 'day 7' },
    writing: emptyWriting,
    arms: [anArm('C'), anArm('T')],
    units: [],
    measures: [aMeasure()],
    ...more,
  };
}

/** A study from the values of each arm, one a unit: `studyOf({ C: [1, 2], T: [3, 4] })`. */
export function studyOf(
  values: Readonly<Record<string, readonly number[]>>,
  more: Partial<Experiment> = {},
  unitMore: (arm: string, i: number) => Partial<Unit> = () => ({}),
): Study {
  const units = Object.entries(values).flatMap(([arm, list]) => list.map((_, i) => aUnit(`${arm}${i + 1}`, arm, unitMore(arm, i))));
  const experiment = anExperiment({ arms: Object.keys(values).map((arm) => anArm(arm)), units, ...more });
  const measure = itemAt(experiment.measures, 0);
  const observations = Object.entries(values).flatMap(([arm, list]) =>
    list.map((value, i) => anObservation(`${arm}${i + 1}`, value, { measure: measure.code, category: measure.category })),
  );
  return { experiment, observations, incidents: [], care: [], photos: [] };
}
