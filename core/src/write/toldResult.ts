import type { Result } from '../weigh/Result';
import { withWords, type ToldFinding } from '../words/findings';

/** A result as a file or the command line gives it. */
export interface ToldResult extends Result {
  readonly review: readonly ToldFinding[];
}

/**
 * A result with the words of every finding beside its facts.
 * @param result as it was calculated
 * @returns what `result.json` holds
 */
export const toldResult = (result: Result): ToldResult => ({ ...result, review: result.review.map(withWords) });
