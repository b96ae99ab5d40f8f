import type { Finding, MeasureKind, Role, When } from '../model';
import type { Interval } from '../stats/meanInterval';
import type { VarianceRow } from '../stats/analysisOfVariance';
import type { SurvivalStep } from '../stats/kaplanMeier';
import type { Sentence } from './Sentence';

export type VerdictCode = 'supported' | 'small' | 'no-difference-that-matters' | 'opposite' | 'cannot-tell' | 'not-a-fair-test';

export type Method =
  | 'welch-t'
  | 'paired-t'
  | 'anova'
  | 'welch-anova'
  | 'randomisation'
  | 'sign-flip'
  | 'mann-whitney'
  | 'kruskal-wallis'
  | 'fisher-exact'
  | 'chi-square'
  | 'log-rank'
  | 'trend'
  | 'dunnett'
  | 'tukey';

/** What one arm did; numbers that cannot be computed are null. */
export interface ArmSummary {
  readonly arm: string;
  readonly role: Role;
  /** Units with a value. */
  readonly units: number;
  readonly mean: number | null;
  readonly sd: number | null;
  readonly ci95: Interval | null;
  readonly median: number | null;
  readonly successes?: number;
  readonly trials?: number;
  readonly proportion?: number | null;
  /** Interval of the mean over the units' proportions, which the picture shows; `ci95` of a count is Wilson's over all sown. */
  readonly unitsCi95?: Interval | null;
  /** Units at each step of a rating, by step. */
  readonly steps?: Readonly<Record<string, number>>;
  /** How fast and evenly seeds sprouted, each the mean over the units that have it; counts of the sown read on two days or more. */
  readonly sprouting?: SproutingSummary;
  readonly events?: number;
  readonly censored?: number;
  readonly restrictedMean?: number | null;
  readonly survival?: readonly SurvivalStep[];
}

/** Means over units: half sprouted (days, Coolbear and Farooq), mean days, sprouts a day (Maguire), synchrony from 0 to 1. */
export interface SproutingSummary {
  readonly t50Coolbear: number | null;
  readonly t50Farooq: number | null;
  readonly meanTime: number | null;
  readonly speed: number | null;
  readonly synchrony: number | null;
}

export interface TestRow {
  readonly method: Method;
  readonly versus?: string;
  readonly arm?: string;
  readonly statistic: { readonly name: string; readonly value: number };
  readonly df: readonly number[];
  readonly p: number;
  readonly exact?: boolean;
  readonly arrangements?: number;
  readonly seed?: number;
  /** True where plants are counted as if each were a unit: shown because course reports ask for it, never used. */
  readonly ignoresUnits?: boolean;
  /** True where the blocks are left out of the reckoning. */
  readonly ignoresBlocks?: boolean;
}

export interface ComparisonRow {
  readonly arm: string;
  readonly versus: string;
  readonly difference: { readonly value: number | null; readonly ci95: Interval | null };
  readonly ratio: { readonly value: number | null; readonly ci95: Interval | null };
  readonly p: number | null;
  readonly adjusted: 'none' | 'dunnett' | 'tukey' | 'holm';
  /** Chance that a unit of the arm beats one of the other; ratings only. */
  readonly superiority?: number;
  readonly verdict: VerdictCode;
}

/** What a comparison says before it is judged. */
export type Contrast = Omit<ComparisonRow, 'verdict'>;

export interface Trend {
  readonly slope: number;
  readonly ci95: Interval | null;
  readonly p: number | null;
  /** Dose at the top or bottom of the fitted curve, where it lies inside the doses tried; null otherwise. */
  readonly turningPoint: number | null;
  readonly turningPointCi95: Interval | null;
  readonly quadratic: { readonly coefficient: number; readonly p: number | null } | null;
}

export interface VerdictResult {
  readonly code: VerdictCode;
  readonly sentence: string;
  /** The sentence as typed pieces, so that a report can insert each fact by reference. */
  readonly pieces: Sentence;
  readonly claimedRatioRuledOut: boolean | null;
  /** Units an arm that would settle it; null where it is settled or cannot be said. */
  readonly unitsNeeded: number | null;
}

/** One unit's value, as every picture and test uses it. */
export interface UnitValue {
  readonly unit: string;
  readonly arm: string;
  readonly block: string | null;
  readonly value: number;
}

export interface MeasureResult {
  readonly measure: string;
  readonly name: string;
  readonly kind: MeasureKind;
  readonly unit: string;
  readonly primary: boolean;
  readonly when: When;
  /** A count compared as shares of the sown. */
  readonly share: boolean;
  readonly arms: readonly ArmSummary[];
  readonly tests: readonly TestRow[];
  readonly terms: readonly VarianceRow[];
  readonly comparisons: readonly ComparisonRow[];
  readonly trend: Trend | null;
  readonly verdict: VerdictResult;
  /** For measures that are not primary: their smallest p, Holm-adjusted over all of them. */
  readonly alsoSeenP: number | null;
  /** Why something could not be computed, in plain words. */
  readonly reasons: readonly string[];
  readonly values: readonly UnitValue[];
  /** Comparisons with the excluded units put back; absent where none is excluded. */
  readonly withExcluded?: readonly Contrast[];
  /** Comparisons with each lost unit counted as a failure; counts of the sown only, absent where none is lost. */
  readonly withLostAsFailures?: readonly Contrast[];
  /** Comparisons without the units that lie far from their arm; absent where there are none. */
  readonly withoutOutliers?: readonly Contrast[];
}

export interface Result {
  readonly formatVersion: 1;
  readonly title: string;
  readonly review: readonly Finding[];
  readonly measures: readonly MeasureResult[];
}
