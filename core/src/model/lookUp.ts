import type { Arm } from './arm';

/**
 * The arm with a code.
 * @param arms of a plan, or rows of a result that name one
 * @param code as units and readings carry it
 * @returns undefined where there is none
 */
export const findArm = <A extends { readonly arm: string }>(arms: readonly A[], code: string | null | undefined): A | undefined =>
  arms.find(({ arm }) => arm === code);

/**
 * The unit with a code.
 * @param code as readings carry it
 * @returns undefined where there is none
 */
export const findUnit = <U extends { readonly unit: string }>(units: readonly U[], code: string | null | undefined): U | undefined =>
  units.find(({ unit }) => unit === code);

/**
 * The measure with a code.
 * @param measures of a plan, or rows of a result
 * @param code as readings carry it
 * @returns undefined where there is none
 */
export const findMeasure = <M extends { readonly measure: string }>(
  measures: readonly M[],
  code: string | null | undefined,
): M | undefined => measures.find(({ measure }) => measure === code);

/**
 * The arm that the others are held against.
 * @returns undefined in a plan that has none yet
 */
export const controlOf = <A extends Pick<Arm, 'role'>>(arms: readonly A[]): A | undefined => arms.find(({ role }) => role === 'control');

/**
 * The measure that decides.
 * @param measures of a plan or a ready-made question, or rows of a result
 * @returns undefined in a plan that has none yet
 */
export const primaryOf = <M extends { readonly primary: boolean }>(measures: readonly M[]): M | undefined =>
  measures.find(({ primary }) => primary);
