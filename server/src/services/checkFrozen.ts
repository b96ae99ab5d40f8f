import type { Experiment } from '@fern/core';
import { ProblemError } from '../ProblemError';

/** What is fixed at the start: the claim, what is compared, and what decides. Places, status and the writer's words stay free. */
function fixed({
  question,
  hypothesis,
  nullHypothesis,
  claim,
  claimedRatio,
  startedOn,
  comparison,
  layout,
  arms,
  measures,
  units,
  plan,
}: Experiment) {
  return {
    question,
    hypothesis,
    nullHypothesis,
    claim,
    claimedRatio,
    startedOn,
    comparison,
    layout,
    arms,
    measures,
    units: units.map(({ status: _status, statusReason: _reason, ...unit }) => unit),
    kept: plan.kept,
    endRule: plan.endRule,
    stages: plan.stages,
    frozenOn: plan.frozenOn,
  };
}

/**
 * Refuses a change of what the start froze unless it comes with an amendment that says what and why; amendments are only ever added.
 * Throws ProblemError 422.
 */
export function checkFrozen(before: Experiment, after: Experiment): void {
  if (before.plan.frozenOn === null) return;
  const [old, next] = [before.plan.amendments, after.plan.amendments];
  const kept = old.every((amendment, i) => JSON.stringify(amendment) === JSON.stringify(next[i]));
  if (!kept)
    throw new ProblemError(422, 'Amendments stay as they were written. Add a new one.', [
      { pointer: '/experiment/plan/amendments', detail: 'An amendment was changed or taken away.' },
    ]);
  if (JSON.stringify(fixed(before)) === JSON.stringify(fixed(after)) || next.length > old.length) return;
  throw new ProblemError(
    422,
    'The plan is frozen since the start. Say what you change and why, as an amendment; the report will show it.',
    [{ pointer: '/experiment/plan/amendments', detail: 'An amendment with a date, what was changed, and the reason is missing.' }],
  );
}
