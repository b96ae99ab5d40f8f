import { kindOf } from '../../kinds';
import type { Experiment, Finding } from '../../model';
import { plural } from '../../quantities/plural';
import { replicates, replicateWord } from '../../study/replicates';
import { smallestP } from '../smallestP';
import { unitsByArm } from '../../study/unitsByArm';

/**
 * The smallest p that the shuffle could give is over 0.05, so no result could convince.
 * 2 against 2: 2 of 6; 3 against 3: 2 of 20; 4 against 4: 2 of 70. Source: Fisher RA (1935) The Design of Experiments, §21.
 */
export function reach(experiment: Experiment): Finding[] {
  const { layout } = experiment;
  const all = unitsByArm({ ...experiment, units: replicates(experiment) });
  const word = replicateWord(experiment);
  const control = all.find(({ arm }) => arm.role === 'control');
  const measure = experiment.measures.find((m) => m.primary);
  // Where there is one of each the rules on replication and on what is shared speak.
  if (!control || all.every(({ units }) => units.length < 2)) return [];
  const compared = all.filter(({ arm }) => arm.role !== 'reference');
  const treatments = compared.length - 1;
  const byRanks = measure !== undefined && kindOf(measure).byEye;
  // Several means are held together by their spreads, which three of each can tell of.
  if (treatments > 1 && !byRanks && compared.every(({ units }) => units.length > 2)) return [];
  return compared.flatMap(({ arm, units }): Finding[] => {
    if (arm === control.arm) return [];
    const p = smallestP(units, control.units, layout);
    if (p === null || p * (byRanks ? treatments : 1) <= 0.05) return [];
    return [
      {
        rule: 'reach',
        severity: 'serious',
        message: `Even if every ${word} of ${arm.name} beat every control, shuffling alone would do that in ${oneIn(p)}. No result could convince.`,
        remedy: layout === 'pairs' ? 'Use at least six pairs.' : `Use at least four ${plural(word)} in each arm.`,
      },
    ];
  });
}

function oneIn(p: number): string {
  return p >= 1 ? 'every shuffle' : `1 of ${Math.round(1 / p)} shuffles`;
}
