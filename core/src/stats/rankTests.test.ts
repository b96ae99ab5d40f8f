import { describe, expect, it } from 'vitest';
import { kruskalWallis } from './kruskalWallis';
import { mannWhitney } from './mannWhitney';
import { insectSprays as sprays } from './insectSprays.fixture';
import { plantGrowth } from './plantGrowth.fixture';

describe('rank tests', () => {
  it('Kruskal–Wallis agrees with R on sprays (many ties) and plant growth', () => {
    const many = kruskalWallis(Object.values(sprays));
    expect(many?.h).toBeCloseTo(54.691344622371, 9);
    expect((many?.p ?? 0) / 1.510844439419e-10).toBeCloseTo(1, 7);
    const growth = kruskalWallis(Object.values(plantGrowth));
    expect(growth?.h).toBeCloseTo(7.988228749444, 9);
    expect(growth?.p).toBeCloseTo(0.01842375573147, 10);
  });

  it('Mann–Whitney with ties agrees with R’s normal approximation (C against E)', () => {
    const result = mannWhitney(sprays.C, sprays.E);
    expect(result?.u).toBe(38.5);
    expect(result?.p).toBeCloseTo(0.05257345989239, 10);
    expect(result?.exact).toBe(false);
  });

  it('Mann–Whitney exact with shift and interval: Hollander & Wolfe (1973), p. 69', () => {
    const result = mannWhitney([0.8, 0.83, 1.89, 1.04, 1.45, 1.38, 1.91, 1.64, 0.73, 1.46], [1.15, 0.88, 0.9, 0.74, 1.21]);
    expect(result?.u).toBe(35);
    expect(result?.exact).toBe(true);
    expect(result?.p).toBeCloseTo(0.2544122544123, 11);
    expect(result?.shift).toBeCloseTo(0.305, 10);
    expect(result?.ci95?.[0]).toBeCloseTo(-0.15, 10);
    expect(result?.ci95?.[1]).toBeCloseTo(0.76, 10);
  });

  it('says nothing of one empty arm or of values all alike', () => {
    expect(mannWhitney([], [1])).toBeNull();
    expect(
      kruskalWallis([
        [1, 1],
        [1, 1],
      ]),
    ).toBeNull();
  });
});
