import { expose } from 'comlink';
import { chanceOfAnswer, unitsForChance, type Chance, type Experiment } from '@fern/core';

/** What a design could show, simulated away from the page; it is stopped by ending the worker. */
const worker = {
  /** Chances for each number of units, told one by one as they are found. */
  chances: (
    experiment: Experiment,
    units: readonly number[],
    seed: number,
    runs: number,
    onPoint: (chance: Chance, share: number) => void,
  ): void => {
    units.forEach((count, i) => {
      const found = chanceOfAnswer(experiment, count, { seed, runs });
      if (found) onPoint(found, (i + 1) / units.length);
    });
  },

  unitsForChance: (experiment: Experiment, seed: number, runs: number, onProgress: (share: number) => void) =>
    unitsForChance(experiment, { seed, runs, onProgress }),
};

export type PowerWorker = typeof worker;

expose(worker);
