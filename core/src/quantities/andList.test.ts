import { expect, it } from 'vitest';
import { andList } from './andList';

it.each([
  [[], ''],
  [['salt'], 'salt'],
  [['salt', 'sugar'], 'salt and sugar'],
  [['salt', 'sugar', 'tea'], 'salt, sugar and tea'],
])('%j is listed as one says it', (words, said) => {
  expect(andList(words)).toBe(said);
});
