import type { Contrast } from '../compare/Contrast';
import type { TestRow } from '../compare/TestRow';
import { tupleOf } from '../invariant';
import type { Wording } from '../kinds';
import type { Fact } from '../model';
import { decimalsFor, fixed } from '../quantities/roundTo';
import { sized } from './sized';

/** Digits as a sentence has them: thousands by a comma, no powers of ten, however large or small. */
const digits = (size: number, decimals: number) =>
  size < 1e21 ? size.toLocaleString('en-GB', { minimumFractionDigits: decimals, maximumFractionDigits: decimals }) : fixed(size, decimals);

/**
 * "31 points lower", rounded to what the interval bears; null where there is no difference to say.
 * @param wording unit and scale of the measure's differences
 * @returns a fact for a sentence
 */
export function differenceFact(row: Pick<Contrast, 'arm' | 'versus' | 'difference'>, wording: Wording): Fact | null {
  const { value, ci95 } = row.difference;
  if (value === null) return null;
  const shown = value * wording.scale;
  const number = digits(Math.abs(shown), gapDecimals(row, wording));
  return {
    fact: `${wording.measure}.${row.arm}-${row.versus}.difference`,
    text: sized(number, wording.unit) + (Number(number) === 0 && ci95 ? '' : ` ${shown < 0 ? wording.less : wording.more}`),
  };
}

/**
 * Whether a gap is shown as 0, so that neither "more" nor "less" can be said of it.
 * @param gap as {@link differenceFact} says it
 * @returns true for "0.0 points"
 */
export const isNone = ({ text }: Fact): boolean => Number.parseFloat(text) === 0;

/**
 * "22 to 40 lower", or "3 lower to 15 higher" where the interval spans 0.
 * @param wording unit and scale of the measure's differences
 * @returns a fact for a sentence; null where there is no interval
 */
export function intervalFact(row: Pick<Contrast, 'arm' | 'versus' | 'difference'>, wording: Wording): Fact | null {
  const { ci95 } = row.difference;
  if (ci95 === null) return null;
  const decimals = gapDecimals(row, wording);
  const [lo, hi] = tupleOf(
    ci95.map((end) => end * wording.scale),
    2,
  );
  const size = (end: number) => digits(Math.abs(end), decimals);
  const isAllNone = Number(size(lo)) === 0 && Number(size(hi)) === 0;
  const text = isAllNone
    ? `${size(lo)} to ${size(hi)}`
    : lo >= 0
      ? `${size(lo)} to ${size(hi)} ${wording.more}`
      : hi <= 0
        ? `${size(hi)} to ${size(lo)} ${wording.less}`
        : `${size(lo)} ${wording.less} to ${size(hi)} ${wording.more}`;
  return { fact: `${wording.measure}.${row.arm}-${row.versus}.ci95`, text };
}

function gapDecimals(row: Pick<Contrast, 'difference'>, wording: Wording): number {
  const { value, ci95 } = row.difference;
  const halfWidth = ci95 ? ((ci95[1] - ci95[0]) / 2) * wording.scale : null;
  return decimalsFor((value ?? 0) * wording.scale, halfWidth);
}

/**
 * p in words: "about 3 of 1,000". Never 0: a Monte Carlo p says "fewer than" from its smallest possible value.
 * @param p above 0
 * @returns words for the middle of a sentence
 * @example chanceInWords(0.003) // 'about 3 of 1,000'
 */
export function chanceInWords(p: number): string {
  if (p >= 0.0995) return `about ${Math.min(100, Math.round(p * 100))} of 100`;
  if (p >= 0.00095) return `about ${Math.round(p * 1000)} of 1,000`;
  if (p >= 0.0001) return `about ${Math.max(1, Math.round(p * 10_000))} of 10,000`;
  return 'fewer than 1 of 10,000';
}

/**
 * What p means, for the test that gave it.
 * @param test whose p the verdict used
 */
export function explainChance(test: Pick<TestRow, 'method' | 'p'>): string {
  const often = chanceInWords(test.p);
  return test.method === 'randomisation' || test.method === 'sign-flip'
    ? `If the treatment made no difference, shuffling the group labels would give a difference at least this big in ${often} shuffles.`
    : `If the treatment made no difference, chance alone would give a difference at least this big in ${often} experiments like this one.`;
}
