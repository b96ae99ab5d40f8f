import { isShare, mattersAs } from '../../kinds';
import type { Experiment, Finding } from '../../model';
import { counted } from '../../quantities/plural';
import { powerT, unitsForPowerT } from '../../stats/powerT';
import { replicates, replicateWord } from '../../study/replicates';
import { unitsByArm } from '../../study/unitsByArm';

/**
 * The chance of a clear answer is under 80 % if the difference is just as large as matters. From the guess of the spread, in closed form with the
 * level shared between the comparisons (Bonferroni); the curve beside it simulates the design itself.
 */
export function power(experiment: Experiment): Finding[] {
  const spread = guessedSpread(experiment);
  const difference = differenceThatMatters(experiment);
  if (spread === null || difference === null) return [];
  const arms = unitsByArm({ ...experiment, units: replicates(experiment) });
  const fewest = Math.min(...arms.map(({ units }) => units.length));
  if (arms.length < 2 || fewest < 2) return [];
  const level = 0.05 / (arms.length - 1);
  const chance = powerT(difference, spread, fewest, level);
  if (chance >= 0.8) return [];
  const enough = Math.ceil(unitsForPowerT(difference, spread, 0.8, level));
  return [
    {
      rule: 'power',
      severity: 'caution',
      message: `With ${counted(fewest, replicateWord(experiment))} an arm, a difference that just matters would be told apart ${timesInTen(chance)}.`,
      remedy: `About ${enough} an arm would do it 8 times in 10.`,
    },
  ];
}

/**
 * A chance as people say it: "about 7 times in 10".
 * @param chance from 0 to 1
 * @returns words for the middle of a sentence
 * @example timesInTen(0.68) // 'about 7 times in 10'
 */
export function timesInTen(chance: number): string {
  const times = Math.round(chance * 10);
  if (times === 0) return 'hardly ever';
  return times === 10 ? 'nearly always' : `about ${times} ${times === 1 ? 'time' : 'times'} in 10`;
}

/** The smallest difference that matters, in the unit of the values: a share for a count of the sown. Null where none was set. */
export function differenceThatMatters({ measures, units }: Experiment): number | null {
  const primary = measures.find((measure) => measure.primary);
  return primary ? mattersAs(primary, isShare(primary, units)) : null;
}

/** The guessed SD between units in the primary measure's own unit (shares for a count of the sown); null without a guess. */
export function guessedSpread({ plan, measures, units }: Experiment): number | null {
  const primary = measures.find((measure) => measure.primary);
  if (!primary || plan.spreadGuess === null || plan.spreadGuess === 0) return null;
  if (isShare(primary, units)) return plan.spreadGuess;
  return plan.controlGuess === null || plan.controlGuess <= 0 ? null : plan.spreadGuess * plan.controlGuess;
}
