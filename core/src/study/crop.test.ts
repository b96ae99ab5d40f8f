import { describe, expect, it } from 'vitest';
import { crops } from '../data/crops';
import { cropNamed, cropName, cropOf, usualSpread } from './crop';
import { aMeasure, anExperiment } from '../testing';
import { emptyPlan } from '../model';

describe('the table of crops', () => {
  it('has each code and each name once, and ranges that run upwards', () => {
    const codes = crops.map(({ code }) => code);
    expect(new Set(codes).size).toBe(codes.length);
    const names = crops.flatMap((crop) => crop.names.map((name) => name.toLowerCase()));
    expect(new Set(names).size).toBe(names.length);
    for (const { celsius, days, harvest, months } of crops)
      for (const range of [celsius, days, harvest, months]) if (range) expect(range[0]).toBeLessThanOrEqual(range[1]);
  });

  it('has a harvest after the last has come up, and 25 to 35 % between plants (growers’ own figures)', () => {
    for (const { code, days, harvest, mass } of crops) {
      if (days && harvest && code !== 'cress') expect(harvest[0], code).toBeGreaterThan(days[1]);
      if (mass) expect([mass.spread >= 0.25, mass.spread <= 0.35], code).toEqual([true, true]);
    }
  });

  // ISTA Rules, Table 5A, from memory: first and final count in days.
  it.each([
    ['radish', [4, 10]],
    ['lettuce', [4, 7]],
    ['pea', [5, 8]],
    ['tomato', [5, 14]],
    ['parsley', [10, 28]],
    ['maize', [4, 7]],
  ])('counts %s when the rules for seed testing do', (code, days) => {
    expect(cropOf({ crop: code })?.days).toEqual(days);
  });
});

describe('a crop', () => {
  it.each([
    ['pea seed', 'pea', 'pea'],
    ['sweet pea seed', 'sweet-pea', 'sweet pea'],
    ['Peas', 'pea', 'pea'],
    ['dwarf french beans', 'bean', 'French bean'],
    ['basil in water', 'basil', 'basil'],
    ['kale', 'cabbage', 'kale'],
    ['garden cress', 'cress', 'garden cress'],
    ['thale cress', 'thale-cress', 'thale cress'],
  ])('%s is %s', (plant, code, name) => {
    const named = cropNamed(plant);
    expect([named?.crop.code, named?.name]).toEqual([code, name]);
    expect(cropName({ plant, crop: code })).toBe(name);
  });

  it('that the table has not keeps the name that it was given', () => {
    expect(['moss rose', 'peace lily', ''].map(cropNamed)).toEqual([null, null, null]);
    expect(cropName({ plant: 'moss rose', crop: '' })).toBe('moss rose');
    expect(cropName({ plant: 'moss rose', crop: 'of a later table' })).toBe('moss rose');
  });

  it('chosen by hand has its own name where the plant’s says another', () => {
    expect(cropName({ plant: 'Aunt Ada’s climber', crop: 'bean' })).toBe('bean');
  });

  it('lends the power its spread for masses alone', () => {
    const of = (unit: string, crop: string) =>
      usualSpread(anExperiment({ plan: { ...emptyPlan, crop }, measures: [aMeasure({ kind: 'amount', unit, primary: true })] }));
    expect([of('g', 'tomato'), of('kg', 'radish'), of('cm', 'tomato'), of('g', '')]).toEqual([0.35, 0.3, null, null]);
  });
});
