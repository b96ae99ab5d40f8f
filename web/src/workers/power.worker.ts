import { expose } from 'comlink';
import { chanceOf, designOf, unitsFor, type Chance, type Experiment } from '@fern/core';

/** What a design could show, played through away from the page; it is stopped by ending the worker. */
const worker = {
  /** Chances for each number of replicates an arm, told one by one as they are found. */
  chances: (experiment: Experiment, units: readonly number[], onPoint: (chance: Chance, share: number) => void): void => {
    const design = designOf(experiment);
    if (design === null) return;
    units.forEach((count, i) => onPoint(chanceOf(design, count), (i + 1) / units.length));
  },

  unitsFor: (experiment: Experiment): number | null => {
    const design = designOf(experiment);
    const units = design && unitsFor(design).units;
    return Number.isFinite(units) ? units : null;
  },
};

export type PowerWorker = typeof worker;

expose(worker);
