import type { Experiment, Finding } from '../../model';

/** Conditions that are usual for this kind of experiment, with no word on how they are kept the same. */
export function heldRule({ plan }: Experiment): Finding[] {
  const said = new Set(plan.kept.filter(({ how }) => how.trim() !== '').map(({ what }) => what.trim().toLowerCase()));
  return plan.usuallyKept
    .filter((what) => !said.has(what.trim().toLowerCase()))
    .map((what) => ({
      rule: 'held',
      severity: 'caution',
      message: `Nothing says how “${what}” is kept the same in all arms.`,
      remedy: 'Write down how, or why it cannot matter.',
    }));
}
