import type { Arm } from './Arm';
import type { Care, Happening } from './Happening';
import type { Measure } from './Measure';
import type { Observation } from './Observation';
import type { Plan, Writing } from './Plan';
import type { Unit } from './Unit';

export type Layout = 'completely-random' | 'blocks' | 'pairs';
export type Comparison = 'control' | 'all-pairs';

/** Everything that is decided before the first observation, with the state of each unit. */
export interface Experiment {
  readonly name: string;
  readonly title: string;
  /** ISO 8601 date-time. */
  readonly created: string;
  readonly question: string;
  readonly claim: string | null;
  readonly hypothesis: string;
  readonly nullHypothesis: string;
  readonly claimedRatio: number | null;
  readonly startedOn: string | null;
  readonly endedOn: string | null;
  readonly comparison: Comparison;
  readonly layout: Layout;
  readonly blinded: boolean;
  readonly plan: Plan;
  readonly writing: Writing;
  readonly arms: readonly Arm[];
  readonly units: readonly Unit[];
  readonly measures: readonly Measure[];
}

/** An experiment with all that was logged: what travels as one package and what the analysis reads. */
export interface Study {
  readonly experiment: Experiment;
  readonly observations: readonly Observation[];
  readonly happenings: readonly Happening[];
  readonly care: readonly Care[];
}
