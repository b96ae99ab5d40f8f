import { entryOf } from '../../invariant';
import { doneAs } from './doneAs';
import type { Direction } from './effects';
import { spokenMeasures } from './spokenMeasures';
import type { ReadClaim } from './readClaim';

/** The parts that make a testable sentence; the person has filled in what was missing. */
export interface SettledClaim {
  readonly plant: string;
  readonly treatment: string;
  readonly comparison: string;
  /** The id of what is measured. */
  readonly measureId: string;
  /** Of the value that is measured: fewer days are less. */
  readonly direction: Direction;
}

/**
 * Composes the question from the parts of a claim.
 * @param claim its plant, what is done, and what is measured
 * @returns a sentence with a capital and a question mark
 */
export function claimQuestion({ plant, treatment, measureId }: Pick<SettledClaim, 'plant' | 'treatment' | 'measureId'>): string {
  const { words, plural } = doneAs(treatment);
  return `${plural ? 'Do' : 'Does'} ${words} change ${entryOf(spokenMeasures, measureId).replace('{plant}', plant)}?`;
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
