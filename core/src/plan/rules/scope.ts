import type { Experiment, Finding } from '../../model';

/** The claim promises more than this experiment tests. */
export function scopeRule({ plan }: Experiment): Finding[] {
  const parts = plan.notTested.filter((part) => part.trim() !== '');
  if (parts.length === 0) return [];
  return [
    {
      rule: 'scope',
      severity: 'note',
      message: `This does not test: ${parts.join('; ')}.`,
      remedy: 'Say so in the report; do not let the result speak for it.',
    },
  ];
}
