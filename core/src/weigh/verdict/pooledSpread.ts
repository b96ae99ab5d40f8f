import { indicatorColumns } from '../../stats/analysisOfVariance';
import { linearModel } from '../../stats/linearModel';
import type { UnitValue } from '../../compare/Contrast';

/**
 * How far units of one arm differ by themselves (SD in the values' unit), pooled over arms and, where there are blocks, within them.
 * Null where nothing is left to tell it from.
 */
export function pooledSpread(values: readonly UnitValue[], blocked: boolean): number | null {
  if (values.length < 3) return null;
  const blocks = blocked ? indicatorColumns([values.map((unit) => unit.block ?? '')]) : [];
  const arms = indicatorColumns([values.map((unit) => unit.arm)]);
  const fit = linearModel(
    values.map((unit) => unit.value),
    [values.map(() => 1), ...blocks, ...arms],
  );
  if (fit.residualDf <= 0) return null;
  const spread = Math.sqrt(fit.residualSumOfSquares / fit.residualDf);
  return spread > 0 ? spread : null;
}
