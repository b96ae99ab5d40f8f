import type { Care, Incident, Observation, Photo } from '@fern/core';

/** Something that was logged by whoever had the same experiment open. */
export type LoggedNews =
  | { readonly kind: 'reading'; readonly content: Observation }
  | { readonly kind: 'incident'; readonly content: Incident }
  | { readonly kind: 'care'; readonly content: Care }
  | { readonly kind: 'photo'; readonly content: Photo };

/** What is told at once to everyone who has an experiment open: what was logged, or that the document has another version. */
export type News = { readonly logged: readonly LoggedNews[] } | { readonly version: number };
