import { describe, expect, it } from 'vitest';
import { entryOf, itemAt, lastOf, tupleOf } from '.';

describe('what has to be there', () => {
  it('is given when it is there, falsy values too', () => {
    expect(itemAt([0, 7], 0)).toBe(0);
    expect(lastOf(new Float64Array([1, 0]))).toBe(0);
    expect(itemAt([null], 0)).toBeNull();
    expect(entryOf({ none: '' }, 'none')).toBe('');
    const [year, month] = tupleOf('2031-04-05'.split('-'), 2);
    expect([year, month]).toEqual(['2031', '04']);
  });

  it.each([
    ['past the end', () => itemAt(['a'], 1), 'There is no item 1 in a list of 1.'],
    ['before the beginning', () => itemAt(['a'], -1), 'There is no item -1 in a list of 1.'],
    ['the last of none', () => lastOf([]), 'There is no item -1 in a list of 0.'],
    ['what every object has', () => entryOf({}, 'toString'), 'There is no “toString” among .'],
    ['between two', () => itemAt([1, 2], 0.5), 'There is no item 0.5 in a list of 2.'],
    ['an unknown key', () => entryOf({ g: 1, kg: 1000 }, 'lb'), 'There is no “lb” among g, kg.'],
    ['too few', () => tupleOf(['2031'], 2), 'A list of 1 holds no 2 items.'],
  ])('is an error that names the place: %s', (_, ask, words) => {
    expect(ask).toThrow(new RangeError(words));
  });
});
