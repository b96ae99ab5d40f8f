import { addDays, crossFactors, emptyPlan, emptyPrediction, layOut, plainTruth, type Truth } from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';
import { dateOfDay, readOtherwise } from './logged';
import { demoMeasure, plainExperiment, demoThings } from './plainParts';

const arms = crossFactors(
  { name: 'mulch', levels: ['no mulch', 'straw 2 cm', 'straw 5 cm'] },
  { name: 'pot', levels: ['clay pot', 'plastic pot'] },
);

const truth: Truth = plainTruth(
  { loss: { process: 'level', level: { '': 148, A2: 121, B1: 122, B2: 92, C1: 104, C2: 70 }, rate: 0.28 } },
  { unitSpread: 0.07, daySpread: 0.03, brightMiddle: 0.06, coldCorner: 0.03 },
);

/** Straw mulch depth × pot material: water lost. Two crossed factors, still running; one walk was missed. */
export const mulchAndPots: DemoExperiment = {
  title: 'Straw mulch and water loss',
  seed: 512,
  day: 9,
  readUntil: 6,
  observers: ['Bracken', 'Maidenhair'],
  truth,
  // The second walk was a day late, and one number was typed with a digit too many, which was put right at once.
  log: (study) =>
    readOtherwise(study, (seen) => {
      if (seen.plannedDay === 6) return { ...seen, observedOn: dateOfDay(study, 7) };
      if (seen.id !== 'loss-P05-3' || seen.value === null) return seen;
      return [
        { ...seen, id: 'loss-P05-3-slip', value: seen.value * 10 },
        { ...seen, note: 'a digit too many', replaces: 'loss-P05-3-slip' },
      ];
    }),
  experiment: (today) => {
    const startedOn = addDays(today, -9);
    const { units, bench } = layOut(
      { arms, unitsPerArm: 4, letter: 'P', sown: null, layout: 'completely-random', blocks: 1, columns: 12, light: 'window' },
      512,
    );
    return {
      ...plainExperiment,
      name: 'mulch-and-pots',
      title: 'Straw mulch and water loss',
      created: `${addDays(startedOn, -3)}T11:00:00Z`,
      question: 'Does straw mulch keep water in a pot, and does it matter what the pot is made of?',
      hypothesis: 'Pots with straw lose less water in two weeks than pots without, and clay pots lose more than plastic ones.',
      nullHypothesis: 'Neither straw nor the pot makes a difference to the water lost.',
      startedOn,
      asked: [
        { factor: 'mulch', group: 'straw 5 cm', against: 'no mulch' },
        { factor: 'pot', group: 'plastic pot', against: 'clay pot' },
      ],
      arms,
      units,
      measures: [
        demoMeasure({
          code: 'loss',
          name: 'Water lost',
          kind: 'amount',
          unit: 'mL',
          higherIs: 'worse',
          primary: true,
          smallestDifference: 25,
          readingDays: [3, 6, 8, 10, 14],
        }),
      ],
      plan: {
        ...emptyPlan,
        changed: 'depth of straw and material of the pot',
        unitNoun: 'pot',
        kept: [
          { what: 'mix', how: '600 g of one batch in each' },
          { what: 'water at the start', how: 'to 400 g over the dry weight' },
          { what: 'place on the bench', how: 'shuffled along the window' },
        ],
        usuallyKept: ['mix', 'water at the start', 'place on the bench'],
        kit: {
          ...emptyPlan.kit,
          containers: 'of one size, half of clay and half of plastic',
          mediumEach: 600,
          mediumBy: 'g',
          things: demoThings('straw', 'balance to 1 g'),
        },
        steps: [
          'Fill each pot with 600 g of mix and water it to its weight.',
          'Lay straw 2 or 5 cm deep where the plan says.',
          'Weigh each pot on the days; what is missing is the water lost.',
        ],
        cautions: ['Soil and mix: gloves, open air, wash hands. School safety rules come first.'],
        endRule: 'day 14',
        randomisationSeed: 512,
        bench: bench.map((shelf) => ({ ...shelf, name: 'Window sill' })),
        lockedOn: startedOn,
        predictions: [
          {
            ...emptyPrediction,
            person: 'Bracken',
            expects: 'clay loses more whatever is on top',
            reason: 'it breathes',
            on: addDays(startedOn, -1),
          },
        ],
        spreadGuess: 0.08,
        controlGuess: 140,
        notTested: ['whether plants drink from it'],
      },
    };
  },
};
