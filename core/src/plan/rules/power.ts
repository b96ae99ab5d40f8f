import { expectedOf, type Experiment } from '../../model';
import { chanceOf } from '../../power/chanceOf';
import { designOf } from '../../power/Design';
import { toStartWith, unitsFor } from '../../power/unitsFor';
import { replicates, replicateWord } from '../../study/replicates';
import type { Finding } from '../../words/findings';

/**
 * The chance of a clear answer is under 80% if the difference is just as large as matters: this very design, played through. How many would do it
 * is said before the start, from guesses; afterwards the verdict says it, from what was seen.
 */
export function powerRule(experiment: Experiment): Finding<'power'>[] {
  const design = designOf(experiment);
  if (design === null) return [];
  const all = replicates(experiment);
  const counts = design.arms.map(({ code: arm }) => all.filter((unit) => unit.arm === arm).length);
  if (Math.min(...counts) < 2) return [];
  const { chance, units } = chanceOf(design, counts);
  if (chance >= 0.8) return [];
  return [
    {
      rule: 'power',
      severity: 'caution',
      facts: {
        each: units,
        unit: replicateWord(experiment),
        chance,
        expectsAlike: expectedOf(design.measure) === 'alike',
        advice:
          experiment.plan.lockedOn === null ? adviceFor(unitsFor(design).units, units, experiment.plan.expectedSurvival) : { is: 'none' },
      },
    },
  ];
}

function adviceFor(enough: number, units: number, survival: number | null): Finding<'power'>['facts']['advice'] {
  if (enough === Infinity) return { is: 'out-of-reach' };
  if (enough > 1000) return { is: 'too-many' };
  const start = toStartWith(enough, survival);
  return { is: 'enough', units: start, isMore: start > units, withLosses: start > enough };
}
