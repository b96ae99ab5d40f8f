import { itemAt } from '../../invariant';
import type { Experiment, Finding, Unit } from '../../model';
import { inList } from '../../quantities/inList';
import { counted, plural } from '../../quantities/plural';
import { containerWord } from '../../study/replicates';
import { unitsByArm } from '../../study/unitsByArm';

/** Units that share what no other arm has a part of: then that is the unit, and what is odd about it looks like the treatment. Source: Hurlbert SH (1984), pseudoreplication. */
export function sharedRule(experiment: Experiment): Finding[] {
  const { unitNoun } = experiment.plan;
  const arms = unitsByArm(experiment).map(({ arm, units }) => ({ arm, units, own: ownContainers(units, experiment.units) }));
  const alone = arms.filter(({ units, own }) => own.length === 1 && units.length > 1);
  const several = arms.filter(({ units, own }) => own.length > 1 && units.length > own.length);
  const findings: Finding[] = [];
  const [first] = alone;
  if (first) {
    const names = inList(alone.flatMap(({ own }) => own));
    const what = containerWord(itemAt(first.own, 0));
    findings.push({
      rule: 'shared',
      severity: 'serious',
      message:
        alone.length === 1
          ? `Every ${unitNoun} of ${first.arm.name} is in ${names}, and no other arm is. If ${names} is odd in any way, it will look like the treatment.`
          : `Each of ${inList(alone.map(({ arm }) => arm.name))} has one ${what} to itself: ${names}. Whatever is odd about a ${what} will look like the treatment.`,
      remedy: `Give each arm at least two ${plural(what)} of its own, let the arms share each one, or repeat it in batches, one after another.`,
    });
  }
  const [shared] = several;
  if (shared) {
    const what = containerWord(itemAt(shared.own, 0));
    const each = several.map(
      ({ own, units }) =>
        `${counted(own.length, what)} an arm with ${counted(Math.round(units.length / own.length), unitNoun)} each count as ${own.length}, not as ${units.length}`,
    );
    const told =
      new Set(each).size === 1
        ? each[0]
        : `What counts is the ${what}: ${several.map(({ arm, own, units }) => `${arm.name} has ${own.length}, not ${units.length}`).join('; ')}`;
    findings.push({
      rule: 'shared',
      severity: 'caution',
      message: `${told}: what happens to a ${what} happens to all in it.`,
      remedy: `More ${plural(what)} help more than more ${plural(unitNoun)} in each.`,
    });
  }
  return findings;
}

/** The containers of an arm, where each of its units is in one and none of them holds another arm. */
function ownContainers(units: readonly Unit[], all: readonly Unit[]): string[] {
  const names = new Set(units.map(({ container }) => container));
  const arm = units[0]?.arm;
  const mixed = all.some((unit) => unit.arm !== arm && unit.container !== null && names.has(unit.container));
  return mixed || names.has(null) ? [] : [...names].filter((name) => name !== null);
}
