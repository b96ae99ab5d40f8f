import {
  addDays,
  blankOf,
  emptyPlan,
  emptyPrediction,
  emptyWriting,
  layOut,
  observationFields,
  plainTruth,
  type Experiment,
  type Truth,
  emptyThing,
} from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';
import { dateOfDay, given } from './logged';
import { readBy } from './photos';
import { demoArm, demoMeasure, plainExperiment, demoThings } from './plainParts';

const arms: Experiment['arms'] = [demoArm('C', 'clear film'), demoArm('R', 'red film'), demoArm('B', 'blue film')];

const films: Readonly<Record<string, string>> = { C: '#a9bcc4', R: '#c0392b', B: '#2c5fb3' };

const truth: Truth = plainTruth(
  {
    height: { process: 'growth', reads: 'height', size: 23, rate: 0.2, effect: { C: 1, R: 1.3, B: 0.97 } },
    leaves: { process: 'growth', reads: 'mass', size: 22, rate: 0.21, effect: { C: 1, R: 1.18, B: 0.98 } },
    picked: { process: 'harvest', each: { '': 8.2, R: 8.6 }, spread: 0.12 },
  },
  {
    unitSpread: 0.07,
    daySpread: 0.01,
    brightMiddle: 0.05,
    coldCorner: 0.03,
    conditions: { temperature: 21, light: 14, water: 1, nutrients: 1 },
    armConditions: { R: { light: 10 } },
  },
);

/** Coloured film over basil: height over four weeks, blocks by shelf; finished, and ready to be written up. */
export const filmAndBasil: DemoExperiment = {
  title: 'Coloured film over basil',
  seed: 2206,
  day: 30,
  readUntil: 28,
  observers: ['Maidenhair', 'Polypody'],
  truth,
  // Tips were picked on the last day; those that bloomed early were pinched a few days before, and count as well.
  log: (study) => ({
    ...study,
    observations: [
      ...study.observations,
      ...['P03', 'P08', 'P11', 'P17', 'P20'].map((unit, i) => ({
        ...blankOf(observationFields),
        id: `picked-early-${unit}`,
        unit,
        measure: 'picked',
        observedOn: dateOfDay(study, 25),
        value: 1 + i * 0.3,
        observer: 'Polypody',
        note: 'it was about to bloom',
      })),
    ],
    care: given(study, [2, 4, 6, 8, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28], { amount: 60, amountUnit: 'mL' }),
  }),
  camera: {
    days: [7, 14, 21, 28],
    scene: (study, unit, day) => ({
      view: 'pot',
      across: 110,
      heights: [readBy(study, 'height', unit, day) * 10],
      film: films[unit.arm],
    }),
  },
  experiment: (today) => {
    const startedOn = addDays(today, -30);
    const { units, bench } = layOut(
      { arms, unitsPerArm: 8, letter: 'P', sown: null, layout: 'blocks', blocks: 2, columns: 12, light: 'lamp' },
      2206,
    );
    return {
      ...plainExperiment,
      name: 'film-and-basil',
      title: 'Coloured film over basil',
      created: `${addDays(startedOn, -4)}T10:30:00Z`,
      question: 'Does the colour of a film over basil change how tall it grows?',
      hypothesis: 'Basil under red film is taller after four weeks than basil under clear film.',
      nullHypothesis: 'The colour of the film makes no difference to the height of basil.',
      startedOn,
      endedOn: addDays(startedOn, 28),
      layout: 'blocks',
      plan: {
        ...emptyPlan,
        plant: 'basil',
        changed: 'colour of the film over the pot',
        unitNoun: 'pot',
        propagule: 'seedlings',
        kept: [
          { what: 'container and volume', how: '11 cm pots, filled to the line' },
          { what: 'mix', how: 'one batch of peat-free mix' },
          { what: 'water', how: '60 mL to each pot every second morning' },
          { what: 'light', how: 'lamp 40 cm above, 16 h' },
          { what: 'temperature', how: 'room at 21 °C' },
          { what: 'place on the bench', how: 'shuffled within each shelf' },
        ],
        usuallyKept: ['container and volume', 'mix', 'water', 'light', 'temperature', 'place on the bench'],
        kit: {
          ...emptyPlan.kit,
          lot: 'of one sowing',
          containers: 'of 11 cm',
          things: [
            ...demoThings('clear, red and blue film'),
            { ...emptyThing, what: 'wire hoops', each: 1, per: 'unit' },
            ...demoThings('ruler'),
          ],
        },
        steps: [
          'Plant one seedling a pot to the first leaves.',
          'Set a hoop over each pot and stretch its film, open below for air.',
          'Stand each pot at its place.',
          'Measure from the soil to the tip, under the film.',
          'On the last day pick the top of each plant and weigh it.',
        ],
        cautions: ['Soil and mix: gloves, open air, wash hands. Grow lamps: do not stare into them. School safety rules come first.'],
        endRule: 'day 28',
        randomisationSeed: 2206,
        bench: bench.map((shelf, i) => ({ ...shelf, name: i === 0 ? 'Window rack, top' : 'Window rack, bottom' })),
        lockedOn: startedOn,
        predictions: [
          {
            ...emptyPrediction,
            person: 'Maidenhair',
            expects: 'red is tallest',
            reason: 'shade under leaves is reddish',
            way: 'more',
            on: addDays(startedOn, -1),
          },
          {
            ...emptyPrediction,
            person: 'Polypody',
            expects: 'no difference',
            reason: 'the film is thin',
            way: 'same',
            on: addDays(startedOn, -1),
          },
        ],
        spreadGuess: 0.07,
        controlGuess: 17,
        notTested: ['taste', 'whether the films let the same amount of light through'],
      },
      writing: {
        ...emptyWriting,
        background:
          'Some growers cover young plants with coloured film. Red film also takes light away, so we measured both height and leaves.',
        discussion: 'The red pots stretched. We think that they got less light and reached for it: they were tall but had no more leaves.',
      },
      arms,
      units,
      measures: [
        demoMeasure({
          code: 'height',
          name: 'Height',
          kind: 'amount',
          unit: 'cm',
          primary: true,
          smallestDifference: 1.5,
          when: 'day 28',
          readingDays: [7, 14, 21, 28],
        }),
        demoMeasure({ code: 'leaves', name: 'Leaves', kind: 'amount', unit: 'leaves', readingDays: [14, 28] }),
        demoMeasure({ code: 'picked', name: 'Tips picked', kind: 'harvest', unit: 'g', when: 'total', readingDays: [28] }),
      ],
    };
  },
};
