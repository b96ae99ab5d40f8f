import { byCode, type Arm } from '../model';
import { inList } from '../quantities/inList';
import { inRow } from '../quantities/inRow';

// Hebrew, Arabic and their neighbours: written from right to left.
const rightToLeft = /[\u0590-\u08FF\uFB1D-\uFDFF\uFE70-\uFEFC]/;

/**
 * An arm's name inside a sentence: "50 mM salt".
 * @param code of the arm; an unknown one stands for itself
 * @returns as the plan writes it; one that is written from right to left is isolated (Unicode UAX #9), so that the numbers beside it stay in place
 */
export function armName(arms: readonly Arm[], code: string): string {
  return isolated(byCode(arms, code)?.name ?? code);
}

/**
 * An arm as a sentence goes on with it: "with 50 mM salt", or its own words, as "in still water".
 * @param code of the arm; an unknown one stands for itself
 * @returns to stand after "higher" or after "than"
 */
export function withArm(arms: readonly Arm[], code: string): string {
  const phrase = byCode(arms, code)?.phrase.trim() ?? '';
  return phrase === '' ? `with ${armName(arms, code)}` : isolated(phrase);
}

/**
 * Several arms as a sentence goes on with them: "with 50 mM salt and 100 mM salt", or each in its own words where one has them.
 * @param codes of the arms
 */
export function withArms(arms: readonly Arm[], codes: readonly string[]): string {
  const own = codes.some((code) => (byCode(arms, code)?.phrase.trim() ?? '') !== '');
  return own ? inList(codes.map((code) => withArm(arms, code))) : `with ${inList(codes.map((code) => inRow(armName(arms, code))))}`;
}

const isolated = (text: string) => (rightToLeft.test(text) ? `\u2068${text}\u2069` : text);
