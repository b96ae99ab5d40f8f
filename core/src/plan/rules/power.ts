import { expectedOf, type Experiment, type Finding } from '../../model';
import { chanceOf } from '../../power/chanceOf';
import { designOf } from '../../power/Design';
import { toStartWith, unitsFor } from '../../power/unitsFor';
import { counted } from '../../quantities/plural';
import { replicates, replicateWord } from '../../study/replicates';

/**
 * The chance of a clear answer is under 80 % if the difference is just as large as matters: this very design, played through. How many would do it
 * is said before the start, from guesses; afterwards the verdict says it, from what was seen.
 */
export function powerRule(experiment: Experiment): Finding[] {
  const design = designOf(experiment);
  if (design === null) return [];
  const all = replicates(experiment);
  const counts = design.arms.map(({ code: arm }) => all.filter((unit) => unit.arm === arm).length);
  if (Math.min(...counts) < 2) return [];
  const { chance, units } = chanceOf(design, counts);
  if (chance >= 0.8) return [];
  const isAlike = expectedOf(design.measure) === 'alike';
  return [
    {
      rule: 'power',
      severity: 'caution',
      message: `With ${counted(units, replicateWord(experiment))} an arm, ${isAlike ? 'that nothing that matters differs would be shown' : 'a difference that just matters would be told apart'} ${timesInTen(chance)}.`,
      remedy: experiment.plan.lockedOn === null ? remedyFor(unitsFor(design).units, units, experiment.plan.expectedSurvival) : '',
    },
  ];
}

function remedyFor(enough: number, units: number, survival: number | null): string {
  if (enough === Infinity) return 'No number of units would do it: is the difference that matters finer than what is read?';
  if (enough > 1000) return 'More than 1,000 an arm would do it 8 times in 10: is the difference that matters in the right unit?';
  const start = toStartWith(enough, survival);
  const losses = start > enough ? ', with the losses that you expect' : '';
  return start > units
    ? `About ${start} an arm would do it 8 times in 10${losses}.`
    : `${start} in each arm would do it 8 times in 10${losses}.`;
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
  return times === 10 ? 'nearly always' : `about ${counted(times, 'time')} in 10`;
}
