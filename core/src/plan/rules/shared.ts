import { itemAt } from '../../invariant';
import type { Arm, Experiment, Plan, Unit } from '../../model';
import { containerWord } from '../../study/replicates';
import { unitsByArm } from '../../study/unitsByArm';
import type { Finding } from '../../words/findings';

/** Units that share what no other arm has a part of: then that is the unit, and what is odd about it looks like the treatment. Source: Hurlbert SH (1984), pseudoreplication. */
export function sharedRule(experiment: Experiment): Finding<'shared'>[] {
  const arms = unitsByArm(experiment).map(({ arm, units }) => ({ arm, units, own: ownContainers(units, experiment.units) }));
  const alone = arms.filter(({ units, own }) => own.length === 1 && units.length > 1);
  const several = arms.filter(({ units, own }) => own.length > 1 && units.length > own.length);
  const finding = (severity: Finding['severity'], facts: Finding<'shared'>['facts']): Finding<'shared'> => ({
    rule: 'shared',
    severity,
    facts,
  });
  return [
    ...(alone.length === 0 ? [] : [finding('serious', aloneFacts(alone, experiment.plan))]),
    ...(several.length === 0 ? [] : [finding('caution', severalFacts(several, experiment.plan))]),
  ];
}

interface Sharing {
  readonly arm: Arm;
  readonly units: readonly Unit[];
  readonly own: readonly string[];
}

function aloneFacts(alone: readonly Sharing[], plan: Plan): Finding<'shared'>['facts'] {
  const containers = alone.flatMap(({ own }) => own);
  const what = containerWord(plan);
  return alone.length === 1
    ? { is: 'one-alone', name: itemAt(alone, 0).arm.name, container: itemAt(containers, 0), what }
    : { is: 'each-alone', names: alone.map(({ arm }) => arm.name), containers, what };
}

function severalFacts(several: readonly Sharing[], plan: Plan): Finding<'shared'>['facts'] {
  const groups = several.map(({ arm, units, own }) => ({ name: arm.name, containers: own.length, units: units.length }));
  return { is: 'several', what: containerWord(plan), unit: plan.unitNoun, groups };
}

/** The containers of an arm, where each of its units is in one and none of them holds another arm. */
function ownContainers(units: readonly Unit[], all: readonly Unit[]): string[] {
  const names = new Set(units.map(({ container }) => container));
  const arm = units[0]?.arm;
  const mixed = all.some((unit) => unit.arm !== arm && unit.container !== null && names.has(unit.container));
  return mixed || names.has(null) ? [] : [...names].filter((name) => name !== null);
}
