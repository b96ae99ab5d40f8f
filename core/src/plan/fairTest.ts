import { bySeverity, type Experiment } from '../model';
import type { Finding } from '../words/findings';
import { blindRule } from './rules/blind';
import { comparisonRule } from './rules/comparison';
import { cropRule } from './rules/crop';
import { doseRule } from './rules/dose';
import { endRule } from './rules/end';
import { factorKeptRule } from './rules/factorKept';
import { heldRule } from './rules/held';
import { identityRule } from './rules/identity';
import { lossesRule } from './rules/losses';
import { measureRule } from './rules/measure';
import { namedRule } from './rules/named';
import { oneChangeRule } from './rules/oneChange';
import { placeRule } from './rules/place';
import { positionRule } from './rules/position';
import { powerRule } from './rules/power';
import { reachRule } from './rules/reach';
import { replicationRule } from './rules/replication';
import { sameSeedRule } from './rules/sameSeed';
import { sameStartRule } from './rules/sameStart';
import { scopeRule } from './rules/scope';
import { sharedRule } from './rules/shared';
import { spilloverRule } from './rules/spillover';
import { thinningRule } from './rules/thinning';
import { unequalRule } from './rules/unequal';
import { vehicleRule } from './rules/vehicle';
import { wordsRule } from './rules/words';

/** Rules that play the design through, which takes seconds where there are many arms: a page asks a worker for what they say. */
const played: readonly ((experiment: Experiment) => Finding[])[] = [powerRule];

/** Every rule of the fair-test check, in the order in which a person would mend them. */
export const fairTestRules = [
  comparisonRule,
  measureRule,
  namedRule,
  endRule,
  cropRule,
  replicationRule,
  reachRule,
  sharedRule,
  placeRule,
  factorKeptRule,
  doseRule,
  oneChangeRule,
  vehicleRule,
  sameStartRule,
  identityRule,
  blindRule,
  powerRule,
  positionRule,
  spilloverRule,
  sameSeedRule,
  thinningRule,
  lossesRule,
  heldRule,
  wordsRule,
  unequalRule,
  scopeRule,
] as const;

/**
 * The fair-test check of a plan: what would make its result hard to believe, before the start.
 * @param experiment a plan, whole or half made
 * @returns findings by severity, the blockers first
 */
export function fairTest(experiment: Experiment): Finding[] {
  return bySeverity(fairTestRules.flatMap((rule): readonly Finding[] => rule(experiment)));
}

/**
 * The fair-test check as fast as one types: without what is played through.
 * @param experiment a plan, whole or half made
 * @returns findings by severity, the blockers first
 */
export function fairTestAtOnce(experiment: Experiment): Finding[] {
  return bySeverity(fairTestRules.filter((rule) => !played.includes(rule)).flatMap((rule): readonly Finding[] => rule(experiment)));
}
