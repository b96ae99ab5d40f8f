import { blankOf, stageFields, addDays, emptyPlan, emptyPrediction, layOut, plainTruth, type Truth, emptyThing } from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';
import { given } from './logged';
import { demoArm, demoMeasure, plainExperiment, demoThings } from './plainParts';

const arms = [demoArm('C', 'plain water'), demoArm('B', 'banana-peel water')];
const truth: Truth = plainTruth(
  {
    flower: { process: 'event', days: { '': 47, B: 45 }, spread: 0.1 },
    flowers: { process: 'level', level: { '': 9.2, B: 9.8 }, rate: 0.05 },
  },
  { unitSpread: 0.04, losses: 0.04 },
);

/** Banana-peel water and marigolds: a claim with a size ("in half the time"), time to the first flower. The size is ruled out. */
export const peelAndMarigolds: DemoExperiment = {
  title: 'Banana-peel water and marigolds',
  seed: 1904,
  day: 66,
  readUntil: 63,
  observers: ['Polypody', 'Bracken'],
  truth,
  // A week's water at a time; the peel can ran dry once, and was topped up with plain water.
  log: (study) => ({
    ...study,
    care: [
      ...given(study, [7, 14, 21, 28, 35, 42, 49, 56, 63], { amount: 280, amountUnit: 'mL', note: 'the week’s water' }),
      ...given(study, [30], { arms: ['B'], amount: 400, amountUnit: 'mL', note: 'plain water: the can had run dry' }),
    ],
  }),
  experiment: (today) => {
    const startedOn = addDays(today, -66);
    const { units, bench } = layOut(
      {
        arms,
        unitsPerArm: 14,
        unitsOf: { B: 10 },
        letter: 'M',
        sown: null,
        layout: 'completely-random',
        blocks: 1,
        columns: 12,
        light: 'window',
      },
      1904,
    );
    return {
      ...plainExperiment,
      name: 'peel-and-marigolds',
      title: 'Banana-peel water and marigolds',
      created: `${addDays(startedOn, -5)}T12:00:00Z`,
      question: 'Do marigolds watered with banana-peel water flower in half the time?',
      claim: 'Banana-peel water makes marigolds flower in half the time.',
      claimedRatio: 0.5,
      hypothesis: 'Marigolds with banana-peel water open their first flower earlier than marigolds with plain water.',
      nullHypothesis: 'Banana-peel water makes no difference to the day of the first flower.',
      startedOn,
      endedOn: addDays(startedOn, 63),
      arms,
      units,
      measures: [
        demoMeasure({
          code: 'flower',
          name: 'First flower',
          kind: 'event',
          unit: 'd',
          higherIs: 'worse',
          primary: true,
          smallestDifference: 5,
          readingDays: [35, 38, 41, 44, 47, 50, 53, 56, 63],
        }),
        demoMeasure({ code: 'flowers', name: 'Flowers', kind: 'amount', unit: 'flowers', readingDays: [56, 63] }),
      ],
      plan: {
        ...emptyPlan,
        plant: 'marigolds',
        changed: 'what is in the can',
        claimSource: 'a leaflet at the seed stall',
        claimedMechanism: 'the peel has potassium, which flowers need',
        countsAsYes: 'The first flower at least five days sooner, and so far apart that luck alone seldom does it.',
        unitNoun: 'pot',
        propagule: 'seedlings',
        kept: [
          { what: 'water', how: '80 mL to each every second day' },
          { what: 'temperature of the water', how: 'both cans stood overnight' },
          { what: 'place on the bench', how: 'shuffled' },
        ],
        usuallyKept: ['water', 'temperature of the water', 'place on the bench'],
        stages: [{ ...blankOf(stageFields), name: 'watering', kind: 'handle', arms: ['C', 'B'], hazards: [] }],
        kit: {
          ...emptyPlan.kit,
          lot: 'of one sowing',
          things: [
            { ...emptyThing, what: 'cans that look alike', each: 1, per: 'group' },
            ...demoThings('banana peels, boiled each Monday'),
          ],
        },
        steps: [
          'Boil two peels in a litre of water each Monday, cool, strain.',
          'Give each pot 80 mL from its own can.',
          'Look for the first open flower on the days.',
        ],
        cautions: ['Hot water: an adult pours. Throw away what smells. School safety rules come first.'],
        endRule: 'day 63',
        randomisationSeed: 1904,
        bench: bench.map((shelf) => ({ ...shelf, name: 'South window' })),
        lockedOn: startedOn,
        predictions: [
          {
            ...emptyPrediction,
            person: 'Polypody',
            expects: 'a little earlier',
            reason: 'peel has potassium',
            on: startedOn,
            way: 'less',
            by: 3,
          },
          { ...emptyPrediction, person: 'Bracken', expects: 'no change', reason: 'the mix has all it needs', on: startedOn, way: 'same' },
        ],
        spreadGuess: 0.1,
        controlGuess: 47,
        notTested: ['bigger flowers', 'greener leaves'],
      },
    };
  },
};
