import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { entryOf, experimentFrom, fixedChanges, itemAt, lastOf, questions, rebase, restorePlan, write, type Experiment } from '@fern/core';
import { edits } from './edits.fixture';
import { experimentSchema } from './experiment';
import { fieldErrors } from './messages';

const refused = (experiment: Experiment): string[] => {
  const { error } = experimentSchema.validate(experiment, { abortEarly: false });
  return error ? fieldErrors(error).map(({ pointer, detail }) => `${pointer}: ${detail}`) : [];
};
const anyQuestion = fc.constantFrom(...questions);
const anyEdits = fc.array(fc.tuple(fc.constantFrom(...Object.keys(edits)), fc.nat(60)), { minLength: 1, maxLength: 12 });

describe('whatever is done to a plan on its pages', () => {
  it('leaves a plan that can be saved', () => {
    fc.assert(
      fc.property(anyQuestion, anyEdits, (question, steps) => {
        let now = experimentFrom(question, { created: '2026-04-01', startOn: '2026-04-02', seed: 7 });
        for (const [name, pick] of steps) {
          now = entryOf(edits, name)(now, pick);
          expect(refused(now), `after ${name} ${pick}`).toEqual([]);
        }
      }),
      { seed: 11, numRuns: 150 },
    );
  });

  it('keeps one control and one measure that decides', () => {
    fc.assert(
      fc.property(anyQuestion, anyEdits, (question, steps) => {
        const before = experimentFrom(question, { created: '2026-04-01', startOn: '2026-04-02', seed: 7 });
        const after = steps.reduce((now, [name, pick]) => entryOf(edits, name)(now, pick), before);
        expect(after.arms.filter(({ role }) => role === 'control')).toHaveLength(1);
        expect(after.measures.filter(({ primary }) => primary)).toHaveLength(1);
        expect(after.units.every((unit) => after.arms.some((own) => own.code === unit.arm))).toBe(true);
      }),
      { seed: 12, numRuns: 150 },
    );
  });

  it('can be undone edit by edit, and what was written meanwhile stays', () => {
    fc.assert(
      fc.property(anyQuestion, anyEdits, (question, steps) => {
        const before = experimentFrom(question, { created: '2026-04-01', startOn: '2026-04-02', seed: 7 });
        const versions = steps.reduce((all, [name, pick]) => [...all, entryOf(edits, name)(lastOf(all), pick)], [before]);
        const written = write(lastOf(versions), { conclusion: 'In one room.' });
        const undone = versions
          .slice(1)
          .map((after, index) => ({ was: itemAt(versions, index), after }))
          .reduceRight((now, { was, after }) => rebase(after, was, now).experiment, written);
        expect(undone).toEqual(write(before, { conclusion: 'In one room.' }));
      }),
      { seed: 13, numRuns: 100 },
    );
  });

  it('leaves an amendment as it was, and what is free as it is now', () => {
    fc.assert(
      fc.property(anyQuestion, anyEdits, (question, steps) => {
        const before = experimentFrom(question, { created: '2026-04-01', startOn: '2026-04-02', seed: 7 });
        const after = steps.reduce((now, [name, pick]) => entryOf(edits, name)(now, pick), before);
        const restored = restorePlan(before, after);
        expect(fixedChanges(before, restored)).toEqual([]);
        expect(restored.units).toEqual(before.units);
        const free = ({ writing, plan: { predictions, materials, steps: lines } }: Experiment) => ({
          writing,
          predictions,
          materials,
          lines,
        });
        expect(free(restored)).toEqual(free(after));
      }),
      { seed: 13, numRuns: 100 },
    );
  });
});
