import type { Writing } from '../model';
import type { Picture } from '../weigh/pictures';
import type { Sentence } from '../model/Sentence';

/** One piece of a report. Renderers know blocks and no experiment. */
export type Block =
  | { readonly kind: 'heading'; readonly level: 1 | 2 | 3; readonly text: string }
  | { readonly kind: 'paragraph'; readonly text: Sentence }
  | { readonly kind: 'list'; readonly items: readonly Sentence[]; readonly ordered: boolean }
  | {
      readonly kind: 'table';
      readonly caption: string;
      readonly head: readonly string[];
      readonly rows: readonly (readonly string[])[];
      readonly numbersFrom: number;
    }
  | { readonly kind: 'figure'; readonly picture: Picture }
  | { readonly kind: 'bench'; readonly caption: string; readonly rows: readonly (readonly string[])[] }
  | { readonly kind: 'caution'; readonly text: string }
  /** The writer's own words, exactly as typed. */
  | { readonly kind: 'own'; readonly part: keyof Writing; readonly text: string };
