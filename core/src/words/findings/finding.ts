import type { Severity } from '../../model';
import { eventFindings } from './eventFindings';
import { planFindings } from './planFindings';
import { resultFindings } from './resultFindings';
import type { FindingText } from './says';

const findingWords = { ...planFindings, ...eventFindings, ...resultFindings };

/** The facts that each rule can notice. */
type FactsOf = { readonly [R in keyof typeof findingWords]: Parameters<(typeof findingWords)[R]>[0] };

export type FindingRule = keyof FactsOf;

/** What a check noticed, as facts; {@link tell} makes sentences of it. */
export type Finding<R extends FindingRule = FindingRule> = {
  readonly [P in R]: { readonly rule: P; readonly severity: Severity; readonly facts: FactsOf[P] };
}[R];

/** A finding with its words, as files and the command line give it. */
export type ToldFinding = Finding & FindingText;

/**
 * What a finding says to a twelve-year-old, and what to do about it.
 * @param finding of either check
 * @returns sentences; an empty remedy where there is nothing to do
 */
export function tell<R extends FindingRule>({ rule, facts }: Finding<R>): FindingText {
  const words: { readonly [P in FindingRule]: (own: FactsOf[P]) => FindingText } = findingWords;
  return words[rule](facts);
}

/** A finding with its words beside its facts. */
export const withWords = (finding: Finding): ToldFinding => ({ ...finding, ...tell(finding) });
