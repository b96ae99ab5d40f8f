import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { anyHeight, experimentFrom } from '@fern/core';
import HypothesisNotes from './HypothesisNotes.vue';

const plan = experimentFrom(anyHeight, { created: '2026-04-01', startOn: '2026-04-01', seed: 1 });
const notes = (hypothesis: string, unworded: typeof plan.plan.unworded = []) =>
  mount(HypothesisNotes, { props: { experiment: { ...plan, hypothesis, plan: { ...plan.plan, unworded } } } }).text();

it('says what a hypothesis says, asks for what it leaves open, and asks of vague words what they mean', () => {
  expect(notes(' ')).toContain('There is no hypothesis yet');
  const wish = notes('My basil will grow better.');
  expect(wish).toContain('The hypothesis says which plant.');
  expect(wish).toContain('Compared with what?');
  expect(wish).toContain('“better”: Better in what');
  expect(notes('Basil with X has more leaves than without.')).toContain(
    'The hypothesis speaks of “Leaves”, but “Height” is the main measurement.',
  );
  expect(notes(plan.hypothesis, ['hypothesis'])).toContain('An X still stands in it.');
  const named = plan.hypothesis.replaceAll(/\bX\b/g, 'tea');
  expect(notes(named, ['hypothesis'])).toBe(
    'Fine:The hypothesis is written from the plan: the measure that decides, its day, and what is asked.',
  );
  expect(notes('Basil with X is taller after four weeks than basil without.')).toContain(
    'The hypothesis says which plant, what is done, against what, what is read, which way and when.',
  );
});
