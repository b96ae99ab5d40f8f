import type { Experiment, Finding } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';

/** An arm with one unit: nothing says how far two units that are treated alike would differ. Source: Hurlbert SH (1984) Ecol Monogr 54:187–211. */
export function replicationRule(experiment: Experiment): Finding[] {
  const { unitNoun } = experiment.plan;
  return unitsByArm(experiment)
    .filter(({ units }) => units.length < 2)
    .map(({ arm, units }) => ({
      rule: 'replication',
      severity: 'serious',
      message: `${arm.name} has ${units.length === 0 ? `no ${unitNoun}` : `one ${unitNoun}`}. Then nobody can tell the treatment from that ${unitNoun}’s luck.`,
      remedy: `Give every arm at least four. Seeds or plants in one ${unitNoun} do not count as repeats.`,
    }));
}
