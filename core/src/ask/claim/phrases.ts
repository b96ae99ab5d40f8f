/** How a measure is spoken of in a sentence about a plant. */
interface Phrase {
  /** With {plant} where the plant stands. */
  readonly the: string;
  readonly more: string;
  readonly less: string;
  readonly other: string;
}

/** Each measure that a claim can promise, by its id, in the words of its question and its hypothesis. */
export const phrases: Readonly<Record<string, Phrase>> = {
  'first-flower': {
    the: 'the day of the first flower of {plant}',
    more: 'a later first flower',
    less: 'an earlier first flower',
    other: 'another day of the first flower',
  },
  ripe: {
    the: 'the day of the first ripe fruit of {plant}',
    more: 'a later first ripe fruit',
    less: 'an earlier first ripe fruit',
    other: 'another day of the first ripe fruit',
  },
  'first-sprout': {
    the: 'the day of the first sprout of {plant}',
    more: 'a later first sprout',
    less: 'an earlier first sprout',
    other: 'another day of the first sprout',
  },
  sprouts: {
    the: 'the number of seeds of {plant} that sprout',
    more: 'more sprouts',
    less: 'fewer sprouts',
    other: 'another number of sprouts',
  },
  rooted: {
    the: 'the number of cuttings of {plant} that root',
    more: 'more rooted cuttings',
    less: 'fewer rooted cuttings',
    other: 'another number of rooted cuttings',
  },
  harvest: { the: 'the harvest of {plant}', more: 'a larger harvest', less: 'a smaller harvest', other: 'another harvest' },
  flowers: { the: 'the number of flowers of {plant}', more: 'more flowers', less: 'fewer flowers', other: 'another number of flowers' },
  height: { the: 'the height of {plant}', more: 'taller plants', less: 'shorter plants', other: 'another height' },
  mass: { the: 'the mass of {plant}', more: 'heavier plants', less: 'lighter plants', other: 'another mass' },
  'leaf-colour': { the: 'the leaf colour of {plant}', more: 'greener leaves', less: 'paler leaves', other: 'another leaf colour' },
  leaves: { the: 'the number of leaves of {plant}', more: 'more leaves', less: 'fewer leaves', other: 'another number of leaves' },
  wilting: { the: 'the wilting of {plant}', more: 'more wilting', less: 'less wilting', other: 'another amount of wilting' },
  pests: { the: 'the number of pests on {plant}', more: 'more pests', less: 'fewer pests', other: 'another number of pests' },
  alive: {
    the: 'the number of plants of {plant} that live',
    more: 'more plants alive',
    less: 'fewer plants alive',
    other: 'another number of plants alive',
  },
  vase: {
    the: 'the vase life of {plant}',
    more: 'more days in the vase',
    less: 'fewer days in the vase',
    other: 'another number of days in the vase',
  },
  bolting: { the: 'the day of bolting of {plant}', more: 'later bolting', less: 'earlier bolting', other: 'another day of bolting' },
  lean: { the: 'the lean of {plant}', more: 'more lean', less: 'less lean', other: 'another lean' },
  thickness: {
    the: 'the thickness of the stems of {plant}',
    more: 'thicker stems',
    less: 'thinner stems',
    other: 'another thickness of the stems',
  },
  burn: {
    the: 'the burnt leaf edges of {plant}',
    more: 'more burnt edges',
    less: 'fewer burnt edges',
    other: 'another amount of burnt edges',
  },
  disease: { the: 'the disease on {plant}', more: 'more disease', less: 'less disease', other: 'another amount of disease' },
  weeds: { the: 'the number of weeds among {plant}', more: 'more weeds', less: 'fewer weeds', other: 'another number of weeds' },
  'root-length': {
    the: 'the length of the roots of {plant}',
    more: 'longer roots',
    less: 'shorter roots',
    other: 'another length of the roots',
  },
  flavour: { the: 'the flavour of {plant}', more: 'more flavour', less: 'less flavour', other: 'another flavour' },
  held: {
    the: 'the water that the medium of {plant} holds',
    more: 'more water held',
    less: 'less water held',
    other: 'another amount of water held',
  },
  worms: { the: 'the number of worms beneath {plant}', more: 'more worms', less: 'fewer worms', other: 'another number of worms' },
  visits: {
    the: 'the number of visits of bees to {plant}',
    more: 'more visits of bees',
    less: 'fewer visits of bees',
    other: 'another number of visits',
  },
};
