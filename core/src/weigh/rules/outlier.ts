import type { Finding, Study } from '../../model';
import { median } from '../../stats/moments';
import { endValues } from '../endValues';
import type { UnitValue } from '../Result';
import { indexObservations, unitData } from '../unitData';

/** From fewer units a median says too little of what is usual. */
const FEWEST = 5;

/**
 * Units beyond 3 median absolute deviations of their arm (scaled by 1.4826 to match an SD). Never dropped by themselves.
 * Source: Leys C et al. (2013) J Exp Soc Psychol 49:764–766.
 */
export function farUnits(values: readonly UnitValue[]): UnitValue[] {
  return [...new Set(values.map((unit) => unit.arm))].flatMap((arm) => {
    const own = values.filter((unit) => unit.arm === arm);
    const middle = median(own.map((unit) => unit.value));
    const deviation = middle === null ? null : median(own.map((unit) => Math.abs(unit.value - middle)));
    if (own.length < FEWEST || middle === null || deviation === null || deviation === 0) return [];
    return own.filter((unit) => Math.abs(unit.value - middle) > 3 * 1.4826 * deviation);
  });
}

/** A unit far from the others of its arm in the measure that decides. */
export function outlier(study: Study): Finding[] {
  const primary = study.experiment.measures.find((measure) => measure.primary);
  if (!primary || primary.kind === 'event' || primary.kind === 'rating') return [];
  const far = farUnits(endValues(primary, unitData(study, primary, indexObservations(study.observations))));
  if (far.length === 0) return [];
  return [
    {
      rule: 'outlier',
      severity: 'caution',
      message: `${far.map((unit) => unit.unit).join(', ')} ${far.length === 1 ? 'lies' : 'lie'} far from the others of ${far.length === 1 ? 'its arm' : 'their arms'} in “${primary.name}”.`,
      remedy: 'Look for a reason. It counts all the same; the result is also given without it.',
    },
  ];
}
