import type { Doubt } from '../kinds';

/** A rule that is broken, by its name. */
export type Rule =
  | Doubt['rule']
  | 'impossible-value'
  | 'value-or-reason'
  | 'day-to-come'
  | 'before-start'
  | 'after-end'
  | 'no-such-unit'
  | 'no-such-arm'
  | 'no-such-measure'
  | 'no-such-category'
  | 'categories-above-sown'
  | 'categories-below-sown'
  | 'correction'
  | 'one-control'
  | 'one-decides'
  | 'formula'
  | 'end-before-start'
  | 'least-above-most'
  | 'created'
  | 'seal'
  | 'sealed-key'
  | 'locked'
  | 'predictions-sealed'
  | 'has-readings'
  | 'has-entries';

/** What breaks a rule, and where. `refused` cannot be; `asked` is unlikely, and stands once somebody says that it is so. */
export interface Objection {
  readonly rule: Rule;
  readonly answer: 'refused' | 'asked';
  /** JSON pointer into what was checked: "/units/3/arm". */
  readonly pointer: string;
  /** What is wrong and what to do, in whole sentences. */
  readonly detail: string;
}

export const refused = (rule: Rule, pointer: string, detail: string): Objection => ({ rule, answer: 'refused', pointer, detail });

export const asked = (rule: Rule, pointer: string, detail: string): Objection => ({ rule, answer: 'asked', pointer, detail });

/**
 * Those that stand in the way; the others are asked.
 * @param objections in any order
 */
export const refusedOf = (objections: readonly Objection[]): Objection[] => objections.filter(({ answer }) => answer === 'refused');

/**
 * Those that somebody is to look at again.
 * @param objections in any order
 */
export const askedAbout = (objections: readonly Objection[]): Objection[] => objections.filter(({ answer }) => answer === 'asked');

/**
 * Objections to a part, as objections to the whole that it stands in.
 * @param place JSON pointer of the part: "/observations/3"
 */
export const under = (place: string, objections: readonly Objection[]): Objection[] =>
  objections.map((one) => ({ ...one, pointer: `${place}${one.pointer}` }));
