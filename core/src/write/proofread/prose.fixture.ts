import { aMeasure, anArm, anObservation, studyOf } from '../../testing';
import { emptyPlan, type Study } from '../../model';

const spread = [0, -1, 1, -1.5, 1.5, 0];
const around = (middle: number) => spread.map((by) => middle + by);
const sprouts = { C: [15, 14, 16, 13, 15, 14], A25: [11, 10, 12, 11, 11, 10], A50: [3, 2, 4, 3, 3, 2], A100: [0, 0, 0, 0, 0, 0] };
const roots = { C: around(40), A25: around(30), A50: around(20), A100: around(10) };

const salt = (dose: number) => anArm(`A${dose}`, { name: `${dose} mM salt`, dose, doseUnit: 'mM' });
const started = '2026-04-01';
const base = studyOf(
  sprouts,
  {
    arms: [anArm('C', { name: 'tap water', dose: 0, doseUnit: 'mM' }), salt(25), salt(50), salt(100)],
    measures: [
      aMeasure({
        code: 'sprouts',
        name: 'Normal sprouts',
        kind: 'count',
        unit: '',
        smallestDifference: 20,
        higherIs: 'better',
        expected: 'less',
        readingDays: [3, 7, 10],
      }),
      aMeasure({ code: 'root', name: 'Longest root', unit: 'mm', primary: false, readingDays: [10] }),
    ],
    plan: { ...emptyPlan, plant: 'radish', unitNoun: 'dish', propagule: 'seeds', changed: 'salt in the water' },
    startedOn: started,
    endedOn: '2026-04-11',
  },
  () => ({ sown: 25 }),
);

/** Radish in salt: 87, 65, 17 and 0 of 150 sprouted (58, 43.3, 11.3 and 0 %); roots of 40, 30, 20 and 10 mm. */
export const salted: Study = {
  ...base,
  observations: [
    ...base.observations.map((seen) => ({ ...seen, observedOn: '2026-04-11', plannedDay: 10 })),
    ...Object.entries(roots).flatMap(([arm, values]) =>
      values.map((value, i) => anObservation(`${arm}${i + 1}`, value, { measure: 'root', observedOn: '2026-04-11', plannedDay: 10 })),
    ),
  ],
};

/** What pupils write that the data bear out. */
export const right: readonly string[] = [
  'In tap water 58 % of the seeds sprouted.',
  'Only 43 % came up in 25 mM salt.',
  'With 50 mM salt 11.3 % sprouted.',
  'With 100 mM salt none sprouted.',
  'In tap water 87 of 150 seeds sprouted.',
  '87 out of 150 seeds came up in the control.',
  'About 60 % sprouted in tap water.',
  'More than half of the seeds in tap water sprouted.',
  '100 mM salt gave 58 points fewer sprouts than tap water.',
  'There were 47 points fewer sprouts with 50 mM salt.',
  '25 mM salt took away about 15 points.',
  'We had 24 dishes, six in each arm.',
  'We put 25 seeds into each dish.',
  'In all we sowed 600 seeds.',
  'After ten days we stopped counting.',
  'We read the dishes on day 3, 7 and 10.',
  'The roots in tap water were 40 mm long.',
  'The roots in tap water were 4 cm long.',
  'Roots in 50 mM salt were 20 mm shorter than in tap water.',
  'The roots were twice as long in tap water as in 50 mM salt.',
  'Roots in 100 mM salt were a quarter as long as in tap water.',
  'Roots in 25 mM salt were a quarter shorter than in tap water.',
  'The longest root in 25 mM salt was 30 mm on average.',
  'It took a week and a half.',
  'We used 4 arms: three with salt and one with tap water.',
  'The lamp was on for 16 h a day at 20 °C.',
  'We are class 7 and it was our second try.',
  'Between 39 and 77 % would not surprise us.',
  'The result agrees with what we expected in these conditions.',
  'Roots in 50 mM salt were half as long as in tap water.',
  'Nearly 45 % of the seeds sprouted in 25 mM salt.',
  'The 95 % interval does not reach zero.',
];

/** What they write that the data contradict. */
export const wrong: readonly string[] = [
  'In tap water 85 % of the seeds sprouted.',
  'Only 23 % came up in 25 mM salt.',
  'With 50 mM salt 31 % sprouted.',
  'With 100 mM salt 12 % sprouted.',
  'In tap water 97 of 150 seeds sprouted.',
  '37 out of 150 seeds came up in the control.',
  'About 80 % sprouted in tap water.',
  'Less than a third of the seeds in tap water sprouted.',
  '100 mM salt gave 38 points fewer sprouts than tap water.',
  'There were 47 points more sprouts with 50 mM salt.',
  '25 mM salt took away about 40 points.',
  'We had 20 dishes, five in each arm.',
  'We put 30 seeds into each dish.',
  'In all we sowed 500 seeds.',
  'After 21 days we stopped counting.',
  'We read the dishes on day 3, 7 and 14.',
  'The roots in tap water were 55 mm long.',
  'The roots in tap water were 9 cm long.',
  'Roots in 50 mM salt were 35 mm shorter than in tap water.',
  'The roots were three times as long in tap water as in 50 mM salt.',
  'Roots in 100 mM salt were half as long as in tap water.',
  'Roots in 25 mM salt were 60 % shorter than in tap water.',
  'The longest root in 25 mM salt was 12 mm on average.',
  'It ran for six weeks.',
  'We used 7 arms in all.',
  'Twice as many seeds sprouted in 50 mM salt as in tap water.',
  'Tap water had 58 points fewer sprouts than 100 mM salt.',
  'This proves that salt stops radish.',
  'Salt made no difference to the seeds.',
  'A third of the seeds in 100 mM salt sprouted.',
];

/** Basil with nettle tea: 15 cm against 10 cm in plain water, five pots each. */
export const basil: Study = studyOf(
  { C: [10, 11, 9, 10.5, 9.5], T: [15, 16, 14, 15.5, 14.5] },
  {
    arms: [anArm('C', { name: 'plain water' }), anArm('T', { name: 'nettle tea' })],
    measures: [aMeasure({ readingDays: [7, 14] })],
    plan: { ...emptyPlan, plant: 'basil', unitNoun: 'pot', propagule: 'plants' },
    endedOn: '2026-04-15',
  },
);

export const rightOfBasil: readonly string[] = [
  'The plants with nettle tea were 15 cm tall.',
  'With plain water they only reached 10 cm.',
  'Nettle tea made them 5 cm taller.',
  'They were half as tall again with tea.',
  'The pots with nettle tea grew one and a half times as tall.',
  'On average the control was 100 mm high.',
  'We had ten pots, five with tea and five without.',
  'The tallest plant with tea was 16 cm.',
  'The shortest one in plain water was 9 cm.',
  'After two weeks we cut them.',
  'We gave each pot 50 mL on Mondays.',
  'Tea plants were 50 % taller than those in plain water.',
  'I am 12 years old and this was my first test.',
  'The difference was about 5 cm, between 4 and 6.',
  'We measured on day 7 and day 14.',
  'Four friends helped us for 20 minutes.',
  'The window faces south and it was 21 °C.',
  'p was 0.008, so luck alone seldom does this.',
];

export const wrongOfBasil: readonly string[] = [
  'The plants with nettle tea were 25 cm tall.',
  'With plain water they only reached 7 cm.',
  'Nettle tea made them 9 cm taller.',
  'They were twice as tall with nettle tea as with plain water.',
  'On average the control was 150 mm high.',
  'We had twelve pots in all.',
  'The tallest plant with tea was 19 cm.',
  'We cut them after five weeks.',
  'Tea plants were 80 % taller than those in plain water.',
  'The plants in plain water were 5 cm taller than with nettle tea.',
  'We measured on day 7 and day 21.',
  'This proves nettle tea helps all plants.',
  'Tea had no effect.',
];
