import type { Experiment, Scene, Study, Truth, Unit } from '@fern/core';

/** One made-up experiment: its plan around today, the hidden truth, and how far it has been read. */
export interface DemoExperiment {
  readonly title: string;
  readonly seed: number;
  /** Days since its start. */
  readonly day: number;
  /** Last day that has been read. */
  readonly readUntil: number;
  readonly observers: readonly string[];
  readonly truth: Truth;
  /** What else was written down on the way: slips, visits, care, mishaps. */
  readonly log?: (study: Study) => Study;
  /** The days on which the camera was taken along, and what it saw of a unit then. */
  readonly camera?: { readonly days: readonly number[]; readonly scene: (study: Study, unit: Unit, day: number) => Scene };
  readonly experiment: (today: string) => Experiment;
}
