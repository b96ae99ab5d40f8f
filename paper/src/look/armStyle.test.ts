import { tupleOf } from '@fern/core';
import { describe, expect, it } from 'vitest';
import { armStyle } from './armStyle';

const arms = [
  { code: 'C', role: 'control' as const },
  ...Array.from({ length: 8 }, (_, i) => ({ code: `T${i}`, role: 'treatment' as const })),
  { code: 'R', role: 'reference' as const },
];

/** Contrast of two sRGB colours, WCAG 2.1. */
function contrast(a: string, b: string): number {
  const light = (hex: string) => {
    const [r, g, bl] = tupleOf(
      [1, 3, 5]
        .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
        .map((v) => (v <= 0.03928 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4)),
      3,
    );
    return 0.2126 * r + 0.7152 * g + 0.0722 * bl;
  };
  const [hi, lo] = tupleOf(
    [light(a), light(b)].sort((x, y) => y - x),
    2,
  );
  return (hi + 0.05) / (lo + 0.05);
}

describe('the look of an arm', () => {
  it('control is the hollow one in ink, a reference hollow and dashed', () => {
    expect(armStyle(arms, 'C')).toMatchObject({ hollow: true, stroke: '#14302A', dash: [] });
    expect(armStyle(arms, 'R')).toMatchObject({ hollow: true, dash: [3, 3] });
  });

  it('treatments differ in shape as well as in colour', () => {
    const looks = ['T0', 'T1', 'T2', 'T3', 'T4'].map((arm) => armStyle(arms, arm));
    expect(new Set(looks.map(({ shape }) => shape)).size).toBe(5);
    expect(new Set(looks.map(({ fill }) => fill)).size).toBe(5);
  });

  it('after six the colours come again with another outline and dash', () => {
    const [first, again] = [armStyle(arms, 'T0'), armStyle(arms, 'T6')];
    expect(again.fill).toBe(first.fill);
    expect(again.stroke).not.toBe(first.stroke);
    expect(again.dash).not.toEqual(first.dash);
  });

  it('twelve arms are told apart without colour: by shape and by whether it is filled', () => {
    const all = [
      { code: 'C', role: 'control' as const },
      ...Array.from({ length: 11 }, (_, i) => ({ code: `T${i}`, role: 'treatment' as const })),
    ];
    const marks = all.map(({ code }) => armStyle(all, code)).map(({ shape, open }) => `${shape} ${open}`);
    expect(new Set(marks).size).toBe(12);
  });

  it.each(arms.map(({ code }) => code))('the code on the stake of %s can be read: 4.5 : 1 (WCAG 2.1)', (arm) => {
    const { fill, text } = armStyle(arms, arm);
    expect(contrast(fill, text)).toBeGreaterThanOrEqual(4.5);
  });
});
