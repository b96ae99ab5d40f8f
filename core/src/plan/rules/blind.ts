import { kindOf } from '../../kinds';
import { primaryOf, type Experiment, type Finding } from '../../model';

/** The measure that decides is a judgement by eye or tongue, and whoever judges knows the arm. */
export function blindRule({ measures, blinded }: Experiment): Finding[] {
  const primary = primaryOf(measures);
  if (!primary || blinded || (!kindOf(primary).byEye && !/\b(taste|flavour)\b/i.test(primary.name))) return [];
  return [
    {
      rule: 'blind',
      severity: 'serious',
      message: `“${primary.name}” is judged by someone who can see which arm it is. We see what we expect.`,
      remedy: 'Hide the arms behind codes until the last reading.',
    },
  ];
}
