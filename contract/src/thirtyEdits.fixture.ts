import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkExperiment, entryOf, experimentFrom, fairTestAtOnce, followEdit, questions, startOn, type Experiment } from '@fern/core';
import { contradictionsOf, namesOf, wordsIn } from './derivedTexts.fixture';
import { edits } from './edits.fixture';
import { untrue } from './findingFacts.fixture';
import { experimentSchema } from './experiment';
import { fieldErrors } from './messages';

const EDITS = 30;
const TODAY = '2026-04-01';
const begin = { created: TODAY, startOn: '2026-04-02', seed: 7 };

/** A formula that no longer fits what it is worked out from stands as typed, and the check asks for it before the start. */
const isTold = (experiment: Experiment, detail: string) =>
  fairTestAtOnce(experiment).some(
    ({ rule, severity, facts }) => rule === 'measure' && severity === 'blocker' && 'wrong' in facts && facts.wrong === detail,
  );

const refused = (experiment: Experiment): string[] => {
  const { error } = experimentSchema.validate(experiment, { abortEarly: false });
  return [...(error ? fieldErrors(error) : []), ...checkExperiment(experiment, TODAY)]
    .filter(({ detail }) => !isTold(experiment, detail))
    .map(({ pointer, detail }) => `${pointer}: ${detail}`);
};
const first = new Map(questions.map((question) => [question.id, experimentFrom(question, begin)]));
const anyQuestion = fc.constantFrom(...first.keys());
const begun = (id: string): Experiment => entryOf(Object.fromEntries(first), id);
const anyEdits = fc.array(fc.tuple(fc.constantFrom(...Object.keys(edits)), fc.nat(60)), { minLength: EDITS, maxLength: EDITS });

/** The plan after so many edits as the pages make them, and every name that was in it once. */
function edited(first: Experiment, steps: readonly (readonly [string, number])[], each: (now: Experiment, name: string) => void) {
  const names = namesOf(first);
  let now = first;
  for (const [name, pick] of steps) {
    const next = entryOf(edits, name)(now, pick);
    if (next !== now) now = followEdit(now, next);
    for (const known of namesOf(now)) names.add(known);
    each(now, `${name} ${pick}`);
  }
  return { now, names };
}

/** @param numRuns so many plans, each of 30 edits */
export function afterEdits(numRuns: number, seed: number): void {
  describe(`after any ${EDITS} edits`, () => {
    it('what is saved can be saved, and started as it is', () => {
      fc.assert(
        fc.property(anyQuestion, anyEdits, (question, steps) => {
          const { now } = edited(begun(question), steps, (after, name) => expect(refused(after), `after ${name}`).toEqual([]));
          expect(refused(startOn(now, '2026-04-02', TODAY))).toEqual([]);
        }),
        { seed, numRuns },
      );
    });

    it('no text that follows from the plan contradicts it', () => {
      fc.assert(
        fc.property(anyQuestion, anyEdits, (question, steps) => {
          const { now, names } = edited(begun(question), steps, () => undefined);
          const still = wordsIn(now);
          const gone = new Set([...names].filter((name) => name.length > 8 && !still.includes(name)));
          expect(contradictionsOf(now, gone)).toEqual([]);
        }),
        { seed: seed + 1, numRuns },
      );
    });

    it('what the check says of it is so', () => {
      fc.assert(
        fc.property(anyQuestion, anyEdits, (question, steps) => {
          const { now } = edited(begun(question), steps, () => undefined);
          expect(untrue(fairTestAtOnce(now), now)).toEqual([]);
        }),
        { seed: seed + 2, numRuns },
      );
    });
  });
}
