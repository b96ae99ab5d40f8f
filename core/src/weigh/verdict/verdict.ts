import { expectedOf, type Experiment, type Finding, type Measure } from '../../model';
import type { Contrast, UnitValue } from '../../compare/Contrast';
import type { ComparisonRow, VerdictCode, VerdictResult } from '../Result';
import { kindOf, mattersAs } from '../../kinds';
import { sentenceText } from '../../model/Sentence';
import { fewestUnits } from '../../study/replicates';
import { firstVerdict, judge } from './judge';
import { pooledSpread, unitsNeeded } from './unitsNeeded';
import { verdictSentence } from './verdictSentence';

export interface ToJudge {
  readonly experiment: Experiment;
  readonly measure: Measure;
  /** A count compared as shares, whose smallest difference is in percentage points. */
  readonly share: boolean;
  readonly contrasts: readonly Contrast[];
  readonly values: readonly UnitValue[];
  readonly review: readonly Finding[];
}

/** Verdict of each comparison and of the measure, with its sentence. */
export function verdict({ experiment, measure, share, contrasts, values, review }: ToJudge): {
  readonly comparisons: ComparisonRow[];
  readonly verdict: VerdictResult;
} {
  const unfair = review.some((finding) => finding.severity === 'blocker');
  const smallest = mattersAs(measure, share);
  const comparisons = contrasts.map((row): ComparisonRow => ({
    ...row,
    verdict: unfair ? 'not-a-fair-test' : judge(row, expectedOf(measure), smallest, kindOf(measure).byEye),
  }));
  const arms = [...new Set(contrasts.flatMap(({ arm, versus }) => [arm, versus]))];
  const code: VerdictCode = unfair ? 'not-a-fair-test' : firstVerdict(comparisons.map((row) => row.verdict));
  const alone = arms.filter((arm) => values.filter((unit) => unit.arm === arm).length === 1);
  const told = code === 'cannot-tell' && alone.length === 0;
  const enough = told ? unitsNeeded(smallest, pooledSpread(values, experiment.layout !== 'completely-random')) : null;
  // No fewer than a shuffle can show anything with, and more than did not do.
  const used = Math.min(...arms.map((arm) => values.filter((unit) => unit.arm === arm).length));
  const needed = enough === null ? null : Math.max(enough, fewestUnits(experiment.layout), used + 1);
  const pieces = verdictSentence({ experiment, measure, share, code, comparisons, unitsNeeded: needed, review, alone });
  return {
    comparisons,
    verdict: {
      code,
      sentence: sentenceText(pieces),
      pieces,
      claimedRatioRuledOut: measure.primary ? ruledOut(experiment.claimedRatio, contrasts) : null,
      unitsNeeded: needed,
    },
  };
}

/** Whether the claimed ratio lies beyond every treatment's interval; null without a claim of a size or without an interval. */
function ruledOut(claimed: number | null, contrasts: readonly Contrast[]): boolean | null {
  if (claimed === null) return null;
  const known = contrasts.map((row) => row.ratio.ci95).filter((interval) => interval !== null);
  if (known.length === 0) return null;
  return known.every(([lo, hi]) => (claimed >= 1 ? hi < claimed : lo > claimed));
}
