import type { Arm } from './arm';

/**
 * The arm, unit or measure with a code.
 * @param records of a plan
 * @param code as units and readings carry it
 * @returns undefined where there is none
 */
export const byCode = <R extends { readonly code: string }>(records: readonly R[], wanted: string | null | undefined): R | undefined =>
  records.find(({ code }) => code === wanted);

/**
 * The row of a result that is about an arm.
 * @param code of the arm
 * @returns undefined where there is none
 */
export const findArm = <A extends { readonly arm: string }>(rows: readonly A[], code: string | null | undefined): A | undefined =>
  rows.find(({ arm }) => arm === code);

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
