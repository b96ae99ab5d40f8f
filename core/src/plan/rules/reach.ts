import { kindOf } from '../../kinds';
import { primaryOf, type Experiment, type Finding } from '../../model';
import { designOf } from '../../power/Design';
import { plural } from '../../quantities/plural';
import { inList } from '../../quantities/inList';
import { inRow } from '../../quantities/inRow';
import { basisOf, fewestUnits, replicates, replicateWord } from '../../study/replicates';
import { redesign } from '../redesign';
import { smallestP } from '../smallestP';
import { unitsByArm } from '../../study/unitsByArm';

/**
 * The smallest p that the shuffle could give is over 0.05, so no result could convince.
 * 2 against 2: 2 of 6; 3 against 3: 2 of 20; 4 against 4: 2 of 70. Source: Fisher RA (1935) The Design of Experiments, §21.
 */
export function reachRule(experiment: Experiment): Finding[] {
  const short = outOfReach(experiment);
  if (short.length === 0) return [];
  const word = replicateWord(experiment);
  return [...new Set(short.map(({ p }) => oneIn(p)))].map((shuffles) => {
    const each = inList(short.filter(({ p }) => oneIn(p) === shuffles).map(({ name }) => inRow(name)));
    return {
      rule: 'reach',
      severity: 'serious',
      message: `Even if every ${word} of ${each} beat every control, shuffling alone would do that in ${shuffles}. No result could convince.`,
      remedy: remedyFor(experiment, word),
    };
  });
}

/** One number is said, by whoever has more to go by: the design where it can be played through, and after the start the verdict. */
function remedyFor(experiment: Experiment, word: string): string {
  if (experiment.plan.lockedOn !== null) return 'Only more of them could tell.';
  if (designOf(experiment) !== null) return 'Use more of them: “What could this show?” says how many are enough.';
  const enough = fewestReaching(experiment) ?? fewestUnits(experiment.layout);
  return experiment.layout === 'pairs' ? `Use at least ${enough} pairs.` : `Use at least ${enough} ${plural(word)} in each arm.`;
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
function outOfReach(experiment: Experiment): { readonly name: string; readonly p: number }[] {
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
    return p === null || p * (byRanks ? treatments : 1) <= 0.05 ? [] : [{ name: arm.name, p }];
  });
}

function oneIn(p: number): string {
  return p >= 1 ? 'every shuffle' : `1 of ${Math.round(1 / p)} shuffles`;
}
