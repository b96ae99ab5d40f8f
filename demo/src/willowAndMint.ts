import { blankOf, stageFields, addDays, emptyPlan, emptyPrediction, layOut, plainTruth, type Truth } from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';
import { demoArm, demoMeasure, plainExperiment, demoThings } from './plainParts';

const arms = [demoArm('C', 'plain water'), demoArm('W', 'willow tea')];
const truth: Truth = plainTruth(
  {
    rooted: { process: 'share', share: { '': 0.55, W: 0.62 }, from: 8, to: 27 },
    roots: { process: 'level', level: { '': 5.5, W: 6 }, rate: 0.1 },
  },
  { unitSpread: 0.15 },
);

/** Willow tea and mint cuttings: rooted or not, blinded. Planned and predicted; it starts tomorrow. */
export const willowAndMint: DemoExperiment = {
  title: 'Willow tea and mint cuttings',
  seed: 330,
  day: 0,
  readUntil: -1,
  observers: [],
  truth,
  experiment: (today) => {
    const startedOn = addDays(today, 1);
    const { units, bench } = layOut(
      { arms, unitsPerArm: 10, letter: 'M', sown: 5, layout: 'blocks', blocks: 2, columns: 10, light: 'lamp' },
      330,
    );
    return {
      ...plainExperiment,
      name: 'willow-and-mint',
      title: 'Willow tea and mint cuttings',
      created: `${addDays(today, -4)}T09:30:00Z`,
      question: 'Do more mint cuttings root after a night in willow tea than after a night in plain water?',
      hypothesis: 'More mint cuttings have roots on day 28 after willow tea than after plain water.',
      nullHypothesis: 'Willow tea makes no difference to how many mint cuttings root.',
      startedOn,
      layout: 'blocks',
      blinded: true,
      arms,
      units,
      measures: [
        demoMeasure({ code: 'rooted', name: 'Rooted', kind: 'count', primary: true, smallestDifference: 25, readingDays: [14, 21, 28] }),
        demoMeasure({ code: 'roots', name: 'Roots, mean of a glass', kind: 'amount', unit: 'roots', readingDays: [28] }),
      ],
      plan: {
        ...emptyPlan,
        plant: 'mint cuttings',
        changed: 'what the cuttings stand in for the first night',
        unitNoun: 'glass',
        propagule: 'cuttings',
        kept: [
          { what: 'mother plants', how: 'each glass gets one cutting of each of five plants' },
          { what: 'length', how: '8 cm, two leaf pairs' },
          { what: 'water afterwards', how: 'plain, changed on Mondays' },
        ],
        usuallyKept: ['mother plants', 'length', 'water afterwards'],
        stages: [
          { ...blankOf(stageFields), name: 'a night in willow tea', kind: 'soak', arms: ['W'], hours: 12, hazards: [] },
          { ...blankOf(stageFields), name: 'a night in plain water', kind: 'soak', arms: ['C'], hours: 12, hazards: [] },
        ],
        kit: { ...emptyPlan.kit, things: demoThings('willow twigs', 'clean blade') },
        steps: [
          'Brew the willow tea and let it cool.',
          'Cut, share out and stand the cuttings overnight.',
          'Change all glasses to plain water; read blind on the days.',
        ],
        cautions: ['Blades: cut away from the hand. Hot water: an adult pours. School safety rules come first.'],
        endRule: 'day 28',
        randomisationSeed: 330,
        bench: bench.map((shelf, i) => ({ ...shelf, name: i === 0 ? 'Lamp rack, left' : 'Lamp rack, right' })),
        predictions: [
          {
            ...emptyPrediction,
            person: 'Bracken',
            expects: 'more root in willow tea',
            reason: 'willow roots so easily itself',
            on: addDays(today, -1),
            way: 'more',
            by: 20,
          },
          {
            ...emptyPrediction,
            person: 'Sphagnum',
            expects: 'no change',
            reason: 'mint roots anyway',
            on: addDays(today, -1),
            way: 'same',
          },
        ],
        spreadGuess: 0.22,
        controlGuess: 0.55,
        notTested: ['how they grow on in soil'],
      },
    };
  },
};
