import type { Interval } from '../stats/meanInterval';

/** One unit's value, as every picture and test uses it. */
export interface UnitValue {
  readonly unit: string;
  readonly arm: string;
  readonly block: string | null;
  readonly value: number;
}

/** What the comparison of two arms says before it is judged. */
export interface Contrast {
  readonly arm: string;
  readonly versus: string;
  readonly difference: { readonly value: number | null; readonly ci95: Interval | null };
  readonly ratio: { readonly value: number | null; readonly ci95: Interval | null };
  readonly p: number | null;
  readonly adjusted: 'none' | 'dunnett' | 'tukey' | 'holm';
  /** Whether the shuffle, too, rules out a difference that matters; asked only where the interval does, of two arms. */
  readonly alike?: boolean;
  /** Chance that a unit of the arm beats one of the other; ratings only. */
  readonly superiority?: number;
}

/** What one factor does, over the levels of the others. */
export interface Effect extends Pick<Contrast, 'difference' | 'p'> {
  readonly factor: string;
  readonly level: string;
  readonly versus: string;
}

/** What the doses do together. */
export interface Trend {
  readonly slope: number;
  readonly ci95: Interval | null;
  readonly p: number | null;
  /** Dose at the top or bottom of the fitted curve, where it lies inside the doses tried; null otherwise. */
  readonly turningPoint: number | null;
  readonly turningPointCi95: Interval | null;
  readonly quadratic: { readonly coefficient: number; readonly p: number | null } | null;
}
