import { expect, it } from 'vitest';
import { counted, plural, singular } from './plural';

it.each([
  ['dish', 'dishes'],
  ['leaf', 'leaves'],
  ['shelf', 'shelves'],
  ['tomato', 'tomatoes'],
  ['radish microgreen', 'radish microgreens'],
  ['glass', 'glasses'],
  ['tagetes', 'tagetes'],
  ['cress', 'cress'],
])('%s of several are %s, also where the word stands for several already', (one, several) => {
  expect([plural(one), plural(several), singular(several)]).toEqual([several, several, one]);
});

it('a number takes the word that it needs', () => {
  expect([counted(1, 'pouch'), counted(2, 'pouch'), counted(0, 'day'), counted(1, 'times')]).toEqual([
    '1 pouch',
    '2 pouches',
    '0 days',
    '1 time',
  ]);
});
