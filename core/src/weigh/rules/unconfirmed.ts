import type { Finding, Study } from '../../model';
import { counted } from '../../quantities/plural';
import { stepsTold } from '../../study/stepsTold';

/** What is tested was planned, and nobody wrote down that it was done. */
export function unconfirmedRule(study: Study): Finding[] {
  const { plan } = study.experiment;
  if (study.observations.length === 0) return [];
  return stepsTold(study)
    .filter(({ stage, unconfirmed }) => stage.tested && unconfirmed.length > 0)
    .map(({ stage, units, unconfirmed }): Finding => {
      const whom = unconfirmed.length === units.length ? '' : ` for ${unconfirmed.length} of ${counted(units.length, plan.unitNoun)}`;
      return {
        rule: 'unconfirmed',
        severity: 'serious',
        message: `“${stage.name}” is what is tested, and nobody wrote down that it was done${whom}.`,
        remedy: 'If it was done, write it down on its day, from the log. If not, the treatment was not given.',
      };
    });
}
