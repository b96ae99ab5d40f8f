import { fourFigures } from './figures';

/** Why runs of one question are not put together. */
export type Mismatch =
  | { readonly is: 'other-measure' | 'other-groups'; readonly name: string }
  | { readonly is: 'other-way'; readonly name: string; readonly measure: string }
  | { readonly is: 'pairs' };

/** Runs of one question beside one another. */
export const runsWords = {
  why: (mismatch: Mismatch): string => {
    switch (mismatch.is) {
      case 'other-measure':
        return `${mismatch.name} had another main measurement, so the two aren’t combined.`;
      case 'other-way':
        return `${mismatch.name} measured “${mismatch.measure}” in another way, so the two aren’t combined.`;
      case 'pairs':
        return 'Pairs are compared within each run, so the runs aren’t combined.';
      case 'other-groups':
        return `${mismatch.name} had other groups, so the two aren’t combined.`;
    }
  },
  together: (came: string, interval: string | null) =>
    `Together, each run a block of its own: ${came}${interval === null ? '' : ` (95% confidence interval ${interval})`}.`,
  alike: (both: string) => `about the same ${both}`,
  title: (oneWay: boolean, runs: number) => (oneWay ? `All ${runs} went the same way` : 'The runs did not all go the same way'),
  run: (name: string, value: number | null) => `${name}: ${fourFigures(value)}`,
  note: (units: readonly number[]) =>
    `Marks with bars: the difference in each run and its 95% confidence interval. n = ${units.join(', ')} units.`,
};
