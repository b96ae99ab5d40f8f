import type { Columns, Experiment, ReadSoFar, Study } from '@fern/core';

/** An experiment as stored. The version goes up with every change; a change must name the version that it was made from. */
export interface ExperimentRecord {
  readonly id: string;
  readonly version: number;
  readonly experiment: Experiment;
}

/** An experiment with what has been read so far, for Today. */
export interface ExperimentProgress extends ExperimentRecord {
  readonly read: readonly ReadSoFar[];
}

/** An experiment with all that was logged, in one answer. */
export interface StudyRecord extends Study {
  readonly version: number;
}

/** The same with its readings as columns, as pages ask for it. */
export type PackedStudyRecord = Omit<StudyRecord, 'observations'> & { readonly observations: Columns };
