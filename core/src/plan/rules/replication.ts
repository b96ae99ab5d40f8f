import type { Experiment } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** An arm with one unit: nothing says how far two units that are treated alike would differ. Source: Hurlbert SH (1984) Ecol Monogr 54:187–211. */
export function replicationRule(experiment: Experiment): Finding<'replication'>[] {
  const having = (count: number) => unitsByArm(experiment).flatMap(({ arm, units }) => (units.length === count ? [arm.name] : []));
  const [none, one] = [having(0), having(1)];
  if (none.length + one.length === 0) return [];
  return [{ rule: 'replication', severity: 'serious', facts: { none, one, unit: experiment.plan.unitNoun } }];
}
