import type { Experiment } from './experiment';
import { date, maybe, text } from './fields';

/** The key that tells which code is of which arm: sealed while it is read blind, and opened with a reason. */
export const sealFields = {
  sealedOn: maybe(date({ optional: true })),
  openedOn: maybe(date({ optional: true })),
  openedBy: text({ most: 120, optional: true }),
  reason: text({ most: 500, optional: true }),
};

/**
 * Whether nobody is to see which arm a unit belongs to, on any page.
 * @param experiment at any step
 * @returns true from the seal until it is opened
 */
export const isSealed = ({ plan }: Pick<Experiment, 'plan'>): boolean => plan.seal.sealedOn !== null && plan.seal.openedOn === null;

/**
 * Whether whoever reads does not know the arm.
 * @param experiment at any step
 * @returns true where it is planned so and the key was not opened
 */
export const readsBlind = ({ blinded, plan }: Pick<Experiment, 'blinded' | 'plan'>): boolean => blinded && plan.seal.openedOn === null;
