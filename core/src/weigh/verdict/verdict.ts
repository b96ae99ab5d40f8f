import { askedOf, controlOf, eachAgainstControl, expectedOf, type Asked, type Experiment, type Measure } from '../../model';
import type { VarianceRow } from '../../stats/analysisOfVariance';
import type { Contrast, Effect, Trend, UnitValue } from '../../compare/Contrast';
import type { ComparisonRow, EffectRow, Interaction, MeasureResult } from '../Result';
import type { RowVerdict, VerdictCode } from '../../compare/judge';
import { kindOf, mattersAs } from '../../kinds';
import { sentenceText } from '../../model/Sentence';
import { designWith } from '../../power/Design';
import { unitsFor } from '../../power/unitsFor';
import { mean } from '../../stats/moments';
import { fitArms } from '../../compare/armFit';
import { strataOf } from '../../compare/strata';
import { firstVerdict, judge, judgeApart } from '../../compare/judge';
import { rankingOf } from './ranking';
import { answersTo } from '../leadComparison';
import { verdictSentence } from '../../words/weigh/verdictSentence';
import type { Finding } from '../../words/findings';

export interface ToJudge {
  readonly experiment: Experiment;
  readonly measure: Measure;
  /** A count compared as shares, whose smallest difference is in percentage points. */
  readonly share: boolean;
  readonly contrasts: readonly Contrast[];
  readonly effects: readonly Effect[];
  readonly terms: readonly VarianceRow[];
  readonly trend: Trend | null;
  readonly values: readonly UnitValue[];
  readonly review: readonly Finding[];
  /** Before the planned end. */
  readonly soFar: boolean;
  /** False leaves out how many units would settle it. */
  readonly beside: boolean;
}

type Judgement = Pick<MeasureResult, 'comparisons' | 'effects' | 'interactions' | 'ranking' | 'lead' | 'verdict'>;

/** Verdict of each comparison, of each factor, and of the measure, with its sentence. */
export function verdict(judged: ToJudge): Judgement {
  const { experiment, measure, share, contrasts, values, review, soFar } = judged;
  const unfair = review.some((finding) => finding.severity === 'blocker');
  const smallest = mattersAs(measure, share);
  const { byEye } = kindOf(measure);
  const expected = expectedOf(measure);
  const control = controlOf(experiment.arms)?.code;
  const asked = askedFrom(experiment, judged.effects);
  const judgeRow = (row: Contrast): RowVerdict => {
    if (unfair) return 'not-a-fair-test';
    const isAsked = asked.some((own) => own.factor === null && own.group === row.arm && own.against === row.versus);
    return row.versus === control || isAsked ? judge(row, expected, smallest, byEye) : judgeApart(row, smallest, byEye);
  };
  const comparisons = contrasts.map((row): ComparisonRow => ({ ...row, verdict: judgeRow(row) }));
  const effects = judged.effects.map((row): EffectRow => ({
    ...row,
    verdict: unfair ? 'not-a-fair-test' : judge(row, expected, smallest, byEye),
  }));
  const interactions = effects.length > 0 ? interactionsOf(judged.terms) : [];
  const ranking =
    experiment.comparison === 'all-pairs' && contrasts.length > 1 && !unfair ? rankingOf(comparisons, values, measure.higherIs) : [];
  const answers = answersTo(asked, { comparisons, effects });
  const code: VerdictCode = unfair
    ? 'not-a-fair-test'
    : firstVerdict(
        answers.map((own) => own.verdict).filter((own) => own !== 'told-apart'),
        expected,
      );
  const known = answers.filter(({ isKnown }) => isKnown);
  const lead = (known.find((own) => own.verdict === code) ?? known[0] ?? answers[0])?.asked ?? null;
  const arms = [...new Set(contrasts.flatMap(({ arm, versus }) => [versus, arm]))];
  const alone = arms.filter((arm) => values.filter((unit) => unit.arm === arm).length === 1);
  const isOpen = code === 'cannot-tell' && alone.length === 0 && measure.primary;
  const needed = isOpen && judged.beside ? settledBy(judged, arms) : null;
  const words = {
    trend: judged.trend,
    experiment,
    measure,
    share,
    code,
    lead,
    comparisons,
    effects,
    interactions,
    ranking,
    unitsNeeded: needed,
    review,
    alone,
    soFar,
  };
  const pieces = verdictSentence(words);
  return {
    lead,
    comparisons,
    ...(effects.length > 0 ? { effects, interactions } : {}),
    ...(ranking.length > 0 ? { ranking } : {}),
    verdict: {
      code,
      soFar,
      sentence: sentenceText(pieces),
      pieces,
      claimedRatioRuledOut: measure.primary ? ruledOut(experiment.claimedRatio, answeredBy(contrasts, answers)) : null,
      unitsNeeded: needed,
    },
  };
}

/** What is asked, of what can be answered: of factors only where the arms cross them with values in each. */
function askedFrom(experiment: Experiment, effects: readonly unknown[]): readonly Asked[] {
  const asked = askedOf(experiment);
  return effects.length > 0 || asked.every(({ factor }) => factor === null) ? asked : eachAgainstControl(experiment.arms);
}

/** The comparisons of arms that were asked for; of factors, which have no ratio of their own, all. */
function answeredBy(contrasts: readonly Contrast[], answers: readonly { readonly asked: Asked }[]): readonly Contrast[] {
  const pairs = answers.map(({ asked }) => asked).filter(({ factor }) => factor === null);
  return pairs.length === 0
    ? contrasts
    : contrasts.filter(({ arm, versus }) => pairs.some(({ group, against }) => group === arm && against === versus));
}

function interactionsOf(terms: readonly VarianceRow[]): Interaction[] {
  return terms.filter(({ term }) => term.includes(':')).map(({ term, p }) => ({ term, p, told: p !== null && p <= 0.05 }));
}

/** Replicates an arm that would settle it: by the plan's own reckoning, with what was seen in place of guesses, and more than did not do. */
function settledBy({ experiment, measure, values }: ToJudge, arms: readonly string[]): number | null {
  const { meanSquare } = fitArms(values, arms, strataOf(values, experiment.layout));
  const control = mean(values.filter(({ arm }) => arm === arms[0]).map(({ value }) => value));
  const design = meanSquare === null || control === null ? null : designWith(experiment, measure, control, Math.sqrt(meanSquare));
  if (design === null) return null;
  const used = Math.min(...arms.map((arm) => values.filter((unit) => unit.arm === arm).length));
  const { units } = unitsFor(design);
  return Number.isSafeInteger(units) ? Math.max(units, used + 1) : null;
}

/** Whether the claimed ratio lies beyond the interval of each comparison asked for; null without a claim of a size or without an interval. */
function ruledOut(claimed: number | null, contrasts: readonly Contrast[]): boolean | null {
  if (claimed === null) return null;
  const known = contrasts.map((row) => row.ratio.ci95).filter((interval) => interval !== null);
  if (known.length === 0) return null;
  return known.every(([lo, hi]) => (claimed >= 1 ? hi < claimed : lo > claimed));
}
