import type { Experiment } from '@fern/core';

/** What BenchView shows of an experiment, the same on every page. */
export const benchOf = ({ units, arms, plan }: Pick<Experiment, 'units' | 'arms' | 'plan'>) => ({
  units,
  arms,
  shelves: plan.bench,
  unitNoun: plan.unitNoun,
  barriers: plan.barriers,
});
