import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { emptyPlan } from '../model';
import { aMeasure, anArm, anExperiment } from '../testing';
import { experimentFrom } from '../ask/experimentFrom';
import { checkHypothesis } from './hypothesis';
import { questions } from '../ask/questions/index';

const castings = (hypothesis: string) =>
  checkHypothesis(
    anExperiment({
      hypothesis,
      plan: { ...emptyPlan, plant: 'lettuce', changed: 'share of castings in the mix' },
      arms: [anArm('C', { name: 'no castings' }), anArm('T', { name: '10 % castings' })],
      measures: [aMeasure({ name: 'Head mass', unit: 'g', readingDays: [28] })],
    }),
  );

describe('a hypothesis is checked for what it says', () => {
  it('a wish has nothing but its plant, and its vague word is asked about', () => {
    const { said, open, vague } = castings('It will make my lettuce grow better.');
    expect(said).toEqual(['plant']);
    expect(open.map(({ part }) => part)).toEqual(['treatment', 'comparison', 'measure', 'direction', 'time']);
    expect(itemAt(open, 0).ask).toBe('What is done to them? The plan has “10 % castings”.');
    expect(itemAt(open, 2).ask).toBe('What would one count, measure or weigh? The plan reads “Head mass”.');
    expect(itemAt(open, 4).ask).toBe('When? It is read last on day 28.');
    expect(vague.map(({ word }) => word)).toEqual(['better']);
  });

  it('a sentence that could turn out wrong has all of it', () => {
    const { said, open, vague, hasX } = castings('Lettuce in a mix with 10 % castings is heavier after 28 days than lettuce without.');
    expect([said.length, open, vague, hasX]).toEqual([6, [], [], false]);
  });

  it.each([
    ['Romaine is heavier with castings than without after 28 days.', 'plant'],
    ['Lettuce is heavier than lettuce without after 28 days.', 'treatment'],
    ['Castings make lettuce heads heavier after 28 days.', 'comparison'],
    ['Lettuce with castings has more than lettuce without after 28 days.', 'measure'],
    ['After 28 days the mass of lettuce with castings compared with none.', 'direction'],
    ['Lettuce with castings is heavier than lettuce without.', 'time'],
  ] as const)('“%s” leaves open the %s alone', (hypothesis, part) => {
    expect(castings(hypothesis).open.map((own) => own.part)).toEqual([part]);
  });

  it('another name of the plant, and another form of a word, are the same', () => {
    expect(castings('Salad leaves are heavier with casting than without after 28 days.').open).toEqual([]);
  });

  it('the X of an empty frame is told', () => {
    expect(castings('Lettuce with X is heavier after 28 days than without.').hasX).toBe(true);
  });

  it.each(questions.map((question) => [question.id, question] as const))('%s says all but perhaps the time', (_, question) => {
    const { open, hasX } = checkHypothesis(experimentFrom(question, { created: '2026-04-01', startOn: '2026-04-01', seed: 1 }));
    expect(open.filter(({ part }) => part !== 'time')).toEqual([]);
    expect(hasX).toBe(question.theme === 'frames');
  });
});
