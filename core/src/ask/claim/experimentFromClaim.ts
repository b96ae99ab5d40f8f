import type { Experiment } from '../../model';
import { experimentFrom, type Beginning } from '../experimentFrom';
import { control, treatment } from '../makers';
import { anyClaim } from '../questions/anyClaim';
import type { ReadyQuestion } from '../ReadyQuestion';
import { claimSentences, type SettledClaim } from './claimSentences';
import type { Promised } from './measures';

export interface ClaimToTest extends SettledClaim {
  readonly text: string;
  readonly measure: Promised;
  readonly ratio: number | null;
  readonly alsoPromised: readonly string[];
}

/**
 * A draft that tests a claim: the claim's own parts on the frame for tips, with the usual plan for what is measured.
 * @param claim every part of it settled
 * @param beginning when and for when it is made, and the seed that deals the arms
 * @returns a draft
 */
export function experimentFromClaim(claim: ClaimToTest, beginning: Beginning): Experiment {
  const { measure: promised, direction } = claim;
  const sentences = claimSentences(claim);
  const paired = promised.id === 'rooted';
  const frame: ReadyQuestion = {
    ...anyClaim,
    id: 'claim',
    title: claim.text.length > 80 ? `${claim.text.slice(0, 77)}…` : claim.text,
    plant: claim.plant,
    changed: claim.treatment,
    ...sentences,
    arms: [control(claim.comparison), treatment('X', claim.treatment)],
    unitWord: promised.unitWord,
    unitsPerArm: 8,
    sown: promised.sown,
    layout: paired ? 'pairs' : 'blocks',
    measures: [
      {
        ...promised.measure,
        expected: direction === 'more' || direction === 'less' ? direction : 'different',
        readingDays: daysUntil(promised.measure.readingDays, claim.days),
      },
    ],
    endRule: `day ${Math.max(...daysUntil(promised.measure.readingDays, claim.days))}`,
    notTested: claim.alsoPromised,
    spreadGuess: promised.spread,
    controlGuess: promised.control,
    controlBars: [],
    plantsKept: null,
  };
  return { ...experimentFrom(frame, beginning), claim: claim.text, claimedRatio: claim.ratio };
}

/** The usual reading days squeezed or stretched so that the last is the claim's own. */
function daysUntil(usual: readonly number[], last: number | null): number[] {
  const end = usual[usual.length - 1];
  if (last === null || last === end || end === 0) return [...usual];
  return [...new Set(usual.map((day) => Math.max(1, Math.round((day * last) / end))))];
}
