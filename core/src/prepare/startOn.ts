import type { Experiment } from '../model';
import { moveStart } from '../study/moveStart';
import { badgeOf } from '../words/badge';
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
  const arms = rest.arms.map((arm) => ({ ...arm, badge: badgeOf(rest.arms, arm.code) }));
  return { ...rest, arms, plan: { ...plan, cautions: cautionsOf(experiment), lockedOn } };
}
