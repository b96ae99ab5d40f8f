import type { Experiment } from '../model';

const smallWords = /^(the|and|for|with|from|into|number|kind|kinds|share|what|how|first|days|many|much|once|each|same|their|that|this)$/;
const contentWords = (text: string) => new Set((text.toLowerCase().match(/\p{L}{3,}/gu) ?? []).filter((word) => !smallWords.test(word)));

/** From this share of words in common on, two phrases name the same thing. */
const SAME_THING = 0.6;

/**
 * Lines of what is kept the same that name the very thing that is varied.
 * @returns what is said to be kept
 */
export function keptThoughVaried({ plan, arms }: Experiment): string[] {
  const varied = contentWords([plan.changed, ...Object.keys(arms[0]?.factors ?? {})].join(' '));
  return plan.kept
    .map(({ what }) => what)
    .filter((what) => {
      const words = contentWords(what);
      const common = [...words].filter((word) => varied.has(word)).length;
      return common > 0 && common / (words.size + varied.size - common) >= SAME_THING;
    });
}
