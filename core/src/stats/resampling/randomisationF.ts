import { addAt, cellAt, itemAt, noSuchItem } from '../../invariant';
import gammaln from '@stdlib/math-base-special-gammaln';
import { linearModel } from '../linearModel';
import { random, type Random } from '../random';
import { DRAWS, MOST_ENUMERATED, type Randomisation, type RandomisationOptions } from './randomisationTest';
import { checkIn } from './Stratum';

/** One block's units: values and, at the same places, the index of each unit's arm. */
export interface ArmBlock {
  readonly values: readonly number[];
  readonly arms: readonly number[];
}

/**
 * Randomisation test of three or more arms with F as the statistic, labels shuffled inside each block (one block where there are none).
 * Exact up to 200,000 arrangements, else 99,999 draws. Null where the labels cannot be shuffled.
 * F rises with the arms' sum of squares adjusted for blocks, r'C⁻r with r the adjusted arm totals, and C does not change under shuffling.
 * Source: Pitman EJG (1938) Biometrika 29:322–335; Kempthorne O (1952) for r and C.
 */
export function randomisationF(blocks: readonly ArmBlock[], arms: number, options: RandomisationOptions): Randomisation | null {
  return shuffleArms(blocks, arms, options, product, null);
}

/**
 * Chance that shuffled labels give, between any two arms, a gap at least this large: a p that holds for all pairs at once.
 * @param gap between two arms' means, adjusted for blocks, 0 or more
 * @returns null where the labels cannot be shuffled
 * Source: Westfall PH, Young SS (1993) Resampling-Based Multiple Testing, ch. 2 (single step).
 */
export function largestGapShuffle(
  blocks: readonly ArmBlock[],
  arms: number,
  gap: number,
  options: RandomisationOptions,
): Randomisation | null {
  return shuffleArms(blocks, arms, options, range, gap);
}

/**
 * Share of the deals in which a statistic of the arms' adjusted effects and totals is at least `limit`, or what the arms as they stand give.
 */
function shuffleArms(
  blocks: readonly ArmBlock[],
  arms: number,
  options: RandomisationOptions,
  statisticOf: (effects: Float64Array, totals: Float64Array) => number,
  given: number | null,
): Randomisation | null {
  const used = blocks.filter((block) => new Set(block.arms).size > 1);
  if (used.length === 0) return null;
  const residuals = used.map(({ values }) => {
    const mean = values.reduce((a, b) => a + b, 0) / values.length;
    return Float64Array.from(values, (value) => value - mean);
  });
  const inverse = Float64Array.from(informationInverse(used, arms).flat());
  const totals = new Float64Array(arms);
  const effects = new Float64Array(arms);
  // Block means are gone from the values, so an arm's plain total is already its adjusted total.
  const statistic = () => {
    for (let i = 0; i < arms; i++) {
      let effect = 0;
      for (let j = 0; j < arms; j++)
        effect += (inverse[i * arms + j] ?? noSuchItem(inverse, i * arms + j)) * (totals[j] ?? noSuchItem(totals, j));
      effects[i] = effect;
    }
    return statisticOf(effects, totals);
  };
  used.forEach(({ arms: labels }, b) => labels.forEach((arm, i) => addAt(totals, arm, cellAt(residuals, b, i))));
  const limit = (given ?? statistic()) * (1 - 1e-9);
  const arrangements = countDeals(used, arms);

  if (arrangements <= MOST_ENUMERATED) {
    const hits = walkDeals(residuals, used, totals, () => statistic() >= limit, arrangements, options);
    return { p: hits / arrangements, exact: true, arrangements, seed: null };
  }
  const source = random(options.seed);
  const labels = used.map((block) => Int32Array.from(block.arms));
  let hits = 0;
  for (let draw = 0; draw < DRAWS; draw++) {
    totals.fill(0);
    for (let b = 0; b < labels.length; b++) dealAgain(itemAt(labels, b), itemAt(residuals, b), totals, source);
    if (statistic() >= limit) hits++;
    if ((draw & 0x3fff) === 0) checkIn(options, draw / DRAWS);
  }
  return { p: (hits + 1) / (DRAWS + 1), exact: false, arrangements: DRAWS, seed: options.seed };
}

function product(effects: Float64Array, totals: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < totals.length; i++) sum += (totals[i] ?? noSuchItem(totals, i)) * (effects[i] ?? noSuchItem(effects, i));
  return sum;
}

function range(effects: Float64Array): number {
  let [least, most] = [Infinity, -Infinity];
  for (const effect of effects) {
    if (effect < least) least = effect;
    if (effect > most) most = effect;
  }
  return most - least;
}

/** Shuffles the labels of a block in place, and adds its values to the totals of the arms that they fall to. */
function dealAgain(labels: Int32Array, values: Float64Array, totals: Float64Array, source: Random): void {
  for (let i = labels.length - 1; i >= 0; i--) {
    const j = source.int(0, i);
    const label = labels[j] ?? noSuchItem(labels, j);
    labels[j] = labels[i] ?? noSuchItem(labels, i);
    labels[i] = label;
    totals[label] = (totals[label] ?? noSuchItem(totals, label)) + (values[i] ?? noSuchItem(values, i));
  }
}

function armCounts(block: ArmBlock, arms: number): number[] {
  const counts = new Array<number>(arms).fill(0);
  for (const arm of block.arms) addAt(counts, arm, 1);
  return counts;
}

function countDeals(blocks: readonly ArmBlock[], arms: number): number {
  const log = blocks.reduce(
    (sum, block) => sum + gammaln(block.arms.length + 1) - armCounts(block, arms).reduce((s, n) => s + gammaln(n + 1), 0),
    0,
  );
  return log < 36 ? Math.round(Math.exp(log)) : Math.exp(log);
}

/** A generalised inverse of C = diag(n_i) − Σ_b n_ib n_jb / n_b. */
function informationInverse(blocks: readonly ArmBlock[], arms: number): number[][] {
  const c = Array.from({ length: arms }, () => new Array<number>(arms).fill(0));
  for (const block of blocks) {
    const counts = armCounts(block, arms);
    for (const [i, row] of c.entries()) {
      const own = itemAt(counts, i);
      addAt(row, i, own);
      for (const [j, other] of counts.entries()) addAt(row, j, -(own * other) / block.arms.length);
    }
  }
  const columns = c.map(
    (_, i) =>
      linearModel(
        c.map((__, row) => (row === i ? 1 : 0)),
        c.slice(1),
      ).coefficients,
  );
  return Array.from({ length: arms }, (_, i) => columns.map((solution) => (i === 0 ? 0 : (solution[i - 1] ?? 0))));
}

/** Walks through every deal of labels inside blocks with running totals; returns how often `hit` held. */
function walkDeals(
  residuals: readonly Float64Array[],
  blocks: readonly ArmBlock[],
  totals: Float64Array,
  hit: () => boolean,
  arrangements: number,
  options: RandomisationOptions,
): number {
  const left = blocks.map((block) => armCounts(block, totals.length));
  totals.fill(0);
  let hits = 0;
  let seen = 0;
  function deal(block: number, place: number): void {
    const values = itemAt(residuals, block);
    const counts = itemAt(left, block);
    if (place === values.length) {
      if (block + 1 < residuals.length) {
        deal(block + 1, 0);
        return;
      }
      if (hit()) hits++;
      if ((++seen & 0x3fff) === 0) checkIn(options, seen / arrangements);
      return;
    }
    for (let arm = 0; arm < totals.length; arm++) {
      const more = counts[arm] ?? noSuchItem(counts, arm);
      if (more === 0) continue;
      const before = totals[arm] ?? noSuchItem(totals, arm);
      counts[arm] = more - 1;
      totals[arm] = before + (values[place] ?? noSuchItem(values, place));
      deal(block, place + 1);
      totals[arm] = before;
      counts[arm] = more;
    }
  }
  deal(0, 0);
  return hits;
}
