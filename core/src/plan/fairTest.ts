import type { Experiment, Finding, Severity } from '../model';
import { comparison } from './rules/comparison';
import { container } from './rules/container';
import { measure } from './rules/measure';
import { reach } from './rules/reach';
import { replication } from './rules/replication';
import { unequal } from './rules/unequal';

/** Every rule of the fair-test check, in the order in which a person would mend them. */
export const fairTestRules = [comparison, measure, replication, reach, container, unequal] as const;

const order: readonly Severity[] = ['blocker', 'serious', 'caution', 'note'];

/** Findings with the worst first. */
export function bySeverity(findings: readonly Finding[]): Finding[] {
  return [...findings].sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity));
}

/** The fair-test check of a plan: what would make its result hard to believe, before the start. */
export function fairTest(experiment: Experiment): Finding[] {
  return bySeverity(fairTestRules.flatMap((rule) => rule(experiment)));
}
