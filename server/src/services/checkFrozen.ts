import { byCode, fixedChanges, same, type Amendment, type Experiment } from '@fern/core';
import { ProblemError } from '../ProblemError';

/** What a unit keeps whatever an amendment says. */
const stays = ['arm', 'block', 'row', 'column'] as const;
const AMENDMENTS = '/experiment/plan/amendments';

/**
 * Refuses a change of what the start froze unless it comes with an amendment that says what and why. Amendments are only ever added, and a
 * start is never taken back.
 * @returns the experiment as it is to be stored: its newest amendment lists what was changed
 * @throws {ProblemError} 422
 */
export function checkFrozen(before: Experiment, after: Experiment): Experiment {
  if (before.plan.lockedOn === null) return after;
  const [old, next] = [before.plan.amendments, after.plan.amendments];
  if (!old.every((amendment, i) => next[i] !== undefined && same(said(amendment), said(next[i]))))
    throw refuse('Amendments stay as they were written. Add a new one.', AMENDMENTS, 'An amendment was changed or taken away.');
  if (after.plan.lockedOn !== before.plan.lockedOn)
    throw refuse('A start cannot be taken back.', '/experiment/plan/frozenOn', `The plan is frozen since ${before.plan.lockedOn}.`);
  const moved = after.units.find((unit) => {
    const was = byCode(before.units, unit.code);
    return was !== undefined && stays.some((field) => was[field] !== unit[field]);
  });
  if (moved)
    throw refuse(
      'Once it has started, each keeps its arm, its block and its place. Nothing was changed.',
      '/experiment/units',
      `${moved.code} would change its arm, block or place.`,
    );
  const changes = fixedChanges(before, after);
  const [added] = next.slice(old.length);
  if (changes.length > 0 && !added)
    throw refuse(
      'The plan is frozen since the start. Say what you change and why, as an amendment; the report will show it.',
      AMENDMENTS,
      `An amendment is missing for: ${changes.map(({ what }) => what).join(', ')}.`,
    );
  const amendments = next.map((amendment, i) => old[i] ?? { ...amendment, changes: i === next.length - 1 ? changes : [] });
  return { ...after, plan: { ...after.plan, amendments } };
}

/** What a person said in an amendment; the list of changes is worked out. */
const said = ({ on, what, reason }: Amendment) => ({ on, what, reason });

function refuse(detail: string, pointer: string, place: string): ProblemError {
  return new ProblemError(422, detail, [{ pointer, detail: place }]);
}
