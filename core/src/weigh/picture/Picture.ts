import type { Role } from '../../model';

/** What one colour, shape and dash stand for: an arm, or a level of a factor. */
export interface Series {
  readonly code: string;
  /** How an arm stands on its stake; absent where the code does. */
  readonly badge?: string;
  readonly name: string;
  readonly role: Role;
}

export interface Axis {
  /** Name and unit. */
  readonly label: string;
  /** Places by name, the first at 0; absent on an axis of numbers. */
  readonly names?: readonly string[];
  /** Ends where they are known, as 0 and 100 for shares. */
  readonly min?: number;
  readonly max?: number;
  /** Where it has its marks; absent where that does not matter. */
  readonly ticks?: readonly number[];
}

interface DotsMark {
  readonly kind: 'dots';
  readonly series: string;
  readonly points: readonly { readonly x: number; readonly y: number; readonly words: string }[];
}

/** Means with what they may be; `lo` and `hi` are null where there is no interval. */
interface MeansMark {
  readonly kind: 'means';
  readonly series: string;
  /** The axis of the values. */
  readonly along: 'x' | 'y';
  readonly points: readonly {
    readonly at: number;
    readonly value: number;
    readonly lo: number | null;
    readonly hi: number | null;
    readonly words: string;
  }[];
}

interface LineMark {
  readonly kind: 'line';
  /** Null for what belongs to no arm, as a pair. */
  readonly series: string | null;
  readonly points: readonly { readonly x: number; readonly y: number }[];
  readonly stepped?: boolean;
  readonly thin?: boolean;
  /** Stands at its end. */
  readonly words?: string;
}

/** Between two curves, as the interval of a mean day by day. */
interface BandMark {
  readonly kind: 'band';
  readonly series: string;
  readonly stepped?: boolean;
  readonly points: readonly { readonly x: number; readonly lo: number; readonly hi: number }[];
}

/** A filled outline, as how densely dots lie. */
interface ShapeMark {
  readonly kind: 'shape';
  readonly series: string;
  readonly points: readonly { readonly x: number; readonly y: number }[];
}

/** Boxes with a word in them: counts of a step, or of a heap. */
interface BoxesMark {
  readonly kind: 'boxes';
  readonly boxes: readonly {
    readonly x: readonly [number, number];
    readonly y: readonly [number, number];
    /** From 0, pale, to 1, dark. */
    readonly shade: number;
    readonly words: string;
  }[];
}

/** A line across at a value that is known or claimed, with what lies round it. */
interface RuleMark {
  readonly kind: 'rule';
  readonly axis: 'x' | 'y';
  readonly at: number;
  readonly band?: readonly [number, number];
  readonly words: string;
}

export type Mark = DotsMark | MeansMark | LineMark | BandMark | ShapeMark | BoxesMark | RuleMark;

/** Numbers that stand under the axis, a line a series. */
interface Beneath {
  readonly title: string;
  readonly rows: readonly { readonly series: string; readonly at: readonly { readonly x: number; readonly words: string }[] }[];
}

interface PictureTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly numbersFrom: number;
}

/** The one type of picture: marks in layers, the first at the back. Each is drawn, exported, read aloud and written down from it. */
export interface Picture {
  /** By which a report names it: "sprouts.dots". */
  readonly id: string;
  /** States the finding. */
  readonly title: string;
  /** What is to be seen, for ears. */
  readonly sentence: string;
  /** What marks and bars mean, and of how many. */
  readonly note: string;
  readonly x: Axis;
  readonly y: Axis;
  readonly series: readonly Series[];
  /** Colours need a key: they do not stand beside their names already. */
  readonly keyed: boolean;
  readonly marks: readonly Mark[];
  readonly beneath?: Beneath;
  /** Every number that is drawn. */
  readonly table: PictureTable;
}
