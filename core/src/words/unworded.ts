import { foretellsTheSame, withoutWays } from '../study/foretold';
import { rebase, same, unwordedTexts, type Experiment, type Rebased, type UnwordedText } from '../model';
import { followTemplates } from './followTemplates';
import { countsAsYesOf, endRuleOf, hypothesisOf, nullHypothesisOf, questionOf } from './expectation';
import { fill } from './templates';

const writers: Readonly<Record<UnwordedText, (experiment: Experiment) => string>> = {
  question: (experiment) => fill(experiment.plan.templates?.question ?? '', experiment) || questionOf(experiment),
  hypothesis: hypothesisOf,
  nullHypothesis: nullHypothesisOf,
  countsAsYes: countsAsYesOf,
  endRule: (experiment) => fill(experiment.plan.templates?.endRule ?? '', experiment) || endRuleOf(experiment),
};

const inPlan = (text: UnwordedText): text is 'countsAsYes' | 'endRule' => text === 'countsAsYes' || text === 'endRule';

/**
 * A text that may be written from the plan, as it stands.
 * @param text which
 */
export const textNow = (experiment: Experiment, text: UnwordedText): string => (inPlan(text) ? experiment.plan[text] : experiment[text]);

/**
 * Writes what nobody has worded anew from the plan. Once it has started, every text stands as it was then.
 * @returns the same experiment where nothing changes
 */
export function writeUnworded(experiment: Experiment): Experiment {
  if (experiment.plan.lockedOn !== null) return experiment;
  return experiment.plan.unworded.reduce((now, text) => withText(now, text, writers[text](now)), experiment);
}

function withText(experiment: Experiment, text: UnwordedText, words: string): Experiment {
  if (words === textNow(experiment, text)) return experiment;
  return inPlan(text) ? { ...experiment, plan: { ...experiment.plan, [text]: words } } : { ...experiment, [text]: words };
}

/**
 * Lets what hangs on a plan follow an edit: what nobody has worded is written anew, and what the edit itself has worded is somebody's own.
 * Predictions of something that is asked no longer lose their way.
 * @param before the experiment before the edit
 * @param after the experiment after it, its texts not yet written anew
 */
export function followEdit(before: Experiment, after: Experiment): Experiment {
  if (after.plan.lockedOn !== null) return after;
  const written = writeUnworded(followTemplates(before, wordedByHand(before, after)));
  return foretellsTheSame(before, written) ? written : withoutWays(written);
}

function wordedByHand(before: Experiment, after: Experiment): Experiment {
  const { unworded } = after.plan;
  const left = unworded.filter((text) => textNow(before, text) === textNow(after, text));
  return left.length === unworded.length ? after : { ...after, plan: { ...after.plan, unworded: left } };
}

/**
 * Carries edits over to another version, as `rebase` does. What nobody has worded is not merged: it is written anew from the plan that comes
 * out, and what one side has worded stands.
 * @param base the version on which the edits were made
 * @param mine the same with the edits
 * @param theirs the version that they are carried over to
 */
export function joinEdits(base: Experiment, mine: Experiment, theirs: Experiment): Rebased {
  const [before, own, other] = [base, mine, theirs].map(({ plan }) => new Set(plan.unworded));
  const unworded = unwordedTexts.filter((text) => (own?.has(text) === before?.has(text) ? other : own)?.has(text));
  const asBefore = (side: Experiment): Experiment => {
    if (side.plan.lockedOn !== null) return side;
    const kept = side.plan.unworded.reduce((now, text) => withText(now, text, textNow(base, text)), side);
    return same(kept.plan.unworded, unworded) ? kept : { ...kept, plan: { ...kept.plan, unworded } };
  };
  const { experiment, overlaps } = rebase(asBefore(base), asBefore(mine), asBefore(theirs));
  const joined = writeUnworded(experiment);
  return { experiment: same(joined, theirs) ? theirs : joined, overlaps };
}

/**
 * The way back: a text is written from the plan again, and follows it.
 * @param text which
 */
export function unword(experiment: Experiment, text: UnwordedText): Experiment {
  const unworded = unwordedTexts.filter((one) => one === text || experiment.plan.unworded.includes(one));
  return { ...experiment, plan: { ...experiment.plan, unworded } };
}
