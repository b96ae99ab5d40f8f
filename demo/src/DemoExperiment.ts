import type { Experiment, Happening, Truth } from '@fern/core';

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
  /** What went wrong on the way. */
  readonly happenings?: (startedOn: string) => readonly Happening[];
  readonly experiment: (today: string) => Experiment;
}
