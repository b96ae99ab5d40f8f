import {
  addDays,
  blankOf,
  emptyPlan,
  emptyPrediction,
  incidentFields,
  layOut,
  plainTruth,
  type Study,
  type Truth,
  emptyThing,
} from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';
import { dateOfDay, readOtherwise } from './logged';
import { demoArm, demoMeasure, plainExperiment, demoThings } from './plainParts';

const arms = [demoArm('C', 'left as it is', { phrase: 'in soil left as it is' }), demoArm('D', 'dug', { phrase: 'in dug soil' })];
/** The share that is lost is what soil life does; the balance shows only what was there before and what is left. */
const truth: Truth = plainTruth(
  { lost: { process: 'level', level: { '': 41, D: 44 }, rate: 0.08 }, before: { process: 'harvest', each: { '': 2.03 }, spread: 0.03 } },
  { unitSpread: 0.2 },
);

/** What is left of each bag, as the balance reads it. */
function weighedAgain(study: Study): Study {
  const before = new Map(
    study.observations.flatMap(({ measure, unit, value }) => (measure === 'before' && value !== null ? [[unit, value]] : [])),
  );
  return readOtherwise(study, (seen) => {
    if (seen.measure !== 'lost' || seen.value === null) return seen;
    const left = (before.get(seen.unit) ?? 0) * (1 - seen.value / 100);
    return { ...seen, id: seen.id.replace('lost', 'after'), measure: 'after', value: Number(left.toFixed(2)) };
  });
}

/** Buried tea bags in dug and undug soil: pairs at each spot. Cannot tell; something went wrong on one side only. */
export const teaBags: DemoExperiment = {
  title: 'Buried tea bags',
  seed: 77,
  day: 61,
  readUntil: 56,
  observers: ['Sphagnum'],
  truth,
  log: (study) => ({
    ...weighedAgain(study),
    incidents: [
      {
        ...blankOf(incidentFields),
        id: 'rain',
        on: dateOfDay(study, 20),
        kind: 'weather',
        arms: ['D'],
        note: 'The dug half was under water for two days.',
      },
    ],
  }),
  experiment: (today) => {
    const startedOn = addDays(today, -61);
    const { units, bench } = layOut(
      { arms, unitsPerArm: 10, letter: 'T', sown: null, layout: 'pairs', blocks: 10, columns: 10, light: 'none' },
      77,
    );
    return {
      ...plainExperiment,
      name: 'tea-bags',
      title: 'Buried tea bags',
      created: `${addDays(startedOn, -7)}T08:15:00Z`,
      question: 'Does soil life eat more of a tea bag where the soil was dug?',
      hypothesis: 'Tea bags in dug soil lose more of their mass in eight weeks than tea bags in soil left as it is.',
      nullHypothesis: 'Digging makes no difference to the mass that tea bags lose.',
      startedOn,
      endedOn: addDays(startedOn, 56),
      layout: 'pairs',
      arms,
      units,
      measures: [
        demoMeasure({
          code: 'lost',
          name: 'Mass lost',
          kind: 'derived',
          unit: '%',
          derived: '100*(before-after)/before',
          primary: true,
          smallestDifference: 8,
          readingDays: [56],
        }),
        demoMeasure({ code: 'before', name: 'Mass before, dry', kind: 'amount', unit: 'g', higherIs: 'neither', readingDays: [0] }),
        demoMeasure({ code: 'after', name: 'Mass after, dry', kind: 'amount', unit: 'g', higherIs: 'worse', readingDays: [56] }),
      ],
      plan: {
        ...emptyPlan,
        changed: 'whether the soil was dug',
        unitNoun: 'bag',
        propagule: 'tea bags',
        place: 'ground',
        kept: [
          { what: 'bags', how: 'one box, dried and weighed to 0.01 g' },
          { what: 'depth', how: '8 cm, a stick with a mark' },
          { what: 'days buried', how: 'all lifted on one day' },
        ],
        usuallyKept: ['bags', 'depth', 'days buried'],
        kit: {
          ...emptyPlan.kit,
          things: [{ ...emptyThing, what: 'stakes', each: 1, per: 'unit' }, ...demoThings('balance to 0.01 g', 'spade')],
        },
        steps: [
          'Dry and weigh each bag; sew its number on.',
          'At ten spots dig one of two places, chosen by coin; bury a bag 8 cm deep in each.',
          'Lift after eight weeks, brush, dry, weigh.',
        ],
        cautions: ['Soil: gloves, wash hands, cover cuts. School safety rules come first.'],
        endRule: 'day 56',
        randomisationSeed: 77,
        bench: bench.map((shelf) => ({ ...shelf, name: 'Plot behind the greenhouse' })),
        lockedOn: startedOn,
        predictions: [
          {
            ...emptyPrediction,
            person: 'Sphagnum',
            expects: 'more is eaten where it was dug',
            reason: 'air gets in',
            way: 'more',
            on: startedOn,
          },
        ],
        spreadGuess: 0.2,
        controlGuess: 40,
        notTested: ['which animals or moulds did it'],
      },
    };
  },
};
