import { expect, it } from 'vitest';
import { fitArms } from './armFit';

it('the spread of units of one arm is that within arms, and within blocks where there are blocks; rounding is none', () => {
  const values = [
    ['C', 'a', 1],
    ['C', 'b', 11],
    ['T', 'a', 3],
    ['T', 'b', 15],
  ].map(([arm, block, value], i) => ({ unit: `u${i}`, arm: String(arm), block: String(block), value: Number(value) }));
  const spreadOf = (own: typeof values, blocked: boolean) =>
    fitArms(own, ['C', 'T'], ({ block }) => (blocked ? block : '') ?? '').meanSquare;
  expect(spreadOf(values, false)).toBeCloseTo((50 + 72) / 2, 10);
  expect(spreadOf(values, true)).toBeCloseTo(1, 10);
  expect(spreadOf(values.slice(0, 2), false)).toBe(50);
  expect(
    fitArms(
      values.map((unit) => ({ ...unit, value: 0.1 + 0.2 })),
      ['C', 'T'],
      () => '',
    ).meanSquare,
  ).toBeNull();
});
