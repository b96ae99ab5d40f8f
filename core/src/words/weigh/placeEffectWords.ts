import { rounded } from '../../quantities/roundTo';
import { sized } from '../sized';

const ends = { columns: ['left', 'right'], rows: ['top', 'bottom'] } as const;

/** What one end of the bench gained on the other, in the shown unit. */
interface Gain {
  readonly along: keyof typeof ends;
  readonly gain: number;
  readonly ci95: readonly [number, number];
}

/**
 * What the place did.
 * @param told gains that are clear
 * @param isKnown whether any could be fitted
 * @param wording unit and word for more of the measure
 * @returns a sentence for each
 */
export function placeEffectWords(
  told: readonly Gain[],
  isKnown: boolean,
  { unit, more }: { readonly unit: string; readonly more: string },
): string[] {
  if (told.length === 0)
    return [
      isKnown
        ? 'Neither end of the bench did better than the other by more than chance would give.'
        : 'There are too few places to say what the place did.',
    ];
  return told.map(({ along, gain, ci95 }) => {
    const [winner, loser] = gain > 0 ? [ends[along][1], ends[along][0]] : ends[along];
    const half = (ci95[1] - ci95[0]) / 2;
    const [lo, hi] = gain > 0 ? ci95 : ([-ci95[1], -ci95[0]] as const);
    return `The ${winner} end came out about ${sized(rounded(Math.abs(gain), half), unit)} ${more} than the ${loser} end, whatever the group (95% confidence interval ${rounded(lo, half)} to ${rounded(hi, half)}).`;
  });
}
