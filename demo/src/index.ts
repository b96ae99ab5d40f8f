import { simulateStudy, type Study } from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';
import { filmAndBasil } from './filmAndBasil';
import { saltAndRadish } from './saltAndRadish';

/** The accounts of the demo, with a one-click entry each. All people and places are made up. */
export const demoAccounts = ['Fennick Hollow School', 'Moor Lane allotment'] as const;

/** Every experiment of the demo, by the account that owns it. */
export const demoExperiments: readonly { readonly account: (typeof demoAccounts)[number]; readonly demo: DemoExperiment }[] = [
  { account: 'Fennick Hollow School', demo: saltAndRadish },
  { account: 'Fennick Hollow School', demo: filmAndBasil },
];

/** A demo experiment as it stands today: planned by its own settings, read by the simulator. */
export function demoStudy(demo: DemoExperiment, today: string): Study {
  const { seed, readUntil, observers } = demo;
  return simulateStudy(demo.experiment(today), demo.truth, { seed, untilDay: readUntil, observers }).study;
}
