import { cellAt, itemAt } from '../invariant';
import { linearModel } from '../stats/linearModel';
import { tQuantile, tTwoSided } from '../stats/tTails';
import { indicatorColumns } from '../stats/analysisOfVariance';
import { kindOf } from '../kinds';
import { centre } from '../stats/moments';
import { strataOf } from '../compare/strata';
import { unitValues } from './unitValues';
import type { Shown } from './picture/parts';
import { placeEffectWords } from '../words/weigh/placeEffectWords';

/** What the place did: how far each unit lies from its arm, and whether one end of the bench came out above the other. */
export interface PlaceSeen {
  /** Each unit above (up to 1) or below (down to −1) the mean of its arm, as a share of the farthest. */
  readonly heat: ReadonlyMap<string, number>;
  /** The same in the shown unit of the measure. */
  readonly off: ReadonlyMap<string, number>;
  /** From one end to the other, along the rows and along the columns; null where it cannot be fitted. */
  readonly slopes: readonly PlaceSlope[];
  /** What the slopes say, a sentence each. */
  readonly sentences: readonly string[];
}

interface PlaceSlope {
  readonly along: 'columns' | 'rows';
  /** What the last place gained on the first, in the shown unit. */
  readonly gain: number;
  readonly ci95: readonly [number, number];
  readonly p: number;
}

/** Fewer places tell nothing of a slope. */
const FEWEST = 6;

/**
 * What the place did to a measure: units beside the mean of their arm, and a plane through them over rows and columns, with the arms and blocks
 * taken out (least squares).
 * @returns null where fewer than six units with a value have a place
 */
export function placeSeen({ study, measure, result: { share } }: Shown): PlaceSeen | null {
  const { experiment } = study;
  const wording = kindOf(measure).wording(measure, share);
  const places = new Map(experiment.units.map((own) => [own.code, own]));
  const placed = unitValues(study, measure).flatMap((value) => {
    const place = places.get(value.unit);
    return place?.row == null || place.column == null
      ? []
      : [{ ...value, value: value.value * wording.scale, row: place.row, column: place.column }];
  });
  if (placed.length < FEWEST) return null;
  const means = new Map(
    [...new Set(placed.map(({ arm }) => arm))].map((arm) => [
      arm,
      centre(placed.filter((own) => own.arm === arm).map(({ value }) => value)),
    ]),
  );
  const off = new Map(placed.map(({ unit: code, arm, value }) => [code, value - (means.get(arm) ?? 0)]));
  const farthest = Math.max(...[...off.values()].map(Math.abs));
  const heat = new Map([...off].map(([code, by]) => [code, farthest === 0 ? 0 : by / farthest]));

  const varies = (['columns', 'rows'] as const).filter((along) => new Set(placed.map((own) => at(own, along))).size > 1);
  const scaled = varies.map((along) => {
    const all = placed.map((own) => at(own, along));
    const [first, last] = [Math.min(...all), Math.max(...all)];
    return all.map((value) => (value - first) / (last - first));
  });
  const stratum = strataOf(placed, experiment.layout);
  const groups = indicatorColumns([placed.map(({ arm }) => arm), placed.map(stratum)]);
  const model = linearModel(
    placed.map(({ value }) => value),
    [placed.map(() => 1), ...groups, ...scaled],
  );
  const first = 1 + groups.length;
  const slopes = varies.flatMap((along, k): PlaceSlope[] => {
    const gain = itemAt(model.coefficients, first + k);
    const variance = (cellAt(model.unscaledCovariance, first + k, first + k) * model.residualSumOfSquares) / model.residualDf;
    if (gain === null || model.residualDf < 1 || !(variance > 0)) return [];
    const half = tQuantile(0.975, model.residualDf) * Math.sqrt(variance);
    return [{ along, gain, ci95: [gain - half, gain + half], p: tTwoSided(gain / Math.sqrt(variance), model.residualDf) }];
  });
  const told = slopes.filter(({ p }) => p <= 0.05);
  return {
    heat,
    off,
    slopes,
    sentences: placeEffectWords(told, slopes.length > 0, wording),
  };
}

const at = (own: { readonly row: number; readonly column: number }, along: 'columns' | 'rows') =>
  along === 'columns' ? own.column : own.row;
