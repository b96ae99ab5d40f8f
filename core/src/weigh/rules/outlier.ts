import { outliers } from '../../compare/outliers';
import { kindOf } from '../../kinds';
import { primaryOf, type Study } from '../../model';
import { unitValues } from '../unitValues';
import type { Finding } from '../../words/findings';

/** A unit far from the others of its arm in the measure that decides. */
export function outlierRule(study: Study): Finding<'outlier'>[] {
  const primary = primaryOf(study.experiment.measures);
  if (!primary || kindOf(primary).timed || kindOf(primary).byEye) return [];
  const far = outliers(unitValues(study, primary));
  return far.length === 0
    ? []
    : [{ rule: 'outlier', severity: 'caution', facts: { units: far.map(({ unit }) => unit), measure: primary.name } }];
}
