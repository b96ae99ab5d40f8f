import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  emptyPrediction,
  addArm,
  addKept,
  addMeasure,
  addPrediction,
  addStage,
  changeMeasure,
  changePlan,
  changeShelf,
  crossTwo,
  decideBy,
  experimentFrom,
  enoughUnits,
  fairTestAtOnce,
  moveUnit,
  questions,
  rebase,
  remedyFor,
  removeArm,
  removeKept,
  removeMeasure,
  removeStage,
  renameArm,
  renameBlock,
  oneSideEach,
  redesign,
  restorePlan,
  setColumns,
  setDose,
  setMeasureKind,
  setRole,
  setSown,
  setSownOf,
  setUnitsOf,
  shareContainers,
  toggleBarrier,
  toggleReach,
  toggleStageArm,
  write,
  type Experiment,
  itemAt,
  entryOf,
  lastOf,
} from '@fern/core';
import { experimentSchema } from './experiment';
import { fieldErrors } from './messages';

type Edit = (now: Experiment, pick: number) => Experiment;
const at = <Item>(items: readonly Item[], pick: number): Item => itemAt(items, pick % items.length);
const arm = (now: Experiment, pick: number) => at(now.arms, pick).code;
const measure = (now: Experiment, pick: number) => at(now.measures, pick).code;

/** Every edit that a page can make, of something that is there. */
const edits: Readonly<Record<string, Edit>> = {
  addArm: (now) => (now.arms.length < 12 ? addArm(now) : now),
  removeArm: (now, pick) => removeArm(now, arm(now, pick)),
  renameArm: (now, pick) => renameArm(now, arm(now, pick), `arm ${pick}`),
  setDose: (now, pick) => setDose(now, arm(now, pick), pick % 2 === 0 ? null : pick),
  setRole: (now, pick) => setRole(now, arm(now, pick), at(['control', 'treatment', 'reference'], pick)),
  crossTwo: (now) => crossTwo(now, { name: 'mulch', levels: ['none', 'deep'] }, { name: 'pot', levels: ['clay', 'felt'] }),
  addMeasure: (now) => (now.measures.length < 8 ? addMeasure(now) : now),
  removeMeasure: (now, pick) => removeMeasure(now, measure(now, pick)),
  decideBy: (now, pick) => decideBy(now, measure(now, pick)),
  setMeasureKind: (now, pick) => setMeasureKind(now, measure(now, pick), at(['count', 'amount', 'rating', 'event', 'harvest'], pick)),
  changeMeasure: (now, pick) =>
    changeMeasure(now, measure(now, pick), { name: `measure ${pick}`, higherIs: at(['better', 'worse'], pick) }),
  unitsAnArm: (now, pick) => redesign(now, { unitsPerArm: 1 + (pick % 9) }),
  layout: (now, pick) => redesign(now, { layout: at(['completely-random', 'blocks', 'pairs'], pick) }),
  shuffle: (now, pick) => redesign(now, { seed: pick }),
  setColumns: (now, pick) => setColumns(now, 1 + (pick % 14)),
  changeShelf: (now, pick) => changeShelf(now, 0, { name: `shelf ${pick}` }),
  setSownOf: (now, pick) => setSownOf(now, at(now.units, pick).code, 1 + pick),
  setUnitsOf: (now, pick) => setUnitsOf(now, arm(now, pick), 1 + (pick % 9)),
  renameBlock: (now, pick) => renameBlock(now, at(now.units, pick).block ?? '', `week ${pick}`),
  oneSideEach,
  setSown: (now, pick) => setSown(now, pick % 3 === 0 ? null : pick + 1),
  shareContainers: (now, pick) =>
    shareContainers(now, { how: at(['own', 'all', 'arm', 'several', 'places'], pick), what: 'tank', each: 2 }),
  toggleReach: (now) => toggleReach(now, 'water'),
  toggleBarrier: (now) => toggleBarrier(now, 1, 1),
  moveUnit: (now, pick) => ({ ...now, units: moveUnit(now.units, at(now.units, pick).code, 1, 1) }),
  addStage,
  toggleStageArm: (now, pick) => (now.plan.stages.length > 0 ? toggleStageArm(now, 0, arm(now, pick)) : now),
  removeStage: (now) => removeStage(now, 0),
  addKept,
  removeKept: (now) => removeKept(now, 0),
  addPrediction: (now, pick) => addPrediction(now, { ...emptyPrediction, person: 'Moss', expects: `${pick}`, on: '2026-04-01' }),
  unitNoun: (now) => changePlan(now, { unitNoun: 'jar' }),
  write: (now, pick) => write(now, { discussion: `words ${pick}` }),
  enoughUnits: (now, pick) => enoughUnits(now, 2 + pick)?.apply(now, pick) ?? now,
  remedy: (now, pick) => {
    const remedies = fairTestAtOnce(now).flatMap((finding) => remedyFor(finding, now) ?? []);
    return remedies.length > 0 ? at(remedies, pick).apply(now, pick) : now;
  },
};

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

  it('leaves an amendment as it was, the writer’s words and the predictions apart', () => {
    fc.assert(
      fc.property(anyQuestion, anyEdits, (question, steps) => {
        const before = experimentFrom(question, { created: '2026-04-01', startOn: '2026-04-02', seed: 7 });
        const after = steps.reduce((now, [name, pick]) => entryOf(edits, name)(now, pick), before);
        const plan = { ...before.plan, predictions: after.plan.predictions };
        expect(restorePlan(before, after)).toEqual({ ...before, plan, writing: after.writing });
      }),
      { seed: 13, numRuns: 100 },
    );
  });
});
