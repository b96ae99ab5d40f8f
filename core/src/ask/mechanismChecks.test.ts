import { describe, expect, it } from 'vitest';
import { aMeasure, anExperiment } from '../testing';
import { emptyPlan, type Plan } from '../model';
import { onPurposeIn, worksByIn } from './claim/worksBy';
import { mechanismWords } from '../words/ask/mechanismWords';
import { mechanismChecks } from './mechanismChecks';

const notesOn = (said: string, plan: Partial<Plan> = {}) =>
  mechanismChecks(anExperiment({ plan: { ...emptyPlan, worksBy: worksByIn(said), ...plan } })).map((own) => mechanismWords[own].message);

describe('whether the place lets a claim work', () => {
  it('a claim that works through the ground cannot in pots, and can in a bed', () => {
    expect(notesOn('A rod in the ground feeds peas.')).toEqual([expect.stringContaining('through the ground')]);
    expect(notesOn('A rod in the ground feeds peas.', { place: 'bed' })).toEqual([]);
  });

  it('moonlight does not come indoors', () => {
    expect(notesOn('Moonlight wakes seeds.')).toEqual([expect.stringContaining('from the sky')]);
    expect(notesOn('Moonlight wakes seeds.', { place: 'ground' })).toEqual([]);
  });

  it('what its person says of it counts, whatever the words are', () => {
    expect(notesOn('Moonlight wakes seeds.', { worksBy: [] })).toEqual([]);
    expect(notesOn('A word of mine.', { worksBy: ['sound'] })).toEqual([expect.stringContaining('Sound fills a room')]);
  });

  it('what a treatment makes differ on purpose is guessed from it', () => {
    expect(['sowing by the moon', 'old seed', 'feeding and watering twice', 'music'].map(onPurposeIn)).toEqual([
      ['start'],
      ['seed'],
      ['water', 'feed'],
      [],
    ]);
  });

  it('how it is said to work counts too', () => {
    expect(notesOn('Garlic keeps flies off. By its smell')).toEqual([expect.stringContaining('in the air')]);
  });

  it('sound fills a room, a neighbour is within reach, and what is judged by eye is read blind', () => {
    expect(notesOn('Music helps beans.')).toEqual([expect.stringContaining('Sound fills a room')]);
    expect(notesOn('A magnet beside the pot helps.')).toEqual([expect.stringContaining('reach the control')]);
    const rated = anExperiment({ measures: [aMeasure({ kind: 'rating', primary: true })] });
    expect(mechanismChecks(rated).map((own) => mechanismWords[own].message)).toEqual([expect.stringContaining('judged by eye')]);
    expect(mechanismChecks({ ...rated, blinded: true })).toEqual([]);
  });
});
