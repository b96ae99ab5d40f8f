import { bySeverity, type Experiment, type Finding } from '../model';
import { blind } from './rules/blind';
import { comparison } from './rules/comparison';
import { factorKept } from './rules/factorKept';
import { held } from './rules/held';
import { identity } from './rules/identity';
import { losses } from './rules/losses';
import { measure } from './rules/measure';
import { oneChange } from './rules/oneChange';
import { place } from './rules/place';
import { position } from './rules/position';
import { power } from './rules/power';
import { reach } from './rules/reach';
import { replication } from './rules/replication';
import { sameSeed } from './rules/sameSeed';
import { sameStart } from './rules/sameStart';
import { scope } from './rules/scope';
import { shared } from './rules/shared';
import { spillover } from './rules/spillover';
import { thinning } from './rules/thinning';
import { unequal } from './rules/unequal';
import { vehicle } from './rules/vehicle';
import { words } from './rules/words';

/** Rules that play the design through, which takes seconds where there are many arms: a page asks a worker for what they say. */
const played: readonly ((experiment: Experiment) => Finding[])[] = [power];

/** Every rule of the fair-test check, in the order in which a person would mend them. */
export const fairTestRules = [
  comparison,
  measure,
  replication,
  reach,
  shared,
  place,
  factorKept,
  oneChange,
  vehicle,
  sameStart,
  identity,
  blind,
  power,
  position,
  spillover,
  sameSeed,
  thinning,
  losses,
  held,
  words,
  unequal,
  scope,
] as const;

/**
 * The fair-test check of a plan: what would make its result hard to believe, before the start.
 * @param experiment a plan, whole or half made
 * @returns findings by severity, the blockers first
 */
export function fairTest(experiment: Experiment): Finding[] {
  return bySeverity(fairTestRules.flatMap((rule) => rule(experiment)));
}

/**
 * The fair-test check as fast as one types: without what is played through.
 * @param experiment a plan, whole or half made
 * @returns findings by severity, the blockers first
 */
export function fairTestAtOnce(experiment: Experiment): Finding[] {
  return bySeverity(fairTestRules.filter((rule) => !played.includes(rule)).flatMap((rule) => rule(experiment)));
}
