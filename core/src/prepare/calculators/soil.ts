import { itemAt } from '../../invariant';
import { diversity, perSquareMetre } from '../soilLife';
import { soilTexture } from '../soilTexture';
import { textureByFeel, type Feel, type Ribbon } from '../textureByFeel';
import type { Calculator } from './Calculator';
import { defineCalculator } from './defineCalculator';
import { quantity, resultLine, num, oneOf, orNone, percent, several, resultWords, wholeNumber } from './makers';

const soil = 'Soil: gloves, wash hands, cover cuts. Put animals back where they came from.';

export const soilCalculators: readonly Calculator[] = [
  defineCalculator({
    id: 'soil-life',
    theme: 'soil',
    title: 'How many kinds, how evenly',
    about: 'Animals of a square, counted kind by kind.',
    words: ['diversity', 'Shannon', 'evenness', 'worms', 'insects', 'quadrat'],
    asks: [
      several('counts', 'How many of each kind', '', '12 5 3 1', { above: false, whole: true, why: 'Animals come whole.' }),
      quantity('side', 'Side of the square', 'cm', '', { optional: true }),
    ],
    work: ({ lists: { counts }, numbers: { side } }) => {
      const found = diversity(counts);
      if (found === null) return { field: 'counts', why: 'Nothing was found: no kinds, no evenness.' };
      const total = counts.reduce((a, b) => a + b, 0);
      return {
        lines: [
          resultLine('Kinds', found.kinds, ''),
          resultLine('Shannon’s H′', found.shannon, ''),
          ...(found.evenness === null ? [] : [resultLine('Evenness J, 1 where all are alike', found.evenness, '')]),
          ...(side === undefined ? [] : [resultLine('Animals a square metre', perSquareMetre(total, side) ?? 0, '/m²')]),
        ],
        formula: `H′ = −Σ p ln p over ${counts
          .filter((n) => n > 0)
          .map((n) => `${num(n)}/${num(total)}`)
          .join(', ')} = ${num(found.shannon)}${found.evenness === null ? '' : `; J = H′ ÷ ln ${found.kinds} = ${num(found.evenness)}`}`,
      };
    },
    source: 'Shannon (1948) Bell Syst. Tech. J. 27; Pielou (1966) J. Theor. Biol. 13: 131–144',
    caution: soil,
  }),
  defineCalculator({
    id: 'texture-by-shares',
    theme: 'soil',
    title: 'Soil texture from shares',
    about: 'Sand, silt and clay in per cent.',
    words: ['sand', 'silt', 'clay', 'loam', 'USDA', 'triangle'],
    asks: [percent('sand', 'Sand', '41'), percent('silt', 'Silt', '41'), percent('clay', 'Clay', '18')],
    work: ({ numbers: { sand, silt, clay } }) => {
      const found = soilTexture(sand, silt, clay);
      if (found === null) return { field: 'clay', why: `The three come to ${num(sand + silt + clay)}%. They must come to 100.` };
      return { lines: [resultWords('Texture', found)], formula: `sand ${num(sand)} + silt ${num(silt)} + clay ${num(clay)} = 100%` };
    },
    source: 'USDA Soil Survey Manual (2017), Handbook 18, ch. 3',
    caution: soil,
  }),
  defineCalculator({
    id: 'texture-by-jar',
    theme: 'soil',
    title: 'Soil texture from a jar',
    about: 'Shaken with water and left: the layers are sand, silt, clay from below.',
    words: ['jar', 'layers', 'settle', 'sand', 'silt', 'clay'],
    asks: [
      orNone('sand', 'Settled after a minute', 'mm', '32 mm'),
      orNone('silt', 'Settled after two hours, in all', 'mm', '56 mm'),
      quantity('clay', 'Settled after two days, in all', 'mm', '66 mm'),
    ],
    work: ({ numbers: { sand, silt, clay } }) => {
      if (silt < sand) return { field: 'silt', why: 'In all: it cannot be lower than after a minute.' };
      if (clay < silt) return { field: 'clay', why: 'In all: it cannot be lower than after two hours.' };
      const shares = [sand, silt - sand, clay - silt].map((layer) => (layer / clay) * 100);
      return {
        lines: [
          resultWords('Texture', soilTexture(itemAt(shares, 0), itemAt(shares, 1), itemAt(shares, 2)) ?? ''),
          ...['Sand', 'Silt', 'Clay'].map((name, i) => resultLine(name, itemAt(shares, i), '%')),
        ],
        formula: `${num(sand)}, ${num(silt)} − ${num(sand)}, ${num(clay)} − ${num(silt)}, each ÷ ${num(clay)} mm`,
        note: 'A rough answer: wet clay swells, and organic matter floats and is not counted.',
      };
    },
    source: 'layers of a settled jar as volume shares (common practice); classes of USDA Handbook 18, ch. 3',
    caution: soil,
  }),
  defineCalculator({
    id: 'texture-by-feel',
    theme: 'soil',
    title: 'Soil texture by feel',
    about: 'A moist lump, a ribbon between thumb and finger, a wet pinch in the palm.',
    words: ['ribbon', 'feel', 'gritty', 'smooth', 'loam', 'clay'],
    asks: [
      oneOf(
        'ribbon',
        'Pressed out, it makes',
        ['short', 'a ribbon under 2.5 cm'],
        ['middle', 'a ribbon of 2.5 to 5 cm'],
        ['long', 'a ribbon over 5 cm'],
        ['none', 'a ball, but no ribbon'],
        ['no ball', 'no ball at all'],
      ),
      oneOf('feel', 'A wet pinch is', ['gritty', 'gritty'], ['smooth', 'smooth'], ['neither', 'neither one']),
    ],
    work: ({ choices: { ribbon, feel } }) => ({
      lines: [resultWords('Texture', textureByFeel(ribbon as Ribbon, feel as Feel))],
      formula: `${ribbon === 'none' || ribbon === 'no ball' ? 'no ribbon' : `${ribbon} ribbon, ${feel}`}`,
    }),
    source: 'Thien (1979) J. Agron. Educ. 8: 54–55',
    caution: soil,
  }),
  defineCalculator({
    id: 'per-area',
    theme: 'soil',
    title: 'From a square to a square metre',
    about: 'Worms, weeds or seedlings of a small square.',
    words: ['quadrat', 'density', 'per square metre', 'area'],
    asks: [
      wholeNumber('count', 'Counted', '6', { least: 0, above: false, why: 'They come whole.' }),
      quantity('side', 'Side of the square', 'cm', '20 cm'),
    ],
    work: ({ numbers: { count, side } }) => ({
      lines: [resultLine('A square metre', perSquareMetre(count, side) ?? 0, '/m²')],
      formula: `${num(count)} × 10 000 ÷ ${num(side)}² = ${num(perSquareMetre(count, side) ?? 0)} /m²`,
    }),
    source: '1 m² = 10 000 cm²',
    caution: soil,
  }),
];
