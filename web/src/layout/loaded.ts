import { inject, provide, type ComputedRef, type InjectionKey } from 'vue';
import type { Experiment, Study } from '@fern/core';

/** An experiment that is there: what the frame gives to its pages, so that none of them asks whether it has come yet. */
export interface Loaded {
  readonly id: ComputedRef<string>;
  readonly experiment: ComputedRef<Experiment>;
  readonly study: ComputedRef<Study>;
}

const key: InjectionKey<Loaded> = Symbol('the loaded experiment');

export function provideLoaded(loaded: Loaded): void {
  provide(key, loaded);
}

/** @throws {Error} outside the frame of an experiment */
export function useLoaded(): Loaded {
  const loaded = inject(key);
  if (!loaded) throw new Error('This part stands only inside the frame of an experiment.');
  return loaded;
}
