import { outliers } from '../../compare/outliers';
import { kindOf } from '../../kinds';
import { primaryOf, type Finding, type Study } from '../../model';
import { unitValues } from '../unitValues';

/** A unit far from the others of its arm in the measure that decides. */
export function outlierRule(study: Study): Finding[] {
  const primary = primaryOf(study.experiment.measures);
  if (!primary || kindOf(primary).timed || kindOf(primary).byEye) return [];
  const far = outliers(unitValues(study, primary));
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
