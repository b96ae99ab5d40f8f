import type { Experiment, Finding } from '../../model';
import { unitsByArm } from '../../study/unitsByArm';

/** Arms with different numbers of units, or of seeds in them: allowed, since rates are compared, but said. */
export function unequalRule(experiment: Experiment): Finding[] {
  const { unitNoun } = experiment.plan;
  const arms = unitsByArm(experiment);
  const findings: Finding[] = [];
  const say = (message: string) =>
    findings.push({ rule: 'unequal', severity: 'note', message, remedy: 'Nothing to do: shares and means are compared, not totals.' });
  if (new Set(arms.map(({ units }) => units.length)).size > 1) {
    say(`The arms have different numbers: ${arms.map(({ arm, units }) => `${arm.name} ${units.length}`).join(', ')}.`);
  }
  const sown = new Set(arms.flatMap(({ units }) => units.map((unit) => unit.sown)).filter((n) => n !== null));
  if (sown.size > 1) say(`Not every ${unitNoun} has the same number sown: ${[...sown].sort((a, b) => a - b).join(', ')}.`);
  return findings;
}
