import {
  addDays,
  containersOf,
  emptyPlan,
  emptyPrediction,
  emptyWriting,
  layOut,
  plainTruth,
  type Experiment,
  type Truth,
  itemAt,
  emptySolution,
} from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';
import { readBy } from './photos';
import { demoArm, demoMeasure, plainExperiment, demoThings } from './plainParts';

const arms: Experiment['arms'] = [
  demoArm('C', 'tap water', { dose: 0, doseUnit: 'mM' }),
  demoArm('25', '25 mM salt', { dose: 25, doseUnit: 'mM' }),
  demoArm('50', '50 mM salt', { dose: 50, doseUnit: 'mM' }),
  demoArm('100', '100 mM salt', { dose: 100, doseUnit: 'mM' }),
];

const truth: Truth = plainTruth(
  {
    sprouts: {
      process: 'sprouting',
      share: { C: 0.93, 25: 0.9, 50: 0.68, 100: 0.3 },
      thermalTime: { C: 62, 25: 68, 50: 88, 100: 120 },
      base: 3,
      seedSpread: 0.28,
    },
    root: { process: 'growth', reads: 'height', size: 62, rate: 0.85, effect: { C: 1, 25: 0.9, 50: 0.68, 100: 0.4 } },
  },
  {
    unitSpread: 0.12,
    daySpread: 0.01,
    brightMiddle: 0.05,
    coldCorner: 0.04,
    conditions: { temperature: 20, light: 10, water: 1, nutrients: 1 },
  },
);

/** Salt water and radish sprouting: doses, in two blocks, waiting for today's readings. */
export const saltAndRadish: DemoExperiment = {
  title: 'Salt water and radish sprouting',
  seed: 4817,
  day: 5,
  readUntil: 4,
  observers: ['Bracken', 'Sphagnum'],
  truth,
  camera: {
    days: [2, 3, 4],
    scene: (study, unit, day) => ({
      view: 'dish',
      across: 90,
      sown: unit.sown ?? 0,
      sprouted: readBy(study, 'sprouts', unit, day),
      root: readBy(study, 'root', unit, 4) * (day / 4) ** 2,
    }),
  },
  experiment: (today) => {
    const startedOn = addDays(today, -5);
    const { units, bench } = layOut(
      { arms, unitsPerArm: 6, letter: 'D', sown: 25, layout: 'blocks', blocks: 2, columns: 12, light: 'lamp' },
      4817,
    );
    const trays = containersOf(units, { how: 'places', what: 'tray', each: 6 });
    return {
      ...plainExperiment,
      name: 'salt-and-radish',
      title: 'Salt water and radish sprouting',
      created: `${addDays(startedOn, -6)}T09:00:00Z`,
      question: 'Does salt in the water keep radish seeds from sprouting, and how much salt does it take?',
      hypothesis: 'The more salt is in the water, the fewer radish seeds sprout within ten days.',
      nullHypothesis: 'Salt in the water makes no difference to how many radish seeds sprout.',
      startedOn,
      asked: [{ factor: null, group: '100', against: 'C' }],
      layout: 'blocks',
      plan: {
        ...emptyPlan,
        plant: 'radish seed',
        changed: 'salt in the water',
        unitNoun: 'dish',
        kept: [
          { what: 'seed lot and age', how: 'one packet, mixed in a bowl' },
          { what: 'container and volume', how: '9 cm dishes, 6 mL each' },
          { what: 'water', how: 'the same syringe, all within half an hour' },
          { what: 'light', how: 'lamp from 7 to 23 h' },
          { what: 'temperature', how: 'room at 20 °C' },
          { what: 'place on the bench', how: 'shuffled within each shelf; six dishes of all sorts on a tray' },
        ],
        usuallyKept: ['seed lot and age', 'container and volume', 'water', 'light', 'temperature', 'place on the bench'],
        kit: {
          ...emptyPlan.kit,
          containers: 'with lids',
          solutions: [
            ...[1.46, 2.92, 5.84].map((grams, i) => ({
              ...emptySolution,
              name: `table salt, ${[25, 50, 100][i]} mM`,
              arms: [String([25, 50, 100][i])],
              each: 6,
              made: 'grams' as const,
              grams,
            })),
            { ...emptySolution, name: 'tap water', arms: ['C'], each: 6 },
          ],
          things: demoThings('kitchen paper', 'balance'),
        },
        steps: [
          'Dissolve 1.46 g, 2.92 g and 5.84 g of salt in a litre of tap water each: 25, 50 and 100 mM.',
          'Line each dish with two layers of paper and give it 6 mL of its water.',
          'Lay out 25 seeds, none touching, and close the lid.',
          'Stand each dish at its place; read without moving it.',
        ],
        cautions: ['Seeds sold for sowing may be dressed: not for eating or bare hands. School safety rules and the label come first.'],
        endRule: 'day 10, or when two readings add no sprout',
        randomisationSeed: 4817,
        bench: bench.map((shelf, i) => ({ ...shelf, name: i === 0 ? 'Upper shelf' : 'Lower shelf' })),
        lockedOn: startedOn,
        predictions: [
          {
            ...emptyPrediction,
            person: 'Bracken',
            expects: 'fewer sprouts from 50 mM on',
            reason: 'salt pulls water out of the seed',
            on: addDays(startedOn, -1),
            way: 'less',
            by: 10,
            ranking: ['C', '25', '50', '100'],
          },
          {
            ...emptyPrediction,
            person: 'Sphagnum',
            expects: 'fewer sprouts at every dose',
            reason: 'seeds are delicate',
            on: addDays(startedOn, -1),
            way: 'less',
          },
          {
            ...emptyPrediction,
            person: 'Maidenhair',
            expects: 'only 100 mM matters',
            reason: 'beets grow by the sea',
            on: addDays(startedOn, -1),
            way: 'less',
          },
          {
            ...emptyPrediction,
            person: 'Polypody',
            expects: 'no change',
            reason: 'the seed has its own store',
            on: addDays(startedOn, -1),
            way: 'same',
          },
        ],
        spreadGuess: 0.08,
        controlGuess: 0.9,
        controlLimits: [{ measure: 'sprouts', arm: null, least: 80, most: null }],
        containerNoun: 'tray',
        onPurpose: ['water'],
        notTested: ['whether plants that sprout in salt grow on'],
      },
      writing: {
        ...emptyWriting,
        background: 'Roads here are salted in winter and the verges stay bare in spring. We wondered whether seeds there cannot sprout.',
      },
      arms,
      units: units.map((unit, i) => ({ ...unit, container: itemAt(trays, i) })),
      measures: [
        demoMeasure({
          code: 'sprouts',
          name: 'Normal sprouts',
          kind: 'count',
          higherIs: 'better',
          expected: 'less',
          primary: true,
          smallestDifference: 20,
          readingDays: [2, 3, 4, 5, 6, 7, 8, 10],
        }),
        demoMeasure({
          code: 'root',
          name: 'Longest root',
          kind: 'amount',
          unit: 'mm',
          higherIs: 'better',
          expected: 'less',
          readingDays: [4, 10],
        }),
      ],
    };
  },
};
