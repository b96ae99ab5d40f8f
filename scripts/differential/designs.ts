import { comparisonsOf, itemAt, type Arm, type Layout, type MeasureKind } from '@fern/core';
import type { Design } from '../../core/src/power/Design';
import { aMeasure, anArm } from '../../core/src/testing';

/** A design whose chance of a clear answer R is asked for as well. */
export interface NamedDesign {
  readonly name: string;
  readonly units: number;
  readonly design: Design;
}

/** What R 4.2 gave of them, over 4,000 runs each (`npm run differential:power`). */
export const chancesByR: Readonly<Record<string, number>> = {
  '2 arms × 4, amounts': 0.813,
  '2 arms × 8, amounts': 0.783,
  '8 pairs': 0.814,
  '2 arms in 4 blocks of 2 each': 0.763,
  '3 arms × 6 against a control': 0.801,
  '4 arms × 5 against a control': 0.76,
  '4 arms in 6 blocks': 0.74,
  '3 arms × 6, all pairs': 0.754,
  '2 × 2 factors × 4': 0.765,
  '2 arms × 6 dishes of 25': 0.688,
  '2 arms × 8, ratings': 0.487,
};

const arms = (n: number): Arm[] => Array.from({ length: n }, (_, i) => anArm('CABDE'[i]));
const crossed: Arm[] = ['none', 'deep'].flatMap((mulch, i) =>
  ['clay', 'felt'].map((pot, j) => anArm('CABD'[2 * i + j], { factors: { mulch, pot } })),
);

function amount(
  name: string,
  own: readonly Arm[],
  units: number,
  difference: number,
  layout: Layout = 'completely-random',
  blocks = 1,
): NamedDesign {
  return { name, units, design: { ...plain('amount', own, 20, 2, difference), layout, blocks } };
}

function plain(kind: MeasureKind, own: readonly Arm[], control: number, spread: number, difference: number): Design {
  const rubric = kind === 'rating' ? Array.from({ length: 6 }, (_, value) => ({ value, words: `step ${value}` })) : [];
  const measure = aMeasure({ kind, smallestDifference: difference, higherIs: 'better', rubric });
  return {
    asked: itemAt(comparisonsOf(own), 0),
    arms: own,
    layout: 'completely-random',
    comparison: 'control',
    blocks: 1,
    measure,
    share: false,
    sown: 1,
    control,
    spread,
    matters: Math.abs(difference),
    difference,
  };
}

/** Designs from the small to the crossed. */
export const designs: readonly NamedDesign[] = [
  amount('2 arms × 4, amounts', arms(2), 4, 6),
  amount('2 arms × 8, amounts', arms(2), 8, 3),
  amount('8 pairs', arms(2), 8, 3.5, 'pairs', 8),
  amount('2 arms in 4 blocks of 2 each', arms(2), 8, 3, 'blocks', 4),
  amount('3 arms × 6 against a control', arms(3), 6, 4),
  amount('4 arms × 5 against a control', arms(4), 5, 4.5),
  amount('4 arms in 6 blocks', arms(4), 6, 4, 'blocks', 6),
  { ...amount('3 arms × 6, all pairs', arms(3), 6, 4), design: { ...plain('amount', arms(3), 20, 2, 4), comparison: 'all-pairs' } },
  amount('2 × 2 factors × 4', crossed, 4, 3),
  { name: '2 arms × 6 dishes of 25', units: 6, design: { ...plain('count', arms(2), 0.5, 0.12, 0.2), share: true, sown: 25 } },
  { name: '2 arms × 8, ratings', units: 8, design: plain('rating', arms(2), 2, 0.8, 1) },
];
