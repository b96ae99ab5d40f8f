import type { Layout, Measure } from '@fern/core';
import type { Random } from '../core/src/stats/random';

/** A kind of experiment whose truth is known: what each unit would read, arm by arm. */
export interface World {
  readonly name: string;
  /** Units an arm, the control first. */
  readonly units: readonly number[];
  readonly layout?: Layout;
  readonly blocks?: number;
  /** Units in each container of one arm; none shared where left out. */
  readonly perContainer?: number;
  readonly sown?: number;
  readonly measure?: Partial<Measure>;
  /** What the first treatment does where there is an effect, in the unit of the result; null where its true size has no closed form. */
  readonly effect: number | null;
  /** Values of all units by arm, with or without the effect: a number, or a day that is negative where it had not happened by then. */
  readonly draw: (source: Random, withEffect: boolean) => readonly (readonly number[])[];
  /** Asked of world with the same spread everywhere: how often the classical test tells the effect. */
  readonly classical?: 'dunnett' | 'welch' | 'paired' | 'mann-whitney' | 'log-rank';
}

const rounded = (value: number) => Number(value.toPrecision(3));
const list = (n: number, make: (i: number) => number) => Array.from({ length: n }, (_, i) => make(i));

/** Plants of mean 100, each arm with its own spread in hundredths. */
function amounts(
  name: string,
  units: readonly number[],
  spreads: readonly number[],
  effect: number,
  classical?: World['classical'],
): World {
  return {
    name,
    units,
    effect,
    classical,
    draw: (source, withEffect) =>
      units.map((n, arm) => list(n, () => rounded(source.normal(100 + (withEffect && arm === 1 ? effect : 0), spreads[arm])))),
  };
}

const equal = (n: number, arms: number) => list(arms, () => n);
const one = (arms: number, at: number, spread: number) => list(arms, (arm) => (arm === at ? spread : 2));

/** Log-normal yields around a mean of 100: now and then one is far above. */
function skewed(name: string, units: readonly number[], sdlog: number, layout?: Layout): World {
  const middle = Math.log(100) - sdlog ** 2 / 2;
  return {
    name,
    units,
    layout,
    effect: 50,
    draw: (source, withEffect) => {
      const shared = list(units[0], () => source.normal(0, sdlog * 0.7));
      return units.map((n, arm) =>
        list(n, (i) => {
          const own = layout === 'pairs' ? shared[i] + source.normal(0, sdlog * 0.7) : source.normal(0, sdlog);
          return rounded(Math.exp(middle + own) * (withEffect && arm === 1 ? 1.5 : 1));
        }),
      );
    },
  };
}

/** A beta number: the dish's own chance, by two gammas (Marsaglia & Tsang 2000). */
function beta(source: Random, a: number, b: number): number {
  const gamma = (shape: number): number => {
    if (shape < 1) return gamma(shape + 1) * source.share() ** (1 / shape);
    const d = shape - 1 / 3;
    for (;;) {
      const z = source.normal(0, 1);
      const v = (1 + z / Math.sqrt(9 * d)) ** 3;
      if (v > 0 && Math.log(source.share()) < (z * z) / 2 + d - d * v + d * Math.log(v)) return d * v;
    }
  };
  const [x, y] = [gamma(a), gamma(b)];
  return x / (x + y);
}

/** Seeds in dishes, each dish with a chance of its own around the arm's: rho is how like seeds of one dish are. */
function dishes(
  name: string,
  units: readonly number[],
  sown: number,
  share: number,
  rho: readonly number[],
  classical?: World['classical'],
): World {
  const effect = 0.2;
  return {
    name,
    units,
    sown,
    classical,
    measure: { kind: 'count', unit: '' },
    effect,
    draw: (source, withEffect) =>
      units.map((n, arm) =>
        list(n, () => {
          const chance = share + (withEffect && arm === 1 ? effect : 0);
          const alike = 1 / rho[arm] - 1;
          const own = rho[arm] === 0 ? chance : beta(source, chance * alike, (1 - chance) * alike);
          return list(sown, () => (source.share() < own ? 1 : 0)).reduce((a, b) => a + b, 0);
        }),
      ),
  };
}

/** Heads in tanks of one arm each: the tank has a level of its own. */
function tanks(name: string, perArm: number, heads: number): World {
  return {
    name,
    units: [perArm * heads, perArm * heads],
    perContainer: heads,
    effect: 8,
    draw: (source, withEffect) =>
      [0, 1].map((arm) => {
        const own = list(perArm, () => source.normal(100 + (withEffect && arm === 1 ? 8 : 0), 3));
        return list(perArm * heads, (i) => rounded(source.normal(own[Math.floor(i / heads)], 3)));
      }),
  };
}

/** Days to a first flower, read daily to day 20; the treatment is four days sooner. Some units may be lost before. */
function days(
  name: string,
  units: readonly number[],
  loss: number,
  layout?: Layout,
  blocks?: number,
  classical?: World['classical'],
): World {
  return {
    name,
    units,
    layout,
    blocks,
    classical,
    measure: { kind: 'event', unit: 'd', higherIs: 'better', when: 'final' },
    effect: null,
    draw: (source, withEffect) => {
      const place = list(blocks ?? 1, () => (blocks ? source.normal(0, 2) : 0));
      return units.map((n, arm) =>
        list(n, (i) => {
          const day = Math.max(1, Math.round(source.normal(14 + (withEffect && arm === 1 ? -4 : 0) + place[i % place.length], 3)));
          const until = source.share() < loss ? 1 + Math.floor(source.share() * 19) : 20;
          return day <= until ? day : -until;
        }),
      );
    },
  };
}

const steps = list(5, (i) => i + 1).map((value) => ({ value, words: `step ${value}` }));

/** Ratings in five steps. */
function rated(name: string, n: number, arms = 2, classical?: World['classical']): World {
  return {
    name,
    units: equal(n, arms),
    classical,
    measure: { kind: 'rating', unit: '', rubric: steps },
    effect: null,
    draw: (source, withEffect) =>
      list(arms, (arm) => arm).map((arm) =>
        list(n, () => Math.min(5, Math.max(1, Math.round(source.normal(3 + (withEffect && arm === 1 ? 1 : 0), 0.8))))),
      ),
  };
}

/** Arms in blocks that differ; a unit in six may be missing. */
function blocked(
  name: string,
  arms: number,
  blocks: number,
  spreads: readonly number[],
  missing: number,
  classical?: World['classical'],
): World {
  return {
    name,
    units: equal(blocks, arms),
    layout: 'blocks',
    blocks,
    effect: 4,
    classical,
    draw: (source, withEffect) => {
      const level = list(blocks, () => source.normal(0, 5));
      return list(arms, (arm) => arm).map((arm) =>
        list(blocks, (i) =>
          source.share() < missing ? NaN : rounded(source.normal(100 + level[i] + (withEffect && arm === 1 ? 4 : 0), spreads[arm])),
        ),
      );
    },
  };
}

/** Worlds from the easy to the hard. */
export const worlds: readonly World[] = [
  amounts('amount, 2 arms × 4', equal(4, 2), [2, 2], 5, 'welch'),
  amounts('amount, 2 arms × 6', equal(6, 2), [2, 2], 3.5, 'welch'),
  amounts('amount, 2 arms × 12', equal(12, 2), [2, 2], 2.4, 'welch'),
  amounts('amount, 3 arms × 6', equal(6, 3), [2, 2, 2], 3.8, 'dunnett'),
  amounts('amount, 3 arms × 8', equal(8, 3), [2, 2, 2], 3.2, 'dunnett'),
  amounts('amount, 4 arms × 4', equal(4, 4), equal(2, 4), 5, 'dunnett'),
  amounts('amount, 4 arms × 6', equal(6, 4), equal(2, 4), 4, 'dunnett'),
  amounts('amount, 4 arms × 10', equal(10, 4), equal(2, 4), 2.9, 'dunnett'),
  amounts('amount, 8 arms × 5', equal(5, 8), equal(2, 8), 4.6, 'dunnett'),
  amounts('control 3 against 8 and 8, control 4 × as variable', [3, 8, 8], one(3, 0, 8), 8),
  amounts('control 3 against 8 and 8, a treatment 4 ×', [3, 8, 8], one(3, 1, 8), 8),
  amounts('10, 3, 10, 10, the 3 are 4 ×', [10, 3, 10, 10], one(4, 1, 8), 8),
  amounts('10, 3, 10, 10, control 4 ×', [10, 3, 10, 10], one(4, 0, 8), 8),
  amounts('8 arms × 5, control 4 ×', equal(5, 8), one(8, 0, 8), 8),
  amounts('8 arms × 5, a treatment 4 ×', equal(5, 8), one(8, 1, 8), 8),
  amounts('4 arms × 4, control 4 ×', equal(4, 4), one(4, 0, 8), 10),
  amounts('4 arms × 6, control 4 ×', equal(6, 4), one(4, 0, 8), 8),
  amounts('4 arms × 6, control 2 ×', equal(6, 4), one(4, 0, 4), 6),
  amounts('3 arms × 12, control 2 ×', equal(12, 3), one(3, 0, 4), 4),
  amounts('2 arms, 3 against 10, the 3 are 4 ×', [3, 10], [8, 2], 8),
  skewed('log-normal 0.5, 3 arms × 3', equal(3, 3), 0.5),
  skewed('log-normal 1, 3 arms × 3', equal(3, 3), 1),
  skewed('log-normal 0.5, 2 arms × 6', equal(6, 2), 0.5),
  skewed('log-normal 1, 2 arms × 4', equal(4, 2), 1),
  skewed('log-normal 1, 3 arms × 12', equal(12, 3), 1),
  skewed('log-normal 1, 8 pairs', equal(8, 2), 1, 'pairs'),
  dishes('6 dishes of 25 an arm, seeds alone', equal(6, 2), 25, 0.6, [0, 0], 'welch'),
  dishes('6 dishes of 25, rho 0.1', equal(6, 2), 25, 0.6, [0.1, 0.1]),
  dishes('4 dishes of 25, rho 0.3 in one arm', equal(4, 2), 25, 0.5, [0.05, 0.3]),
  dishes('4 arms × 5 dishes of 20, rho 0.3 in one', equal(5, 4), 20, 0.5, [0.05, 0.3, 0.05, 0.05]),
  dishes('6 dishes of 10, nearly all sprout', equal(6, 2), 10, 0.78, [0, 0]),
  dishes('one dish of 50 an arm, rho 0.1', [1, 1], 50, 0.6, [0.1, 0.1]),
  tanks('1 tank of 4 heads an arm', 1, 4),
  tanks('3 tanks of 4 heads an arm', 3, 4),
  tanks('5 tanks of 4 heads an arm', 5, 4),
  days('days, 2 arms × 3', equal(3, 2), 0),
  days('days, 3 arms × 3, a third lost', equal(3, 3), 0.33),
  days('days, 2 arms × 4', equal(4, 2), 0),
  days('days, 2 arms × 8', equal(8, 2), 0, undefined, undefined, 'log-rank'),
  days('days, 3 arms × 5, a third lost', equal(5, 3), 0.33),
  days('days, 2 arms × 8, a third lost', equal(8, 2), 0.33, undefined, undefined, 'log-rank'),
  days('days, 2 arms × 6 in 3 blocks, a third lost', equal(6, 2), 0.33, 'blocks', 3),
  rated('rating, 2 arms × 3', 3, 2, 'mann-whitney'),
  rated('rating, 2 arms × 4', 4, 2, 'mann-whitney'),
  rated('rating, 2 arms × 6', 6, 2, 'mann-whitney'),
  rated('rating, 2 arms × 10', 10, 2, 'mann-whitney'),
  rated('rating, 4 arms × 8', 8, 4),
  blocked('3 arms in 6 whole blocks', 3, 6, equal(2, 3), 0, 'dunnett'),
  blocked('4 arms in 6 blocks, a sixth missing', 4, 6, equal(2, 4), 1 / 6),
  blocked('4 arms in 6 whole blocks, control 4 ×', 4, 6, one(4, 0, 8), 0),
  blocked('8 arms in 5 whole blocks', 8, 5, equal(2, 8), 0, 'dunnett'),
];
