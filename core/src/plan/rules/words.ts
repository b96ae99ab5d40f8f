import type { Experiment, Finding } from '../../model';
import { inList } from '../../quantities/inList';

// From the trade: words under which no two people read the same thing (common practice).
const VAGUE =
  /\b(better|best|healthier|healthy|happier|stronger|nicer|improve[sd]?|thrive[sd]?|benefits?|boosts?|good for|bad for|quality)\b/i;

/** A hypothesis that no two people would read the same, or a frame's X still in it. */
export function wordsRule({ question, hypothesis, arms, plan }: Experiment): Finding[] {
  const finding = (message: string, remedy: string): Finding => ({ rule: 'words', severity: 'caution', message, remedy });
  const vague = plan.unworded.includes('hypothesis') ? undefined : VAGUE.exec(hypothesis)?.[0];
  const open = openPlaces({ question, hypothesis, arms, plan });
  return [
    ...(vague === undefined
      ? []
      : [finding(`“${vague}” can be read in many ways.`, 'Name in the hypothesis what is counted, measured or weighed.')]),
    ...(open.length === 0 ? [] : [finding(`An X still stands in ${inList(open)}.`, 'Say what it is that you test.')]),
  ];
}

/** Where the X of an empty frame still stands. */
function openPlaces({ question, hypothesis, arms, plan }: Pick<Experiment, 'question' | 'hypothesis' | 'arms' | 'plan'>): string[] {
  const hasX = (text: string) => /\bX\b/.test(text);
  return [
    ...(hasX(plan.changed) ? ['what is changed'] : []),
    ...(hasX(question) ? ['the question'] : []),
    ...(hasX(hypothesis) ? ['the hypothesis'] : []),
    ...arms.filter(({ name }) => hasX(name)).map(({ code: arm }) => `arm ${arm}`),
  ];
}
