import type { ArmSummary } from '../compare/ArmSummary';
import type { Contrast, Effect, Trend, UnitValue } from '../compare/Contrast';
import type { RowVerdict, VerdictCode } from '../compare/judge';
import type { TestRow } from '../compare/TestRow';
import type { Asked, MeasureKind, Sentence, When } from '../model';
import type { Progress } from './progress';
import type { Basis } from '../study/replicates';
import type { VarianceRow } from '../stats/analysisOfVariance';
import type { Finding } from '../words/findings';

/** A comparison with its verdict. */
export interface ComparisonRow extends Contrast {
  readonly verdict: RowVerdict;
}

/** What one factor does, with its verdict. */
export interface EffectRow extends Effect {
  readonly verdict: VerdictCode;
}

/** Whether what one factor does depends on another. */
export interface Interaction {
  readonly term: string;
  readonly p: number | null;
  readonly told: boolean;
}

interface VerdictResult {
  readonly code: VerdictCode;
  /** True before the planned end. */
  readonly soFar: boolean;
  readonly sentence: string;
  /** The sentence as typed pieces, so that a report can insert each fact by reference. */
  readonly pieces: Sentence;
  readonly claimedRatioRuledOut: boolean | null;
  /** Units an arm that would settle it; null where it is settled or cannot be said. */
  readonly unitsNeeded: number | null;
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
  /** What counts once; `arms[].units` and `values` are of those. */
  readonly basis: Basis;
  readonly arms: readonly ArmSummary[];
  readonly tests: readonly TestRow[];
  readonly terms: readonly VarianceRow[];
  readonly comparisons: readonly ComparisonRow[];
  /** Factors over the levels of the others, and whether they depend on one another; absent where arms do not cross factors. */
  readonly effects?: readonly EffectRow[];
  readonly interactions?: readonly Interaction[];
  /** Arms in order, the best first, those that cannot be told apart together; where treatments are compared with one another. */
  readonly ranking?: readonly (readonly string[])[];
  readonly trend: Trend | null;
  /** The comparison that the answer speaks of, everywhere; null where nothing is compared. */
  readonly lead: Asked | null;
  /** How far it has come; absent from the planned end on. */
  readonly progress?: Progress;
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
