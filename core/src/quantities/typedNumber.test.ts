import { expect, it } from 'vitest';
import { typedNumber } from './typedNumber';

it.each([
  ['12', 12],
  [' 12,5 ', 12.5],
  ['−3.', -3],
  ['+.5', 0.5],
  ['', null],
  ['1,2,3', null],
  ['1e3', null],
  ['12 cm', null],
  ['Infinity', null],
])('%j is read as %s', (text, value) => {
  expect(typedNumber(text)).toBe(value);
});
