import { itemAt } from '../invariant';
import { kindOf } from '../kinds';
import { strataOf } from '../compare/strata';
import { strataOfTwo } from '../compare/shuffleTwo';
import { ranks } from '../stats/ranks';
import type { Stratum } from '../stats/resampling/Stratum';
import type { Random } from '../stats/random';
import { leadComparison } from './leadComparison';
import type { Shown } from './picture/parts';
import { fourFigures } from '../words/weigh/figures';
import { seenAs } from '../words/weigh/pictureWords';
import { shuffleWords } from '../words/weigh/shuffleWords';
import type { Picture } from './picture/Picture';
import { armName } from '../words/armName';

/** The comparison that can be shuffled before one's eyes: its labels, the gap that came, and how one deal more is made. */
export interface RandomisationDemo {
  readonly names: readonly [string, string];
  /** The gap that came, as it is shown: of ratings in mean ranks. */
  readonly gap: number;
  readonly unit: string;
  readonly units: number;
  /** The gap of one deal more. */
  readonly deal: (source: Random) => number;
}

/**
 * The shuffle of the comparison that the verdict speaks of, on the data themselves: labels dealt again inside each block or pair.
 * @returns null where nothing can be shuffled
 */
export function randomisationDemo({ study: { experiment }, measure, result }: Shown): RandomisationDemo | null {
  const row = leadComparison(result, experiment.arms);
  if (!row) return null;
  const kind = kindOf(measure);
  const { scale, unit } = kind.wording(measure, result.share);
  const as = kind.byEye ? (values: readonly number[]) => ranks(values).ranks : undefined;
  const all = strataOfTwo(result.values, row, strataOf(result.values, experiment.layout), as ?? ((values) => values));
  const strata = all.filter(({ values, treated }) => treated > 0 && treated < values.length);
  if (strata.length === 0) return null;
  const shownScale = kind.byEye ? 1 : scale;
  return {
    names: [armName(experiment.arms, row.arm), armName(experiment.arms, row.versus)],
    gap: gapOf(strata) * shownScale,
    unit: kind.byEye ? 'ranks' : unit,
    units: strata.reduce((sum, { values }) => sum + values.length, 0),
    deal: (source) => gapOf(strata.map((own) => dealt(own, source))) * shownScale,
  };
}

/** Mean gap inside the strata, each counting as the sum that the test compares. */
function gapOf(strata: readonly Stratum[]): number {
  let above = 0;
  let weight = 0;
  for (const { values, treated } of strata) {
    const total = values.reduce((sum, value) => sum + value, 0);
    above += values.slice(0, treated).reduce((sum, value) => sum + value, 0) - (treated * total) / values.length;
    weight += (treated * (values.length - treated)) / values.length;
  }
  return above / weight;
}

function dealt({ values, treated }: Stratum, source: Random): Stratum {
  const pool = [...values];
  for (let i = 0; i < treated; i++) {
    const j = source.int(i, pool.length - 1);
    [pool[i], pool[j]] = [itemAt(pool, j), itemAt(pool, i)];
  }
  return { values: pool, treated };
}

const HEAPS = 25;

/** To a size with few figures, so that the axis ends on one of its marks. */
function roundUp(size: number): number {
  const step = 10 ** Math.floor(Math.log10(size)) / 2;
  return Math.ceil(size / step) * step;
}

/**
 * The heap of gaps that were dealt so far, with the gap that came.
 * @param shown what is shuffled
 * @param gaps of the deals so far
 * @returns boxes and the real gap as a line
 */
export function heapPicture({ names, gap, unit, units }: RandomisationDemo, gaps: readonly number[]): Picture {
  const reach = roundUp(gaps.reduce((most, own) => Math.max(most, Math.abs(own)), Math.abs(gap)) * 1.04 || 1);
  const width = (2 * reach) / HEAPS;
  const counts = Array.from({ length: HEAPS }, () => 0);
  for (const own of gaps)
    counts[Math.min(HEAPS - 1, Math.max(0, Math.floor((own + reach) / width)))] =
      itemAt(counts, Math.min(HEAPS - 1, Math.max(0, Math.floor((own + reach) / width)))) + 1;
  const limit = Math.abs(gap) * (1 - 1e-9);
  const asBig = gaps.filter((own) => Math.abs(own) >= limit).length;
  const title = shuffleWords.title(asBig, gaps.length);
  return {
    id: 'shuffle',
    title,
    sentence: seenAs(title, [shuffleWords.real(gap, unit)]),
    note: shuffleWords.note(names, units),
    x: { label: shuffleWords.axis(unit), min: -reach, max: reach },
    y: { label: 'shuffles', min: 0 },
    series: [],
    keyed: false,
    marks: [
      {
        kind: 'boxes',
        boxes: counts.flatMap((count, i) => {
          const x = [-reach + i * width, -reach + (i + 1) * width] as const;
          const middle = (x[0] + x[1]) / 2;
          return count === 0 ? [] : [{ x, y: [0, count] as const, shade: Math.abs(middle) >= limit ? 1 : 0, words: '' }];
        }),
      },
      { kind: 'rule', axis: 'x', at: gap, words: 'the real difference' },
    ],
    table: {
      head: ['Difference from', 'to', 'Shuffles'],
      rows: counts.map((count, i) => [fourFigures(-reach + i * width), fourFigures(-reach + (i + 1) * width), String(count)]),
      numbersFrom: 0,
    },
  };
}
