import type { Direction, ReadClaim } from './readClaim';

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
  /** What is measured, as in "the height": "height", "how many sprout". */
  readonly measureName: string;
  readonly direction: Direction;
  readonly sizeWords: string | null;
  readonly days: number | null;
}

const amounts: Readonly<Record<Direction, string>> = { more: 'more', less: 'less', different: 'another' };

/**
 * Composes question, hypothesis and null from the parts; all stay editable.
 * @param claim every part of it settled
 * @returns sentences with a capital and a full stop
 */
export function claimSentences({ plant, treatment, comparison, measureName, direction, sizeWords, days }: SettledClaim): ClaimSentences {
  const within = days === null ? '' : ` within ${days} days`;
  const isDay = measureName.startsWith('day of');
  const isCount = measureName.startsWith('how many');
  const value = isDay
    ? `an ${direction === 'less' ? 'earlier' : direction === 'more' ? 'later' : 'other'} ${measureName.replace('day of', 'day for')}`
    : isCount
      ? `${{ more: 'more', less: 'fewer', different: 'other numbers' }[direction]} that ${measureName.replace('how many ', '')}`
      : `${amounts[direction]} ${measureName}`;
  const size = sizeWords === null ? '' : ` (the claim: ${sizeWords})`;
  return {
    question: `Does ${lower(treatment)} change the ${isDay ? measureName : isCount ? `number that ${measureName.replace('how many ', '')}` : measureName} of ${plant}?`,
    hypothesis: `For ${plant}, ${lower(treatment)} gives ${value} than ${lower(comparison)}${size}${within}.`.replace(
      'an other',
      'another',
    ),
    nullHypothesis: `For ${plant}, ${lower(treatment)} makes no difference to the ${isCount ? `number that ${measureName.replace('how many ', '')}` : measureName}${within}.`,
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

function lower(text: string): string {
  // Names and initials keep their capital.
  return /^[A-Z][a-z]/.test(text) ? text.charAt(0).toLowerCase() + text.slice(1) : text;
}
