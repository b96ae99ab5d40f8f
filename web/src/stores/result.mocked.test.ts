import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { write } from '@fern/core';
import { startedStudy } from '../testing';
import type { PackedStudy } from '../workers/packedStudy';
import { useResult } from './result';

const made: { worker: FakeWorker; study: PackedStudy }[] = [];
let breaks = false;

/** Stands in for the worker: remembers what it was asked. */
class FakeWorker {
  ended = false;
  private broken: (() => void) | undefined;
  addEventListener(kind: string, listener: () => void): void {
    if (kind === 'error') this.broken = listener;
  }
  fail(): void {
    this.broken?.();
  }
  terminate(): void {
    this.ended = true;
  }
}
vi.mock('comlink', () => ({
  proxy: <T>(value: T) => value,
  wrap: (worker: FakeWorker) => ({
    analyse: (study: PackedStudy) => {
      made.push({ worker, study });
      if (breaks) return new Promise(() => worker.fail());
      return Promise.resolve({ formatVersion: 1, title: study.experiment.title, review: [], measures: [] });
    },
  }),
}));

beforeEach(() => {
  setActivePinia(createPinia());
  vi.stubGlobal('Worker', FakeWorker);
  made.length = 0;
  breaks = false;
});

describe('the result', () => {
  it('is worked out once for every page that asks', async () => {
    const results = useResult();
    const study = startedStudy();
    await Promise.all([results.want(study), results.want(study)]);
    await results.want({ ...study });
    expect(made).toHaveLength(1);
    expect(results.result?.title).toBe(study.experiment.title);
  });

  it('is not worked out again for what is typed in the report', async () => {
    const results = useResult();
    const study = startedStudy();
    await results.want(study);
    await results.want({ ...study, experiment: write(study.experiment, { discussion: 'As typed.' }) });
    expect(made).toHaveLength(1);
  });

  it('is worked out again after a reading, an event, or a change of the plan', async () => {
    const results = useResult();
    const study = startedStudy();
    await results.want(study);
    await results.want({ ...study, observations: [] });
    await results.want({ ...study, incidents: [] });
    await results.want({ ...study, experiment: { ...study.experiment, blinded: !study.experiment.blinded } });
    expect(made).toHaveLength(4);
    expect(made.every(({ worker }) => worker.ended)).toBe(true);
  });

  it('a worker that breaks is told, and nothing stays at work', async () => {
    breaks = true;
    const results = useResult();
    await results.want(startedStudy());
    expect(results.failed).toContain('could not be worked out');
    expect(results.working).toBe(false);
  });
});
