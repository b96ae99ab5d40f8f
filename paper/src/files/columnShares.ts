const LEAST = 5;
const MOST = 34;

/**
 * How wide each column of a table wants to be, by its longest words.
 * @param lines head and rows
 * @param columns how many there are
 * @returns shares that come to 1
 */
export function columnShares(lines: readonly (readonly string[])[], columns: number): number[] {
  const wants = Array.from({ length: columns }, (_, i) => {
    const cells = lines.map((line) => line[i] ?? '');
    const longestWord = Math.max(...cells.map((cell) => Math.max(...cell.split(' ').map((word) => word.length))), LEAST);
    const longest = Math.max(...cells.map((cell) => cell.length), LEAST);
    return Math.max(longestWord, Math.min(MOST, longest)) + 2;
  });
  const whole = wants.reduce((sum, want) => sum + want, 0);
  return wants.map((want) => want / whole);
}
