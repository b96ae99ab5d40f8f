import { entryOf } from '../../invariant';
import { doneAs } from './doneAs';
import type { Direction } from './effects';
import { phrases } from './phrases';
import type { ReadClaim } from './readClaim';

export interface ClaimSentences {
  readonly question: string;
  readonly hypothesis: string;
  readonly nullHypothesis: string;
}

/** The parts that make a testable sentence; the person has filled in what was missing. */
export interface SettledClaim {
  readonly plant: string;
  readonly treatment: string;
  readonly comparison: string;
  /** The id of what is measured. */
  readonly measureId: string;
  /** Of the value that is measured: fewer days are less. */
  readonly direction: Direction;
  readonly sizeWords: string | null;
  /** The day of the last reading. */
  readonly lastDay: number;
}

/**
 * Composes question, hypothesis and null from the parts; all stay editable.
 * @param claim every part of it settled
 * @returns sentences with a capital and a full stop
 */
export function claimSentences({ plant, treatment, comparison, measureId, direction, sizeWords, lastDay }: SettledClaim): ClaimSentences {
  const { words, plural } = doneAs(treatment);
  const { the, more, less, other } = entryOf(phrases, measureId);
  const of = the.replace('{plant}', plant);
  const size = sizeWords === null ? '' : ` (the claim: ${sizeWords})`;
  const within = lastDay === 0 ? ' on the first day' : ` by day ${lastDay}`;
  return {
    question: `${plural ? 'Do' : 'Does'} ${words} change ${of}?`,
    hypothesis: `For ${plant}, ${words} ${plural ? 'give' : 'gives'} ${{ more, less, different: other }[direction]} than ${small(comparison)}${size}${within}.`,
    nullHypothesis: `For ${plant}, ${words} ${plural ? 'make' : 'makes'} no difference to ${of}${within}.`,
  };
}

/**
 * What is still to be settled of a claim, in the order in which it is asked.
 * @param claim as read, with what has been answered since
 * @returns the missing parts, each with the question that asks for it; empty where nothing is missing
 */
export function openQuestions(claim: ReadClaim): { readonly part: ReadClaim['missing'][number]; readonly ask: string }[] {
  const asks: Partial<Record<ReadClaim['missing'][number], string>> = {
    plant: claim.plant ? `“${claim.plant}” can be many. Which one plant will you use?` : 'Which plant?',
    treatment: 'What exactly is done to the plants?',
    measure: 'What would be measured, counted or weighed?',
    direction: 'More of it, less of it, or just different?',
    comparison: 'Compared with what? Handled just the same, but …',
  };
  return claim.missing.flatMap((part) => {
    const ask = asks[part];
    return ask ? [{ part, ask }] : [];
  });
}

/** Names and initials keep their capital. */
function small(text: string): string {
  return /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}
