import { itemAt } from '../invariant';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aMeasure, anArm, anExperiment, aUnit } from '../testing';
import { same } from './differences';
import type { Experiment } from './experiment';
import { placeName } from './placeName';
import { rebase, revertAt } from './rebase';

const plan = anExperiment({
  arms: [anArm('C'), anArm('T')],
  units: ['C', 'T', 'C', 'T'].map((arm, i) => aUnit(`P0${i + 1}`, arm, { row: 1, column: i + 1 })),
  measures: [aMeasure(), aMeasure({ code: 'leaves', name: 'Leaves', primary: false })],
});
const inPlan =
  (more: Partial<Experiment['plan']>) =>
  (now: Experiment): Experiment => ({ ...now, plan: { ...now.plan, ...more } });
const unit =
  (code: string, more: Partial<Experiment['units'][number]>) =>
  (now: Experiment): Experiment => ({ ...now, units: now.units.map((own) => (own.code === code ? { ...own, ...more } : own)) });
const measure =
  (code: string, more: Partial<Experiment['measures'][number]>) =>
  (now: Experiment): Experiment => ({ ...now, measures: now.measures.map((own) => (own.code === code ? { ...own, ...more } : own)) });
const added = (now: Experiment): Experiment => ({
  ...now,
  measures: [...now.measures, aMeasure({ code: 'width', name: 'Width', primary: false })],
});

/** Edits that touch different things. */
const edits: readonly ((now: Experiment) => Experiment)[] = [
  (now) => ({ ...now, title: 'Renamed' }),
  inPlan({ endRule: 'day 12' }),
  unit('P01', { status: 'lost', lostOn: '2026-04-05' }),
  unit('P01', { column: 9 }),
  unit('P02', { column: 8 }),
  measure('leaves', { name: 'Leaf count' }),
  (now) => ({ ...now, writing: { ...now.writing, discussion: 'Mine.' } }),
  added,
  (now) => ({ ...now, units: now.units.filter(({ code: code }) => code !== 'P04') }),
  (now) => ({ ...now, plan: { ...now.plan, seal: { ...now.plan.seal, sealedOn: '2026-04-03' } } }),
];

describe('edits carried over to another version', () => {
  it('have both sides, whichever came first, where they touch different things', () => {
    const some = fc.uniqueArray(fc.nat(edits.length - 1));
    fc.assert(
      fc.property(some, some, (mine, theirs) => {
        const made = (which: readonly number[]) => which.reduce((now, i) => itemAt(edits, i)(now), plan);
        const { experiment, overlaps } = rebase(plan, made(mine), made(theirs));
        const both = [...new Set([...theirs, ...mine])].sort((a, b) => a - b);
        expect(overlaps).toEqual([]);
        expect(same(experiment, made(both))).toBe(true);
      }),
    );
  });

  it('give way where both changed the same thing, and the place is named', () => {
    const { experiment, overlaps } = rebase(plan, measure('leaves', { unit: 'mine' })(plan), measure('leaves', { unit: 'theirs' })(plan));
    expect([itemAt(experiment.measures, 1).unit, overlaps]).toEqual(['theirs', ['/measures/1/unit']]);
    expect(placeName(experiment, itemAt(overlaps, 0))).toBe('measure leaves, unit');
  });

  it('of what the others took away are named too', () => {
    const without = { ...plan, measures: plan.measures.slice(0, 1) };
    expect(rebase(plan, measure('leaves', { unit: 'mine' })(plan), without)).toEqual({ experiment: without, overlaps: ['/measures'] });
  });

  it('put what both added to a list without codes one after the other', () => {
    const amendment = (what: string) => ({ on: '2026-04-05', what, reason: 'why', changes: [] });
    const amended = (what: string) => inPlan({ amendments: [amendment(what)] })(plan);
    expect(rebase(plan, amended('mine'), amended('theirs')).experiment.plan.amendments.map(({ what }) => what)).toEqual(['theirs', 'mine']);
  });

  it('that are none give the other version itself', () => {
    const theirs = itemAt(edits, 0)(plan);
    expect(rebase(plan, plan, theirs).experiment).toBe(theirs);
  });
});

describe('a refused place is taken back', () => {
  const edited = added(measure('leaves', { derived: 'no formula(', name: 'Leaf count' })(inPlan({ endRule: 'day 12' })(plan)));

  it('the field first, then what holds it, then the list; nothing else', () => {
    const field = revertAt(plan, edited, '/measures/1/derived');
    expect(field?.measures[1]).toMatchObject({ derived: itemAt(plan.measures, 1).derived, name: 'Leaf count' });
    const whole = field && revertAt(plan, field, '/measures/1/derived');
    expect(whole?.measures[1]).toEqual(plan.measures[1]);
    expect(whole?.measures.length).toBe(3);
    const list = whole && revertAt(plan, whole, '/measures/1/derived');
    expect([list?.measures, list?.plan.endRule]).toEqual([plan.measures, 'day 12']);
    expect(list && revertAt(plan, list, '/measures/1/derived')).toBeNull();
  });

  it('what is new goes', () => {
    expect(revertAt(plan, edited, '/measures/2/name')?.measures.map((own) => own.code)).toEqual(['height', 'leaves']);
  });

  it.each(['', '/', '/nowhere', '/measures/99/name', '/plan/endRule/deeper', '/title'])('%s breaks nothing', (pointer) => {
    const left = revertAt(plan, edited, pointer);
    expect(left === null || same(left.title, plan.title)).toBe(true);
  });
});

it('a place is named as a person would', () => {
  expect(placeName(plan, '/plan/endRule')).toBe('the end rule');
  expect(placeName(plan, '/units/2/sown')).toBe('unit P03, number sown');
  expect(placeName(plan, '/title')).toBe('the title');
  expect(placeName(plan, '/nowhere/at/all')).toBe('');
});
