import type { Experiment } from '../../model';
import { hasOpenX } from '../../ownWords/openX';
import { vagueIn } from '../../ownWords/vague';
import type { Finding } from '../../words/findings';

/** A hypothesis that no two people would read the same, or a frame's X still in it. */
export function wordsRule({ question, hypothesis, arms, plan }: Experiment): Finding<'words'>[] {
  const finding = (facts: Finding<'words'>['facts']): Finding<'words'> => ({ rule: 'words', severity: 'caution', facts });
  const [vague] = plan.unworded.includes('hypothesis') ? [] : vagueIn(hypothesis);
  const where = openPlaces({ question, hypothesis, arms, plan });
  return [
    ...(vague === undefined ? [] : [finding({ is: 'vague', word: vague.word })]),
    ...(where.length === 0 ? [] : [finding({ is: 'open', where })]),
  ];
}

/** Where the X of an empty frame still stands. */
function openPlaces({ question, hypothesis, arms, plan }: Pick<Experiment, 'question' | 'hypothesis' | 'arms' | 'plan'>): string[] {
  return [
    ...(hasOpenX(plan.changed) ? ['what you change'] : []),
    ...(hasOpenX(question) ? ['the question'] : []),
    ...(hasOpenX(hypothesis) ? ['the hypothesis'] : []),
    ...arms.filter(({ name }) => hasOpenX(name)).map(({ code: arm }) => `group ${arm}`),
  ];
}
