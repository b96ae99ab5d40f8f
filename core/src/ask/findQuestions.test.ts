import { itemAt } from '../invariant';
import { describe, expect, it } from 'vitest';
import { findQuestions } from './findQuestions';
import { otherNames } from '../data/otherNames';
import { questions } from './questions/index';

const idsOf = (typed: string) => findQuestions(questions, typed).map(({ id }) => id);
const small = (name: string) => name.toLowerCase();
/** The names of what a text speaks of. */
const groupsIn = (text: string) => otherNames.filter((names) => names.some((name) => new RegExp(`\\b${name}\\b`, 'i').test(text)));

describe('a question is found', () => {
  it.each(questions.filter(({ plant }) => plant !== '').map((question) => [question.id, question.plant] as const))(
    '%s by three names of its plant, %s',
    (id, plant) => {
      const groups = groupsIn(plant);
      expect(groups.length).toBeGreaterThan(0);
      for (const names of groups) {
        expect(names.length).toBeGreaterThan(2);
        for (const name of names) expect(idsOf(name), name).toContain(id);
      }
    },
  );

  it.each(questions.map((question) => [question.id, question.words] as const))(
    '%s by three names of its treatments and worries',
    (id, words) => {
      for (const word of words) {
        const groups = otherNames.filter((names) => names.map(small).includes(small(word)));
        expect(groups.length, `${word} has no other names`).toBeGreaterThan(0);
        for (const name of groups.flat()) expect(idsOf(name), name).toContain(id);
        expect(itemAt(groups, 0).length).toBeGreaterThan(2);
      }
    },
  );

  it.each([
    ['peas', 'soak-or-dry'],
    ['germinate', 'any-sprouting'],
    ['fertilizer', 'amendment-dose'],
    ['propagation', 'which-piece'],
    ['scarification', 'hard-coat'],
    ['stratification', 'heat-and-acid'],
    ['viability', 'store-cupboard'],
    ['paper towel', 'treating-solution'],
    ['vermicompost', 'amendment-dose'],
    ['horse manure', 'suspect-compost'],
    ['leaf cutting', 'water-or-mix'],
    ['windowsill', 'one-sided-light'],
    ['turntable', 'one-sided-light'],
    ['tip burn', 'hours-of-light'],
    ['wilting', 'how-often'],
    ['air stone', 'air-or-none'],
    ['root pruning', 'trim-roots'],
    ['coffee grounds', 'kitchen-tonic'],
    ['banana', 'kitchen-tonic'],
    ['seaweed', 'treating-solution'],
    ['mold', 'treating-solution'],
    ['gray water', 'salt-or-quality'],
    ['rainwater', 'salt-or-quality'],
    ['temperature', 'cold-wet-start'],
    ['pot size', 'where-to-grow'],
    ['electric coil', 'metal-coils'],
    ['grow lights', 'lamp-height'],
    ['LED', 'light-colour'],
    ['root rot', 'air-or-none'],
    ['leggy', 'hours-of-light'],
    ['worms', 'life-count'],
    ['old beans', 'store-cupboard'],
    ['aspirin', 'kitchen-tonic'],
    ['weedkiller', 'suspect-compost'],
    ['LAMP height', 'lamp-height'],
    ['do beans grow in the dark?', 'what-seeds-need'],
  ])('“%s” finds %s among its first eight', (typed, id) => {
    expect(idsOf(typed).slice(0, 8)).toContain(id);
  });
});

describe('what is typed', () => {
  it('is looked for from the start of words: “LED” is not in “filled”, “pH” not in “photoperiod”', () => {
    for (const typed of ['LED', 'grow lights']) expect(idsOf(typed).sort()).toEqual(['hours-of-light', 'lamp-height', 'light-colour']);
    expect(idsOf('pH')).toEqual([]);
    expect(idsOf('root rot').sort()).toEqual(['air-or-none', 'clear-or-covered']);
  });

  it.each(questions.map(({ id, title }) => [title, id]))('may be a whole title: %s', (title, id) => {
    expect(idsOf(title)[0]).toBe(id);
  });

  it('may be half a word, or have a slip of the finger', () => {
    expect(idsOf('kel')).toEqual(['treating-solution']);
    expect(idsOf('germ')).toContain('any-sprouting');
    expect(idsOf('germinaton')).toContain('any-sprouting');
    expect(idsOf('tomatos')).toEqual(idsOf('tomatoes'));
  });

  it('must fit in every word; nothing typed finds all in their order, nonsense none', () => {
    expect(idsOf('tomato xylophone')).toEqual([]);
    expect(idsOf(' ')).toEqual(questions.map(({ id }) => id));
    expect(idsOf('xylophone')).toEqual([]);
    expect(idsOf('?')).toEqual([]);
  });
});
