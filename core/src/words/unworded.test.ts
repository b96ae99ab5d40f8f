import { describe, expect, it } from 'vitest';
import { experimentFrom } from '../ask/experimentFrom';
import { lampHeight } from '../ask/questions/lampHeight';
import { addArm, changeMeasure, changePlan, decideBy, removeArm, renameArm, rephraseArm, setRole, toggleAsked } from '../plan/edits';
import { startOn } from '../prepare/startOn';
import { emptyPrediction, type Experiment } from '../model';
import { followEdit, joinEdits, textNow, unword, writeUnworded } from './unworded';

const begun = { created: '2026-01-05T09:00:00Z', startOn: '2026-01-06', seed: 3 };
const trays = experimentFrom(lampHeight, begun);
const edited = (before: Experiment, change: (now: Experiment) => Experiment) => followEdit(before, change(before));

describe('what nobody has worded', () => {
  it('asks in the words of its question, and plainly where one of its groups is gone or another measure decides', () => {
    expect(trays.question).toBe('Do radish microgreens give more mass at the cut when raised by 3 cm than at the usual height?');
    const named = edited(trays, (now) => renameArm(rephraseArm(now, 'R', ''), 'R', 'three blocks of wood'));
    expect(named.question).toBe('Do radish microgreens give more mass at the cut with three blocks of wood than at the usual height?');
    const flavour = edited(named, (now) => decideBy(now, 'flavour'));
    expect(flavour.question).toBe(
      'For radish microgreens, is the flavour, tasted blind by six, on day 10 rated higher with three blocks of wood than at the usual height?',
    );
    expect(edited(flavour, (now) => decideBy(now, 'mass')).question).toBe(named.question);
    const other = edited(trays, (now) => removeArm(addArm(now), 'R'));
    expect(other.question).toBe('For radish microgreens, is the cut mass on day 10 higher with new group than at the usual height?');
    const own = edited(trays, (now) => ({ ...now, question: 'Are blocks of wood worth it?' }));
    const later = edited(own, (now) => decideBy(now, 'flavour'));
    expect([later.question, later.plan.unworded.includes('question')]).toEqual(['Are blocks of wood worth it?', false]);
    expect(writeUnworded(unword(later, 'question')).question).toMatch(/^For radish microgreens, is the flavour/);
  });

  it('follows what decides, its unit, its kind, its day, the groups and what is asked', () => {
    expect(trays.hypothesis).toBe(
      'For radish microgreens, the cut mass on day 10 will be higher when raised by 3 cm than at the usual height.',
    );
    const flavour = edited(trays, (now) => decideBy(now, 'flavour'));
    expect(flavour.hypothesis).toMatch(/the flavour, tasted blind by six, on day \d+ will be rated higher/);
    expect(flavour.nullHypothesis).toMatch(/the flavour, tasted blind by six, on day \d+ will be the same/);
    expect(flavour.plan.countsAsYes).toMatch(/^“Flavour, tasted blind by six” higher/);
    expect(trays.plan.countsAsYes).toContain('by at least 12 g ');
    const kilograms = edited(trays, (now) => changeMeasure(now, 'mass', { unit: 'kg' }));
    expect(kilograms.plan.countsAsYes).toContain('by at least 0.012 kg ');
    const late = edited(trays, (now) => changeMeasure(now, 'mass', { readingDays: [12], expected: 'less' }));
    expect([late.hypothesis, late.plan.endRule]).toEqual([
      'For radish microgreens, the cut mass on day 12 will be lower when raised by 3 cm than at the usual height.',
      'the cut on day 12',
    ]);
    const named = edited(trays, (now) => renameArm(now, 'R', 'three blocks of wood'));
    expect(named.hypothesis).toMatch(/higher with three blocks of wood than at the usual height\.$/);
    const [pair] = [{ factor: null, group: 'R', against: 'C' }];
    expect(edited(trays, (now) => toggleAsked(now, pair)).hypothesis).toBe(trays.hypothesis);
  });

  it('leaves a prediction its way while the same is asked, and takes it where something else is', () => {
    const foretold = changePlan(trays, { predictions: [{ ...emptyPrediction, person: 'Fern', expects: 'more', way: 'more', by: 3 }] });
    const waysOf = (change: (now: Experiment) => Experiment) =>
      edited(foretold, change).plan.predictions.map(({ person, way }) => [person, way]);
    expect(waysOf((now) => changePlan(now, { plant: 'cress' }))).toEqual([['Fern', 'more']]);
    expect(waysOf((now) => setRole(now, 'R', 'control'))).toEqual([['Fern', null]]);
  });

  it('stays as somebody worded it, until it is given back', () => {
    const own = edited(trays, (now) => ({ ...now, hypothesis: 'Raised trays give more.' }));
    const kilograms = edited(own, (now) => changeMeasure(now, 'mass', { unit: 'kg' }));
    expect([own.plan.unworded, kilograms.hypothesis]).toEqual([
      trays.plan.unworded.filter((text) => text !== 'hypothesis'),
      'Raised trays give more.',
    ]);
    const back = edited(kilograms, (now) => unword(now, 'hypothesis'));
    expect([back.hypothesis, back.plan.unworded]).toEqual([trays.hypothesis, trays.plan.unworded]);
  });

  it('stands as it read at the start', () => {
    const started = startOn(trays, '2026-01-06', '2026-01-06');
    const amended = edited(started, (now) => changePlan(now, { plant: 'cress' }));
    expect(amended.hypothesis).toBe(trays.hypothesis);
  });

  it('is written anew where two people changed the plan at once, and no word of it is lost', () => {
    const mine = edited(trays, (now) => changePlan(now, { plant: 'cress' }));
    const theirs = edited(trays, (now) => changeMeasure(now, 'mass', { name: 'Leaf mass' }));
    const { experiment, overlaps } = joinEdits(trays, mine, theirs);
    expect([experiment.hypothesis, overlaps]).toEqual([
      'For cress, the leaf mass on day 10 will be higher when raised by 3 cm than at the usual height.',
      [],
    ]);
    const worded = edited(trays, (now) => ({ ...now, hypothesis: 'Raised trays give more.' }));
    const joined = [joinEdits(trays, worded, theirs), joinEdits(trays, theirs, worded)];
    for (const one of joined)
      expect([one.experiment.hypothesis, one.experiment.measures[0]?.name, one.overlaps]).toEqual([
        'Raised trays give more.',
        'Leaf mass',
        [],
      ]);
    const yes = edited(trays, (now) => changePlan(now, { countsAsYes: 'Half as much again.' }));
    expect(joinEdits(trays, worded, yes).experiment).toMatchObject({
      hypothesis: 'Raised trays give more.',
      plan: { countsAsYes: 'Half as much again.', unworded: ['question', 'nullHypothesis', 'endRule'] },
    });
    const started = startOn(theirs, '2026-01-06', '2026-01-06');
    expect(joinEdits(trays, mine, started).experiment.hypothesis).toBe(theirs.hypothesis);
  });

  it('is nothing of an experiment of before', () => {
    const before = { ...changePlan(trays, { unworded: [], plant: 'cress' }), hypothesis: 'Mine.' };
    expect(writeUnworded(before)).toBe(before);
    expect(textNow(before, 'hypothesis')).toBe('Mine.');
  });
});
