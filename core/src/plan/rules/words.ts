import type { Experiment } from '../../model';
import type { Finding } from '../../words/findings';

// From the trade: words under which no two people read the same thing (common practice).
const VAGUE =
  /\b(better|best|healthier|healthy|happier|stronger|nicer|improve[sd]?|thrive[sd]?|benefits?|boosts?|good for|bad for|quality)\b/i;

/** A hypothesis that no two people would read the same, or a frame's X still in it. */
export function wordsRule({ question, hypothesis, arms, plan }: Experiment): Finding<'words'>[] {
  const finding = (facts: Finding<'words'>['facts']): Finding<'words'> => ({ rule: 'words', severity: 'caution', facts });
  const vague = plan.unworded.includes('hypothesis') ? undefined : VAGUE.exec(hypothesis)?.[0];
  const where = openPlaces({ question, hypothesis, arms, plan });
  return [
    ...(vague === undefined ? [] : [finding({ is: 'vague', word: vague })]),
    ...(where.length === 0 ? [] : [finding({ is: 'open', where })]),
  ];
}

/** Where the X of an empty frame still stands. */
function openPlaces({ question, hypothesis, arms, plan }: Pick<Experiment, 'question' | 'hypothesis' | 'arms' | 'plan'>): string[] {
  const hasX = (text: string) => /\bX\b/.test(text);
  return [
    ...(hasX(plan.changed) ? ['what you change'] : []),
    ...(hasX(question) ? ['the question'] : []),
    ...(hasX(hypothesis) ? ['the hypothesis'] : []),
    ...arms.filter(({ name }) => hasX(name)).map(({ code: arm }) => `group ${arm}`),
  ];
}
