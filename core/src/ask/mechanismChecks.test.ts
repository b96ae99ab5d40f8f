import { describe, expect, it } from 'vitest';
import { aMeasure, anArm, anExperiment } from '../testing';
import { emptyPlan, type Plan } from '../model';
import { mechanismChecks } from './mechanismChecks';

const notesOn = (claim: string, plan: Partial<Plan> = {}) =>
  mechanismChecks(
    anExperiment({ claim, plan: { ...emptyPlan, ...plan }, arms: [anArm('C', { name: 'plain' }), anArm('T', { name: 'treated' })] }),
  ).map(({ message }) => message);

describe('whether the place lets a claim work', () => {
  it('a claim that works through the ground cannot in pots, and can in a bed', () => {
    expect(notesOn('A rod in the ground feeds peas.')).toEqual([expect.stringContaining('through the ground')]);
    expect(notesOn('A rod in the ground feeds peas.', { place: 'bed' })).toEqual([]);
  });

  it('moonlight does not come indoors', () => {
    expect(notesOn('Moonlight wakes seeds.')).toEqual([expect.stringContaining('from the sky')]);
    expect(notesOn('Moonlight wakes seeds.', { place: 'ground' })).toEqual([]);
  });

  it('how it is said to work counts too', () => {
    expect(notesOn('Garlic keeps flies off.', { claimedMechanism: 'by its smell' })).toEqual([expect.stringContaining('in the air')]);
  });

  it('sound fills a room, a neighbour is within reach, and what is judged by eye is read blind', () => {
    expect(notesOn('Music helps beans.')).toEqual([expect.stringContaining('Sound fills a room')]);
    expect(notesOn('A magnet beside the pot helps.')).toEqual([expect.stringContaining('reach the control')]);
    const rated = anExperiment({ measures: [aMeasure({ kind: 'rating', primary: true })], claim: 'Tea makes ferns greener.' });
    expect(mechanismChecks(rated).map(({ message }) => message)).toEqual([expect.stringContaining('judged by eye')]);
    expect(mechanismChecks({ ...rated, blinded: true })).toEqual([]);
  });
});
