import { ppmOfConductivity, ratioVolume, stockPerLitre, stockVolume } from '../dilution';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { quantity, resultLine, measuredLine, num, oneOf, percent, ratio, several } from './makers';

const chemicals =
  'Peroxide, alcohol, acids, bleach, strong feed: eye protection, gloves, open window. Add it to the water, never mix two, follow the label.';

export const solutionCalculators: readonly Calculator[] = [
  defineCalculator({
    id: 'weaker-from-stock',
    theme: 'solutions',
    title: 'Weaker from a stock',
    about: 'A stock of known strength, thinned to the strength that is wanted.',
    words: ['dilution', 'C1V1', 'stock', 'concentration', 'salt', 'mM', 'strength'],
    asks: [
      quantity('stock', 'Strength of the stock', '', '100'),
      quantity('wanted', 'Strength wanted, in the same unit', '', '20'),
      quantity('volume', 'Solution in all', 'mL', '500 mL'),
    ],
    work: ({ numbers: { stock, wanted, volume } }) => {
      const poured = stockVolume(stock, wanted, volume);
      if (poured === null)
        return {
          field: 'wanted',
          why: `Water only makes it weaker: from a stock of ${num(stock)} no ${num(wanted)} can come. Take a stronger stock, or ask for ${num(stock)} at most.`,
        };
      return {
        lines: [measuredLine('Stock', poured, 'mL'), measuredLine('Water to fill up', volume - poured, 'mL')],
        formula: `C₁V₁ = C₂V₂: ${num(wanted)} × ${num(volume)} mL ÷ ${num(stock)} = ${num(poured)} mL`,
      };
    },
    source: 'C₁V₁ = C₂V₂',
    caution: chemicals,
  }),
  defineCalculator({
    id: 'one-in-many',
    theme: 'solutions',
    title: 'One part in many',
    about: 'The label says 1 : 500, or 1 + 500. They are not the same.',
    words: ['dilution', 'ratio', '1:500', '1+500', 'label', 'liquid feed', 'capful'],
    asks: [ratio('ratio', 'Ratio', '1:500'), quantity('volume', 'Solution in all', 'mL', '1/2 L')],
    work: ({ numbers: { ratio: parts, volume }, choices: { ratio: style } }) => {
      const plus = style === 'plus-water';
      const stock = ratioVolume(parts, volume, plus ? 'plus-water' : 'in-total') ?? 0;
      const other = ratioVolume(parts, volume, plus ? 'in-total' : 'plus-water') ?? 0;
      return {
        lines: [measuredLine('Stock', stock, 'mL'), measuredLine('Water', volume - stock, 'mL')],
        formula: `${num(volume)} mL ÷ ${plus ? `(1 + ${num(parts)})` : num(parts)} = ${num(stock)} mL`,
        note: plus
          ? `1 + ${num(parts)} is one part and ${num(parts)} of water. 1 : ${num(parts)} would be one part in ${num(parts)} of the mix, ${num(other)} mL.`
          : `1 : ${num(parts)} is one part in ${num(parts)} of the mix. 1 + ${num(parts)} would be one part and ${num(parts)} of water, ${num(other)} mL.`,
      };
    },
    source: '1 : N is one part in N parts of the mix, 1 + N one part and N parts of water (common practice; labels differ)',
    caution: chemicals,
  }),
  defineCalculator({
    id: 'several-stocks',
    theme: 'solutions',
    title: 'Several stocks into one bath',
    about: 'A feed of two or three bottles: how much of each into the tank?',
    words: ['bath', 'two part', 'three part', 'feed', 'tank', 'stocks'],
    asks: [
      quantity('volume', 'Bath in all', 'mL', '10 L'),
      several('strengths', 'One part in how many, for each bottle', '', '200 200 500'),
    ],
    work: ({ numbers: { volume }, lists: { strengths } }) => {
      const stocks = strengths.map((parts) => volume / parts);
      const water = volume - stocks.reduce((a, b) => a + b, 0);
      if (water < 0)
        return { field: 'strengths', why: `The bottles alone come to ${num(volume - water)} mL, more than the bath. Ask for weaker ones.` };
      return {
        lines: [...stocks.map((stock, i) => measuredLine(`Bottle ${i + 1}`, stock, 'mL')), measuredLine('Water', water, 'mL')],
        formula: `${num(volume)} mL ÷ ${strengths.map(num).join(', ')}; water is what is left to ${num(volume)} mL`,
        note: 'Most of the water first, then one bottle after another, stirred in between: two stocks poured together can fall out as chalk.',
      };
    },
    source: 'each stock = bath ÷ N for 1 : N; water fills up (common practice)',
    caution: chemicals,
  }),
  defineCalculator({
    id: 'conductivity',
    theme: 'solutions',
    title: 'ppm and conductivity',
    about: 'A pen shows EC, a book says ppm: which scale?',
    words: ['EC', 'ppm', 'TDS', 'meter', 'pen', 'mS', 'scale'],
    asks: [
      oneOf('way', 'From', ['ec', 'mS/cm to ppm'], ['ppm', 'ppm to mS/cm']),
      oneOf('scale', 'Scale of the meter', ['500', '500 (salt)'], ['700', '700 (442)']),
      quantity('reading', 'Reading', '', '1.3', { above: false }),
    ],
    work: ({ numbers: { reading }, choices: { way, scale } }) => {
      const per = scale === '700' ? 700 : 500;
      if (way === 'ec')
        return {
          lines: [resultLine(`ppm on the ${per} scale`, ppmOfConductivity(reading, per), 'ppm')],
          formula: `${num(reading)} mS/cm × ${per} = ${num(ppmOfConductivity(reading, per))} ppm`,
          note: `On the ${per === 500 ? 700 : 500} scale the same water shows ${num(ppmOfConductivity(reading, per === 500 ? 700 : 500))} ppm: write the scale beside every number.`,
        };
      return {
        lines: [resultLine('Conductivity', reading / per, 'mS/cm')],
        formula: `${num(reading)} ppm ÷ ${per} = ${num(reading / per)} mS/cm`,
        note: `Read on the ${per} scale. Write the scale beside every number.`,
      };
    },
    source: 'ppm = mS/cm × 500 or × 700, by the scale that the meter is set to (common practice)',
  }),
  defineCalculator({
    id: 'same-strength',
    theme: 'solutions',
    title: 'The same strength in other tanks',
    about: 'So much feed went into one tank: how much into tanks of other sizes?',
    words: ['tank', 'reservoir', 'feed', 'scale up', 'size'],
    asks: [
      quantity('feed', 'Feed in the first tank', 'mL', '15 mL'),
      quantity('tank', 'Its water', 'L', '10 L'),
      several('others', 'Water in the others', 'L', '4 25'),
    ],
    work: ({ numbers: { feed, tank }, lists: { others } }) => ({
      lines: others.map((litres) => measuredLine(`For ${num(litres)} L`, (feed * litres) / tank, 'mL')),
      formula: `${num(feed)} mL ÷ ${num(tank)} L = ${num(feed / tank)} mL a litre; × ${others.map(num).join(', ')} L`,
    }),
    source: 'equal strength is equal feed a litre (C = amount ÷ volume)',
    caution: chemicals,
  }),
  defineCalculator({
    id: 'peroxide',
    theme: 'solutions',
    title: 'Peroxide to a ppm',
    about: 'From a bottle of so many per cent to so many milligrams a litre.',
    words: ['peroxide', 'ppm', 'hydrogen peroxide', 'mg per litre', 'percent', 'bleach'],
    asks: [
      percent('percent', 'Strength of the bottle, w/v', '3', { above: true }),
      quantity('ppm', 'Wanted', 'ppm', '50'),
      quantity('volume', 'Water to treat', 'L', '1 L'),
    ],
    work: ({ numbers: { percent: strength, ppm, volume } }) => {
      const perLitre = stockPerLitre(strength, ppm);
      if (perLitre === null)
        return {
          field: 'ppm',
          why: `A bottle of ${num(strength)}% holds ${num(strength * 10_000)} ppm: it cannot make ${num(ppm)}. Ask for less, or take a stronger bottle.`,
        };
      return {
        lines: [measuredLine('From the bottle', perLitre * volume, 'mL')],
        formula: `${num(strength)}% w/v = ${num(strength * 10_000)} mg/L; ${num(ppm)} × 1000 mL ÷ ${num(strength * 10_000)} = ${num(perLitre)} mL a litre, × ${num(volume)} L`,
      };
    },
    source: 'ppm = mg per L; 1% w/v = 10 g per L; C₁V₁ = C₂V₂',
    caution: `${chemicals} Over 3% only an adult with goggles. Never with seedlings.`,
  }),
];
