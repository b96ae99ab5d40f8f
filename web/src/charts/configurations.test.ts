import { describe, expect, it } from 'vitest';
import type { CurvesPicture, DotsPicture } from '@fern/core';
import { curvesConfiguration } from './curvesConfiguration';
import { dotsConfiguration } from './dotsConfiguration';

const dots: DotsPicture = {
  kind: 'dots',
  title: 'Height: 5 cm higher',
  axis: 'Height, cm',
  note: '',
  range: null,
  arms: [
    {
      arm: 'C',
      name: 'plain water',
      role: 'control',
      units: [
        { unit: 'P1', value: 9 },
        { unit: 'P2', value: 11 },
      ],
      mean: 10,
      interval: [8, 12],
    },
    {
      arm: 'T',
      name: 'watered every second morning with lukewarm tea of nettles',
      role: 'treatment',
      units: [{ unit: 'P3', value: 15 }],
      mean: 15,
      interval: null,
    },
    { arm: 'U', name: 'nothing read', role: 'treatment', units: [], mean: null, interval: null },
  ],
};
const curves: CurvesPicture = {
  kind: 'curves',
  stepped: true,
  title: 'First flower',
  axis: '%',
  note: '',
  range: [0, 100],
  arms: [
    {
      arm: 'C',
      name: 'plain',
      role: 'control',
      points: [
        { day: 0, mean: 0, interval: null, units: 6 },
        { day: 9, mean: 50, interval: [20, 80], units: 6 },
      ],
    },
    { arm: 'T', name: 'tea', role: 'treatment', points: [{ day: 0, mean: 0, interval: null, units: 6 }] },
  ],
};

describe('dots', () => {
  const configuration = dotsConfiguration(dots);
  const { datasets } = configuration.data;

  it('every unit is a point in its arm’s row, and each mean that there is has its own', () => {
    expect(datasets.map((set) => set.data.length)).toEqual([2, 1, 0, 1, 1]);
    expect(datasets[0].data.map((point) => (point as { x: number }).x)).toEqual([9, 11]);
  });

  it('a mean with an interval has bars to its ends, one without has none', () => {
    expect(datasets[3].data[0]).toMatchObject({ x: 10, xMin: 8, xMax: 12 });
    expect(datasets[4].data[0]).not.toHaveProperty('xMin');
  });

  it('long names are broken into lines', () => {
    const axis = configuration.options?.scales?.y as unknown as { ticks: { callback: (value: number) => string[] } };
    expect(axis.ticks.callback(1).length).toBeGreaterThan(1);
    expect(axis.ticks.callback(1).every((line) => line.length <= 24)).toBe(true);
    expect(axis.ticks.callback(9)).toEqual(['']);
  });
});

describe('curves', () => {
  const configuration = curvesConfiguration(curves);

  it('run over the days that were read, in steps where the picture says so', () => {
    const [control] = configuration.data.datasets;
    expect(control).toMatchObject({ stepped: 'before', showLine: true });
    expect(control.data[1]).toMatchObject({ y: 50, yMin: 20, yMax: 80 });
  });

  it('a point without an interval has bars of no length', () => {
    expect(configuration.data.datasets[1].data[0]).toMatchObject({ y: 0, yMin: 0, yMax: 0 });
  });

  it('keep the ends that are known', () => {
    expect(configuration.options?.scales?.y).toMatchObject({ min: 0, max: 100 });
  });
});
