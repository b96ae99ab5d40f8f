import { dailyLight, lampCost, lightSurvey } from '../light';
import { lightBlocks } from '../lightBlocks';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { quantity, clock, clockWords, hoursOfDay, resultLine, num, orNone, several, resultWords, wholeNumber } from './makers';

const stare = 'Grow lamps: do not stare into them. Residual-current protection, drip loops, lamps only as sold.';
const surveyWords = (label: string, readings: readonly number[]) => {
  const survey = lightSurvey(readings);
  return survey === null
    ? []
    : [
        resultLine(`${label}, mean`, survey.mean, 'µmol m⁻² s⁻¹'),
        resultLine(`${label}, dimmest as a share of the mean`, survey.evenness * 100, '%'),
      ];
};

export const lightCalculators: readonly Calculator[] = [
  defineCalculator({
    id: 'daily-light',
    theme: 'light',
    title: 'Light in a day',
    about: 'From a meter’s reading and the hours of the lamp.',
    words: ['DLI', 'PPFD', 'daily light integral', 'mol', 'meter', 'lamp'],
    asks: [orNone('ppfd', 'Reading at the leaves', 'µmol m⁻² s⁻¹', '200', { most: 5000 }), hoursOfDay('hours', 'Hours of light', '16')],
    work: ({ numbers: { ppfd, hours } }) => ({
      lines: [resultLine('Light in a day', dailyLight(ppfd, hours), 'mol m⁻² d⁻¹')],
      formula: `${num(ppfd)} × ${num(hours)} h × 0.0036 = ${num(dailyLight(ppfd, hours))} mol m⁻² d⁻¹`,
      note: 'Measured at the leaves, not at the tray. A lux meter sees as an eye does and does not count for plants.',
    }),
    source: '1 h = 3600 s and 1 mol = 10⁶ µmol: PPFD × hours × 0.0036',
    caution: stare,
  }),
  defineCalculator({
    id: 'hours-for-light',
    theme: 'light',
    title: 'Hours for a day’s light',
    about: 'How long must the lamp burn for the light that is wanted?',
    words: ['DLI', 'target', 'hours', 'timer', 'photoperiod'],
    asks: [
      quantity('target', 'Light wanted in a day', 'mol m⁻² d⁻¹', '12', { most: 100 }),
      quantity('ppfd', 'Reading at the leaves', 'µmol m⁻² s⁻¹', '200', { most: 5000 }),
    ],
    work: ({ numbers: { target, ppfd } }) => {
      const hours = target / (ppfd * 0.0036);
      if (hours > 24)
        return {
          field: 'target',
          why: `A day has 24 hours: this lamp gives ${num(dailyLight(ppfd, 24))} mol at most. Ask for less, or bring the lamp nearer.`,
        };
      return {
        lines: [resultLine('Hours of light', hours, 'h')],
        formula: `${num(target)} ÷ (${num(ppfd)} × 0.0036) = ${num(hours)} h`,
        ...(hours > 18 ? { note: 'More than 18 hours stresses most seedlings: rather bring the lamp nearer.' } : {}),
      };
    },
    source: 'hours = target ÷ (PPFD × 0.0036)',
    caution: stare,
  }),
  defineCalculator({
    id: 'lamp-times',
    theme: 'light',
    title: 'When the lamp goes on and off',
    about: 'Switch times for the hours of each group, with the middle at one time.',
    words: ['timer', 'switch', 'photoperiod', 'on', 'off', 'clock'],
    asks: [
      clock('middle', 'Middle of the light', '13:00'),
      several('hours', 'Hours of light, one per group', 'h', '6 12 16', { most: 24, why: 'A day has 24 hours.' }),
    ],
    work: ({ numbers: { middle }, lists: { hours } }) => ({
      lines: hours.map((own) =>
        resultWords(
          `${num(own)} h`,
          own === 24 ? 'always on' : `on at ${clockWords(middle - own / 2)}, off at ${clockWords(middle + own / 2)}`,
        ),
      ),
      formula: `on = ${clockWords(middle)} − hours ÷ 2; off = ${clockWords(middle)} + hours ÷ 2`,
      note: 'One middle for all groups: then watering and recording come at the same hour for each.',
    }),
    source: 'common practice',
    caution: stare,
  }),
  defineCalculator({
    id: 'light-survey',
    theme: 'light',
    title: 'A survey of the light',
    about: 'A reading at each place, at the height of the leaves: how bright, how even, and where blocks should begin.',
    words: ['survey', 'map', 'grid', 'evenness', 'PPFD', 'blocks', 'uniformity', 'canopy'],
    asks: [
      wholeNumber('places', 'Places in a row', '6', { most: 60, why: 'Places come whole.' }),
      several('readings', 'Readings, row by row', 'µmol m⁻² s⁻¹', '120 150 180 190 160 130 110 145 175 185 150 125', {
        above: false,
        most: 5000,
      }),
      wholeNumber('blocks', 'Blocks wanted', '3', { least: 2, above: false, most: 20, why: 'Two to twenty blocks.' }),
      quantity('distance', 'From the lamp down to the leaves', 'cm', '', { optional: true }),
    ],
    work: ({ numbers: { places, blocks, distance }, lists: { readings } }) => {
      const survey = lightSurvey(readings);
      if (survey === null) return { field: 'readings', why: 'It was dark at every place: nothing to map.' };
      if (readings.length % places !== 0)
        return {
          field: 'readings',
          why: `There are ${readings.length} readings, and rows of ${places} places: ${places - (readings.length % places)} are missing in the last row.`,
        };
      const rows = Array.from({ length: readings.length / places }, (_, i) => readings.slice(i * places, (i + 1) * places));
      const found = lightBlocks(rows, blocks);
      const cuts =
        found === null
          ? 'the light is even, or there are too few places'
          : `after ${found.between === 'places' ? 'place' : 'row'} ${found.cuts.join(', ')}`;
      return {
        lines: [
          resultLine('Mean', survey.mean, 'µmol m⁻² s⁻¹'),
          resultLine('Dimmest as a share of the mean', survey.evenness * 100, '%'),
          ...(survey.variation === null ? [] : [resultLine('Spread as a share of the mean', survey.variation * 100, '%')]),
          resultWords('Blocks start again', cuts),
          ...(found === null ? [] : [resultLine('Of the differences left within them', found.left * 100, '%')]),
        ],
        formula: `Σ ÷ ${readings.length} = ${num(survey.mean)}; ${num(Math.min(...readings))} ÷ ${num(survey.mean)} = ${num(survey.evenness * 100)}%`,
        note: `Measured at the leaves${distance === undefined ? '' : `, ${num(distance)} cm under the lamp`}, not at the tray. Do it again when the plants have grown.`,
      };
    },
    source: 'mean, lowest ÷ mean, SD ÷ mean (common practice); cuts by least squares, Fisher (1958) J. Am. Stat. Assoc. 53: 789–798',
    caution: stare,
  }),
  defineCalculator({
    id: 'raise-tray',
    theme: 'light',
    title: 'What raising a tray gains',
    about: 'Readings at the leaves before and after: brighter, but more even?',
    words: ['height', 'raise', 'evenness', 'survey', 'lamp distance', 'PPFD'],
    asks: [
      several('before', 'Readings as it stands', 'µmol m⁻² s⁻¹', '140 200 190 150', { above: false, most: 5000 }),
      several('after', 'Readings when raised', 'µmol m⁻² s⁻¹', '145 230 215 155', { above: false, most: 5000 }),
    ],
    work: ({ lists: { before, after } }) => {
      const [low, high] = [lightSurvey(before), lightSurvey(after)];
      if (low === null) return { field: 'before', why: 'It was dark there: nothing to compare with.' };
      if (high === null) return { field: 'after', why: 'It was dark there: nothing to compare with.' };
      const gain = (high.mean / low.mean - 1) * 100;
      return {
        lines: [resultLine('Gain', gain, '%'), ...surveyWords('As it stands', before), ...surveyWords('Raised', after)],
        formula: `${num(high.mean)} ÷ ${num(low.mean)} − 1 = ${num(gain)}%`,
        note:
          high.evenness < low.evenness
            ? 'Brighter and less even: the dim corner stays behind. Use blocks, or turn the trays.'
            : 'Brighter and no less even.',
      };
    },
    source: 'mean after ÷ mean before − 1; evenness = lowest ÷ mean (common practice)',
    caution: stare,
  }),
  defineCalculator({
    id: 'lamp-cost',
    theme: 'light',
    title: 'What a lamp costs',
    about: 'Current for a tray and for a gram of harvest.',
    words: ['electricity', 'price', 'kWh', 'watt', 'cost', 'tray'],
    asks: [
      quantity('watts', 'Lamp', 'W', '45'),
      hoursOfDay('hours', 'Hours a day', '16'),
      wholeNumber('days', 'Days', '10', { most: 3650, why: 'Count whole days.' }),
      quantity('price', 'Price of a kilowatt-hour', '', '0.25'),
      wholeNumber('trays', 'Trays under it', '4', { most: 10_000, why: 'Trays come whole.' }),
      quantity('grams', 'Harvest of a tray', 'g', '', { optional: true }),
    ],
    work: ({ numbers: { watts, hours, days, price, trays, grams } }) => {
      const cost = lampCost(watts, hours, days, price);
      return {
        lines: [
          resultLine('In all', cost, ''),
          resultLine('A tray', cost / trays, ''),
          ...(grams === undefined ? [] : [resultLine('For 100 g', (cost / trays / grams) * 100, '')]),
          resultLine('Current', (watts / 1000) * hours * days, 'kWh'),
        ],
        formula: `${num(watts)} W ÷ 1000 × ${num(hours)} h × ${num(days)} d × ${num(price)} = ${num(cost)}; ÷ ${num(trays)} = ${num(cost / trays)} a tray`,
      };
    },
    source: 'W × h × days × price (common practice)',
  }),
  defineCalculator({
    id: 'soil-cost',
    theme: 'light',
    title: 'What the mix costs',
    about: 'Mix for a tray and for a gram of harvest.',
    words: ['soil', 'price', 'bag', 'cost', 'tray', 'substrate'],
    asks: [
      quantity('price', 'Price of a bag', '', '8'),
      quantity('bag', 'A bag holds', 'L', '40 L'),
      quantity('tray', 'A tray takes', 'L', '1.5 L'),
      quantity('grams', 'Harvest of a tray', 'g', '', { optional: true }),
    ],
    work: ({ numbers: { price, bag, tray, grams } }) => {
      const cost = (price * tray) / bag;
      return {
        lines: [
          resultLine('A tray', cost, ''),
          resultLine('Trays from a bag', Math.floor(bag / tray), ''),
          ...(grams === undefined ? [] : [resultLine('For 100 g', (cost / grams) * 100, '')]),
        ],
        formula: `${num(price)} × ${num(tray)} L ÷ ${num(bag)} L = ${num(cost)}`,
      };
    },
    source: 'price × share of the bag (common practice)',
  }),
];
