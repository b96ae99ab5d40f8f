import type { Experiment, Finding } from '../../model';

/** More is sown than is kept, and nothing says which plant stays. */
export function thinningRule({ units, plan }: Experiment): Finding[] {
  const kept = plan.plantsKept;
  const sown = Math.max(0, ...units.map((unit) => unit.sown ?? 0));
  if (kept === null || sown <= kept || plan.thinningRule.trim() !== '') return [];
  return [
    {
      rule: 'thinning',
      severity: 'caution',
      message: `${sown} are sown and ${kept} kept in each ${plan.unitNoun}, but nothing says which. One would keep the best in the favourite arm.`,
      remedy: 'Write a rule before sowing: keep the one nearest the centre.',
    },
  ];
}
