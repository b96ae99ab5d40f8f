import type { Token } from '../language';

/** A claim in two halves: what is done, and what it is said to do. */
export interface Halves {
  readonly effect: readonly Token[];
  readonly done: readonly Token[];
  /** What is done may be the name of another plant. */
  readonly mayBePlant?: true;
}

/** One way in which people build a claim; null where this one is built otherwise. */
export type ClaimShape = (tokens: readonly Token[]) => Halves | null;

/** Its words alone. */
export const tokenWords = (tokens: readonly Token[]): string[] => tokens.map(({ word }) => word);
