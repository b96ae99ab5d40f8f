import { kindOf } from '../../kinds';
import { primaryOf, type Experiment } from '../../model';
import { designOf } from '../../power/Design';
import { basisOf, fewestUnits, replicates, replicateWord } from '../../study/replicates';
import { redesign } from '../redesign';
import { smallestP } from '../smallestP';
import { unitsByArm } from '../../study/unitsByArm';
import { withArms } from '../../words/armName';
import type { Finding } from '../../words/findings';

/**
 * The smallest p that the shuffle could give is over 0.05, so no result could convince.
 * 2 against 2: 2 of 6; 3 against 3: 2 of 20; 4 against 4: 2 of 70. Source: Fisher RA (1935) The Design of Experiments, §21.
 */
export function reachRule(experiment: Experiment): Finding<'reach'>[] {
  const short = outOfReach(experiment);
  if (short.length === 0) return [];
  const unit = replicateWord(experiment);
  const advice = adviceFor(experiment);
  const whomOf = (shuffles: number) =>
    withArms(
      experiment.arms,
      short.filter(({ p }) => oneIn(p) === shuffles).map(({ arm }) => arm),
    );
  return [...new Set(short.map(({ p }) => oneIn(p)))].map((shuffles) => ({
    rule: 'reach',
    severity: 'serious',
    facts: { whom: whomOf(shuffles), unit, shuffles, advice },
  }));
}

/** One number is said, by whoever has more to go by: the design where it can be played through, and after the start the verdict. */
function adviceFor(experiment: Experiment): Finding<'reach'>['facts']['advice'] {
  if (experiment.plan.lockedOn !== null) return { is: 'started' };
  if (designOf(experiment) !== null) return { is: 'played' };
  const enough = fewestReaching(experiment) ?? fewestUnits(experiment.layout);
  return { is: experiment.layout === 'pairs' ? 'pairs' : 'units', enough };
}

/**
 * Fewest replicates an arm with which a result could convince.
 * @returns null where twelve do not do it
 */
export function fewestReaching(experiment: Experiment): number | null {
  if (basisOf(experiment) === 'container') return null;
  for (let count = 2; count <= 12; count++) if (outOfReach(redesign(experiment, { unitsPerArm: count })).length === 0) return count;
  return null;
}

/** Treatments that no result could tell from the control, each with the smallest p that its shuffle could give. */
function outOfReach(experiment: Experiment): { readonly arm: string; readonly p: number }[] {
  const all = unitsByArm({ ...experiment, units: replicates(experiment) });
  const control = all.find(({ arm }) => arm.role === 'control');
  const measure = primaryOf(experiment.measures);
  // Where there is one of each the rules on replication and on what is shared speak.
  if (!control || all.every(({ units }) => units.length < 2)) return [];
  const compared = all.filter(({ arm }) => arm.role !== 'reference');
  const treatments = compared.length - 1;
  const byRanks = measure !== undefined && kindOf(measure).byEye;
  // Several means are held together by their spreads, which three of each can tell of.
  if (treatments > 1 && !byRanks && compared.every(({ units }) => units.length > 2)) return [];
  return compared.flatMap(({ arm, units }) => {
    if (arm === control.arm) return [];
    const p = smallestP(units, control.units, experiment.layout);
    return p === null || p * (byRanks ? treatments : 1) <= 0.05 ? [] : [{ arm: arm.code, p }];
  });
}

const oneIn = (p: number) => Math.max(1, Math.round(1 / p));
