import { chanceInWords } from '../wording';
import { fourFigures } from './figures';

/** A difference beside those that shuffling alone gives. */
export const shuffleWords = {
  title: (asBig: number, shuffles: number) =>
    shuffles === 0
      ? 'Not shuffled yet'
      : `${asBig} of ${shuffles} shuffles gave a difference at least as big as the real one: ${chanceInWords((asBig + 1) / (shuffles + 1))}`,
  real: (gap: number, unit: string) => `The real difference is ${fourFigures(gap)} ${unit}`.trim(),
  note: (names: readonly [string, string], units: number) =>
    `The labels “${names[0]}” and “${names[1]}” are shuffled over the same ${units} numbers each time. Boxes: how often shuffling alone gave a difference; dark: at least as big as the real one, either way.`,
  axis: (unit: string) => `difference between the groups${unit === '' ? '' : `, ${unit}`}, by shuffling alone`,
};
