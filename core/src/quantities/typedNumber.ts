/**
 * A plain number as people type it: with a comma or a point before its decimals, and either sign for minus.
 * @param text as typed; spaces at the ends do not count
 * @returns the number; null where the text is no number, or nothing
 * @example typedNumber('−12,5') // -12.5
 */
export function typedNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-');
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}
