import { lastOf } from '../../invariant';
import { kindOf } from '../../kinds';
import { primaryOf, type Experiment, type Measure } from '../../model';
import { cropNamed } from '../../study/crop';
import { followEdit, writeUnworded } from '../../words/unworded';
import { experimentFrom, type Beginning } from '../experimentFrom';
import { control, treatment } from '../makers';
import { anyClaim } from '../questions/anyClaim';
import type { ReadyQuestion } from '../ReadyQuestion';
import { claimQuestion, type SettledClaim } from './claimSentences';
import { comparedWith, doneAs } from './doneAs';
import type { Promised } from './measures';
import { onPurposeIn, worksByIn } from './worksBy';

export interface ClaimToTest extends Omit<SettledClaim, 'measureId'> {
  readonly text: string;
  readonly measure: Promised;
  /** Treated over control; where a day is measured, of their speed. */
  readonly ratio: number | null;
  /** Days from the start that the claim gives. */
  readonly days: number | null;
  readonly alsoPromised: readonly string[];
  /** Who says so, and how it is said to work; empty where it is not said. */
  readonly source: string;
  readonly claimedMechanism: string;
}

/**
 * A draft that tests a claim: the claim's own parts on the frame for tips, with the usual plan for what is measured.
 * @param claim every part of it settled
 * @param beginning when and for when it is made, and the seed that deals the arms
 */
export function experimentFromClaim(claim: ClaimToTest, beginning: Beginning): Experiment {
  const { measure: promised, direction } = claim;
  const readingDays = daysUntil(promised.measure.readingDays, claim.days);
  const paired = promised.id === 'rooted';
  const frame: ReadyQuestion = {
    ...anyClaim,
    id: 'claim',
    title: claim.text.length > 80 ? `${claim.text.slice(0, 77)}…` : claim.text,
    plant: claim.plant,
    changed: claim.treatment,
    question: `{plantIs:${claim.plant}}{groupIs:X ${claim.treatment}}${claimQuestion({ ...claim, measureId: promised.id })}`,
    arms: [
      control(claim.comparison, { phrase: comparedWith(claim.comparison) }),
      treatment('X', claim.treatment, { phrase: `with ${doneAs(claim.treatment).words}` }),
    ],
    unitNoun: promised.unitNoun,
    unitsPerArm: 8,
    sown: promised.sown,
    layout: paired ? 'pairs' : 'blocks',
    measures: [
      {
        ...promised.measure,
        expected: direction === 'more' || direction === 'less' ? direction : 'different',
        readingDays,
      },
    ],
    endRule: '',
    notTested: claim.alsoPromised,
    spreadGuess: promised.spread,
    controlGuess: promised.control,
    controlLimits: [],
    plantsKept: null,
    onPurpose: onPurposeIn(claim.treatment),
  };
  return withClaim(experimentFrom(frame, beginning), claim, claimedRatioOf(claim));
}

/**
 * A draft that tests a claim by the ready-made question nearest to it: its design, for the claim's plant.
 * @param claim what is kept of it; of no known measurement where that is still open
 * @param beginning when and for when it is made, and the seed that deals the arms
 */
export function experimentFromClosest(
  question: ReadyQuestion,
  claim: Pick<ClaimToTest, 'text' | 'plant' | 'source' | 'claimedMechanism' | 'ratio'> & { readonly measure: Promised | null },
  beginning: Beginning,
): Experiment {
  const made = experimentFrom(question, beginning);
  const plant = claim.plant.trim();
  const ofPlant =
    plant === '' ? made : followEdit(made, { ...made, plan: { ...made.plan, plant, crop: cropNamed(plant)?.crop.code ?? '' } });
  return withClaim(ofPlant, claim, ratioOf(primaryOf(made.measures), claim));
}

function withClaim(
  made: Experiment,
  { text, source, claimedMechanism }: Pick<ClaimToTest, 'text' | 'source' | 'claimedMechanism'>,
  claimedRatio: number | null,
): Experiment {
  const worksBy = worksByIn([text, claimedMechanism, made.plan.changed, ...made.arms.map(({ name }) => name)].join(' '));
  return writeUnworded({ ...made, claim: text, claimedRatio, plan: { ...made.plan, claimSource: source, claimedMechanism, worksBy } });
}

/** Twice as soon is half the days. */
function claimedRatioOf({ measure, ratio }: ClaimToTest): number | null {
  if (ratio === null || ratio === 0) return null;
  return kindOf(measure.measure).timed && measure.lessIsGood ? 1 / ratio : ratio;
}

/** The claimed size of what a ready-made question reads; null where the claim's is of another kind, as an amount beside a day. */
function ratioOf(
  deciding: Measure | undefined,
  { measure, ratio }: { readonly measure: Promised | null; readonly ratio: number | null },
): number | null {
  if (!deciding || ratio === null || ratio === 0) return null;
  const { timed } = kindOf(deciding);
  if (measure && kindOf(measure.measure).timed !== timed) return null;
  return timed && deciding.higherIs === 'worse' ? 1 / ratio : ratio;
}

/** The usual reading days squeezed or stretched so that the last is the claim's own. */
function daysUntil(usual: readonly number[], last: number | null): number[] {
  const end = lastOf(usual);
  if (last === null || last === end || end === 0) return [...usual];
  return [...new Set(usual.map((day) => Math.max(1, Math.round((day * last) / end))))];
}
