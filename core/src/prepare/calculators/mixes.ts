import { itemAt } from '../../invariant';
import { doseByMass, partsByMass } from '../mixes';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { quantity, resultLine, measuredLine, num, oneOf, percent, several } from './makers';

const names = (count: number) => Array.from({ length: count }, (_, i) => `Part ${i + 1}`);

export const mixCalculators: readonly Calculator[] = [
  defineCalculator({
    id: 'parts-by-mass',
    theme: 'mixes',
    title: 'Parts of a mix, weighed',
    about: 'A mix of 3 : 1, so many grams in all: how much of each?',
    words: ['ratio', 'parts', 'peat', 'compost', 'perlite', 'substrate', 'recipe'],
    asks: [quantity('total', 'Mix in all', 'g', '640 g'), several('parts', 'Parts', '', '3 1')],
    work: ({ numbers: { total }, lists: { parts } }) => {
      if (parts.length < 2) return { field: 'parts', why: 'A mix has two parts at least: type them like 3 1.' };
      const masses = partsByMass(
        total,
        parts.map((share) => ({ parts: share, bulkDensity: null })),
      );
      const sum = parts.reduce((a, b) => a + b, 0);
      return {
        lines: (masses ?? []).map((mass, i) => measuredLine(itemAt(names(parts.length), i), mass, 'g')),
        formula: `${num(total)} g × ${parts.map(num).join(', ')} ÷ (${parts.map(num).join(' + ')}) = ${num(total)} g × ${parts.map((part) => `${num(part)}/${num(sum)}`).join(', ')}`,
      };
    },
    source: 'mass of a part = total × part ÷ sum of parts (common practice)',
    caution: 'Dry mix and perlite make dust: damp it down, open a window. Wash hands after soil and compost.',
  }),
  defineCalculator({
    id: 'parts-by-volume',
    theme: 'mixes',
    title: 'Parts of a mix, by cup or bucket',
    about: 'Parts by volume, and what each of them weighs.',
    words: ['ratio', 'parts', 'bucket', 'bulk density', 'volume', 'cups'],
    asks: [
      quantity('total', 'Mix in all', 'mL', '12 L'),
      several('parts', 'Parts', '', '2 1 1'),
      several('density', 'What a millilitre of each weighs', 'g/mL', '0.2 0.1 1.5', { optional: true, most: 25 }),
    ],
    work: ({ numbers: { total }, lists: { parts, density } }) => {
      if (parts.length < 2) return { field: 'parts', why: 'A mix has two parts at least: type them like 2 1 1.' };
      if (density && density.length !== parts.length)
        return { field: 'density', why: `There are ${parts.length} parts and ${density.length} weights: give each part its own, or none.` };
      const sum = parts.reduce((a, b) => a + b, 0);
      const volumes = parts.map((part) => (total * part) / sum);
      return {
        lines: volumes.flatMap((volume, i) => [
          measuredLine(itemAt(names(parts.length), i), volume, 'mL'),
          ...(density ? [resultLine(`${names(parts.length)[i]} weighs`, volume * itemAt(density, i), 'g')] : []),
        ]),
        formula: `${num(total)} mL × ${parts.map((part) => `${num(part)}/${num(sum)}`).join(', ')}`,
        note: 'Fine parts fall between coarse ones: a blended litre is a little less than a litre.',
      };
    },
    source: 'volume of a part = total × part ÷ sum of parts; mass = volume × bulk density (common practice)',
    caution: 'Dry mix and perlite make dust: damp it down, open a window. Wash hands after soil and compost.',
  }),
  defineCalculator({
    id: 'dose',
    theme: 'mixes',
    title: 'A share of the mix',
    about: 'So many per cent of compost, castings or biochar in the mix.',
    words: ['amendment', 'per cent', 'percent', 'dose', 'compost', 'castings', 'biochar', 'additive'],
    asks: [
      oneOf('how', 'Measured', ['g', 'by mass'], ['mL', 'by volume']),
      quantity('total', 'Mix in all', '', '600'),
      percent('share', 'Share of the mix', '10'),
    ],
    work: ({ numbers: { total, share }, choices: { how } }) => {
      const dose = doseByMass(total, share / 100);
      if (dose === null) return { field: 'share', why: 'A share of the mix is 0 to 100%.' };
      return {
        lines: [measuredLine('To add', dose.amendment, how), measuredLine('Base', dose.base, how)],
        formula: `${num(share)}% of ${num(total)} ${how} = ${num(dose.amendment)} ${how}; the rest, ${num(total)} − ${num(dose.amendment)}, is base`,
        note: `A share of the mix, not of the base: ${num(share)} parts in 100 of what is in the pot.`,
      };
    },
    source: 'amendment = share × total, share of the mix (common practice)',
    caution: 'Compost and manure: gloves, open air, wash hands.',
  }),
];
