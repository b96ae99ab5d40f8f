import { expose } from 'comlink';
import { analyse, Stopped, type Result, type Study } from '@fern/core';

/** Heavy reckoning, away from the page. */
export const heavy = {
  analyse: (study: Study, onProgress: (share: number) => void): Result | null => {
    try {
      return analyse(study, { onProgress });
    } catch (error) {
      if (error instanceof Stopped) return null;
      throw error;
    }
  },
};

export type Heavy = typeof heavy;

expose(heavy);
