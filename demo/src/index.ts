import { keepKit, simulateStudy, type Study } from '@fern/core';
import type { DemoExperiment } from './DemoExperiment';
import { filmAndBasil } from './filmAndBasil';
import { mulchAndPots } from './mulchAndPots';
import { photosOf } from './photos';
import { peelAndMarigolds } from './peelAndMarigolds';
import { saltAndRadish } from './saltAndRadish';
import { teaBags } from './teaBags';
import { willowAndMint } from './willowAndMint';

export { demoPictures } from './photos';

/** The accounts of the demo, with a one-click entry each. All people and places are made up. */
export const demoAccounts = ['Fennick Hollow School', 'Moor Lane allotment'] as const;

/** Every experiment of the demo, by the account that owns it. */
export const demoExperiments: readonly { readonly account: (typeof demoAccounts)[number]; readonly demo: DemoExperiment }[] = [
  { account: 'Fennick Hollow School', demo: willowAndMint },
  { account: 'Fennick Hollow School', demo: teaBags },
  { account: 'Fennick Hollow School', demo: peelAndMarigolds },
  { account: 'Fennick Hollow School', demo: filmAndBasil },
  { account: 'Fennick Hollow School', demo: mulchAndPots },
  { account: 'Fennick Hollow School', demo: saltAndRadish },
];

/** A demo experiment as it stands today: planned by its own settings, read by the simulator. */
export function demoStudy(demo: DemoExperiment, today: string): Study {
  const { seed, readUntil, observers, log } = demo;
  const experiment = demo.experiment(today);
  const { study } = simulateStudy(experiment.plan.lockedOn === null ? experiment : keepKit(experiment), demo.truth, {
    seed,
    untilDay: readUntil,
    observers,
  });
  const logged = log?.(study) ?? study;
  return { ...logged, photos: photosOf(demo, logged) };
}
