import type { Experiment } from '../model';
import { moveStart } from '../study/moveStart';
import { cautionsOf } from '../words/cautions';
import { keepKit } from './kit/materials';

/**
 * Freezes the plan at its start. The cautions and the kit that follow from it are kept as they read.
 * @param startedOn day 0, a calendar date
 * @param lockedOn the moment from which it changes by amendment alone
 */
export function startOn(experiment: Experiment, startedOn: string, lockedOn: string): Experiment {
  const moved = moveStart(experiment, startedOn);
  const { plan, ...rest } = keepKit(moved);
  return { ...rest, plan: { ...plan, cautions: cautionsOf(plan), lockedOn } };
}
