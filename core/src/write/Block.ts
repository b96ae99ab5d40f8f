import type { WritingPart } from '../model';
import type { Picture } from '../weigh/picture/Picture';
import type { Sentence } from '../model/Sentence';

/** A photo in a report, by the name of its picture, with what it shows and the size of it. */
interface ReportPhoto {
  readonly file: string;
  readonly caption: string;
  readonly width: number;
  readonly height: number;
}

/** One piece of a report. Renderers know blocks and no experiment. */
export type Block =
  | { readonly kind: 'heading'; readonly level: 1 | 2 | 3; readonly text: string }
  | { readonly kind: 'paragraph'; readonly text: Sentence }
  | { readonly kind: 'list'; readonly items: readonly Sentence[]; readonly ordered: boolean }
  | TableBlock
  | { readonly kind: 'figure'; readonly picture: Picture; readonly caption: string }
  | { readonly kind: 'bench'; readonly caption: string; readonly rows: readonly (readonly string[])[] }
  | { readonly kind: 'photos'; readonly photos: readonly ReportPhoto[] }
  | { readonly kind: 'caution'; readonly text: string }
  | Own;

export interface TableBlock {
  readonly kind: 'table';
  readonly caption: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** From this column on there are numbers. */
  readonly numbersFrom: number;
}

/** The writer's own words, a paragraph a line, with the facts in them as they are now. */
export interface Own {
  readonly kind: 'own';
  readonly part: WritingPart;
  /** As typed. */
  readonly text: string;
  readonly lines: readonly Sentence[];
  readonly reason: readonly Sentence[];
  readonly source: readonly Sentence[];
}

/** What stands where a part was not written. */
export const NOT_WRITTEN = 'Not written yet.';
