import { upperFirst } from 'lodash-es';
import type { Experiment, Finding } from '../../model';
import { inList } from '../../quantities/inList';
import { inRow } from '../../quantities/inRow';
import { unitsByArm } from '../../study/unitsByArm';

/** An arm with one unit: nothing says how far two units that are treated alike would differ. Source: Hurlbert SH (1984) Ecol Monogr 54:187–211. */
export function replicationRule(experiment: Experiment): Finding[] {
  const { unitNoun } = experiment.plan;
  const few = [0, 1].flatMap((count) => {
    const names = unitsByArm(experiment).flatMap(({ arm, units }) => (units.length === count ? [inRow(arm.name)] : []));
    return names.length === 0
      ? []
      : [
          `${inList(names)} ${names.length === 1 ? 'has' : 'have'} ${count === 0 ? 'no' : 'one'} ${unitNoun}${names.length === 1 || count === 0 ? '' : ' each'}`,
        ];
  });
  if (few.length === 0) return [];
  return [
    {
      rule: 'replication',
      severity: 'serious',
      message: `${upperFirst(few.join('; '))}. Then nobody can tell the treatment from that ${unitNoun}’s luck.`,
      remedy: `Give every arm at least four. Seeds or plants in one ${unitNoun} do not count as repeats.`,
    },
  ];
}
