import type { Experiment, KitThing, Unit } from '../../model';
import { thingWords } from '../../words/prepare/kitWords';
import type { BareLine } from './KitLine';
import { inAll, perArm, spared, type ArmAmount } from './perArm';

/** What is got besides: lamps, boards, a knife; so many to each unit, block or group, or in all. */
export function thingLines(experiment: Experiment): BareLine[] {
  return experiment.plan.kit.things
    .filter(({ what }) => what.trim() !== '')
    .map((thing) => {
      const arms = perGroup(experiment, thing);
      const amount = inAllOf(experiment, thing, arms);
      return {
        id: `thing ${thing.what}`,
        group: 'own',
        what: thing.what,
        amount: amount === null || thing.unit === '' ? amount : spared(amount, experiment.plan.kit.spare),
        unit: thing.unit,
        arms,
        how: thingWords(thing, experiment.arms, experiment.plan.unitNoun),
      };
    });
}

const needs = ({ arms }: KitThing, code: string): boolean => arms.length === 0 || arms.includes(code);

function perGroup(experiment: Experiment, thing: KitThing): ArmAmount[] {
  const { each, per } = thing;
  if (each === null) return [];
  if (per === 'unit') return perArm(experiment, ({ arm }) => (needs(thing, arm) ? each : 0));
  return per === 'group' ? experiment.arms.filter(({ code }) => needs(thing, code)).map(({ code: arm }) => ({ arm, amount: each })) : [];
}

function inAllOf({ units }: Experiment, thing: KitThing, arms: readonly ArmAmount[]): number | null {
  const { each, per } = thing;
  if (each === null) return null;
  if (per === 'all') return each;
  return per === 'block' ? each * blocksOf(units.filter(({ arm }) => needs(thing, arm))) : inAll(arms);
}

const blocksOf = (units: readonly Unit[]) => new Set(units.map(({ block }) => block)).size;
