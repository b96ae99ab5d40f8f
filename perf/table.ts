/** What a ratio should keep to; nothing where it is only told. */
export interface Bound {
  readonly least?: number;
  readonly most?: number;
}

const missed: string[] = [];

/** One line of a table: what was compared, the ratio, and the bound that it should keep. */
export function reportRatio(what: string, ratio: number, { least, most }: Bound = {}): void {
  const bounds = [least === undefined ? '' : `at least ${least}`, most === undefined ? '' : `at most ${most}`].filter(Boolean);
  console.log(`${what.padEnd(90)} ${ratio.toFixed(2).padStart(9)}   ${bounds.join(', ')}`);
  if ((least !== undefined && !(ratio >= least)) || (most !== undefined && !(ratio <= most)))
    missed.push(`${what}: ${ratio.toFixed(2)}, should be ${bounds.join(' and ')}`);
}

/** Every line so far whose ratio is out of its bound. */
export const outOfBounds = (): readonly string[] => missed;
