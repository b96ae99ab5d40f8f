import type { Study } from '../../model';
import { stepsTold } from '../../study/stepsTold';
import type { Finding } from '../../words/findings';

/** What is tested was planned, and nobody wrote down that it was done. */
export function unconfirmedRule(study: Study): Finding<'unconfirmed'>[] {
  if (study.observations.length === 0) return [];
  return stepsTold(study)
    .filter(({ stage, unconfirmed }) => stage.tested && unconfirmed.length > 0)
    .map(({ stage, units, unconfirmed }) => ({
      rule: 'unconfirmed',
      severity: 'serious',
      facts: { step: stage.name, missing: unconfirmed.length, of: units.length, unit: study.experiment.plan.unitNoun },
    }));
}
