import type { FieldError } from './messages';
import type { Columns, Experiment, Measure, Plan, Study, Timer } from '@fern/core';

/** An experiment as stored. The version goes up with every change; a change must name the version that it was made from. */
export interface ExperimentRecord {
  readonly id: string;
  readonly version: number;
  readonly experiment: Experiment;
}

/** One experiment of the list: titles, days and counts, and nothing else of it. */
export interface ExperimentLine {
  readonly id: string;
  readonly title: string;
  readonly unitWord: string;
  /** Calendar date; null before the start. */
  readonly startedOn: string | null;
  readonly measures: readonly Pick<Measure, 'name' | 'kind'>[];
  /** Walks that are not done, in order of days, up to two weeks ahead. */
  readonly walks: readonly WalkLine[];
  /** Steps with days that are not done, in the same way. */
  readonly steps: readonly StepLine[];
  /** Steps that are running, and reading moments under two days. */
  readonly timers: readonly Timer[];
  readonly place: Plan['place'];
}

interface StepLine {
  readonly name: string;
  readonly day: number;
  /** Time of day; empty where the plan says none. */
  readonly at: string;
  /** Units to which it is still to be done. */
  readonly left: number;
}

interface WalkLine {
  readonly day: number;
  /** Units still without one of its readings. */
  readonly left: number;
  /** What is read, as places in the list of measures. */
  readonly measures: readonly number[];
}

/** An experiment with all that was logged, in one answer. */
export interface StudyRecord extends Study {
  readonly version: number;
}

/** The same with its readings as columns, as pages ask for it. */
export type PackedStudyRecord = Omit<StudyRecord, 'observations'> & { readonly observations: Columns };

/** What is written into the owner's log. */
export type ActivityKind =
  | 'made'
  | 'imported'
  | 'changed'
  | 'started'
  | 'amended'
  | 'sealed'
  | 'unsealed'
  | 'unit'
  | 'picture'
  | 'deleted'
  | 'restored'
  | 'gone'
  | 'exported'
  | 'erased'
  | 'password'
  | 'signed-out';

/** One line of the owner's log. */
export interface HistoryLine {
  readonly id: string;
  readonly experimentId: string | null;
  readonly title: string | null;
  /** Time, UTC. */
  readonly at: string;
  readonly what: ActivityKind;
  readonly detail: string | null;
}

/** An experiment in the bin. */
export interface BinLine {
  readonly id: string;
  readonly title: string;
  /** Times, UTC. */
  readonly deletedAt: string;
  readonly goneAt: string;
}

/** Someone named in readings. */
export interface PersonLine {
  readonly name: string;
  readonly readings: number;
  readonly experiments: number;
}

/** What an import made: the first experiment of it, and how many there are. */
export interface ImportRecord extends ExperimentRecord {
  readonly made: number;
  /** What was taken in and is unlikely, with its place in the package. */
  readonly asked: readonly FieldError[];
}
