import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { analyse, latestAnywhere, readPackage, writePackage } from '@fern/core';
import { describe, expect, it } from 'vitest';
import { chanceOf } from '../../core/src/power/chanceOf';
import { chancesByR, designs } from './designs';
import { disagreements } from './disagreements';
import { figuresOf, type Figures } from './figures';
import { packages } from './packages';

/** Figures that R 4.2 gave of twenty of the packages (`npm run differential -- 350 store`). */
const stored = JSON.parse(readFileSync(join(import.meta.dirname, 'stored.json'), 'utf8')) as Record<string, Figures>;
const all = packages(350);

describe('twenty packages, each recalculated by R from its tables', () => {
  it('are of all kinds', () => {
    const names = Object.keys(stored).join(' ');
    expect(Object.keys(stored)).toHaveLength(20);
    for (const word of [
      'amount',
      'count',
      'rating',
      'event',
      'harvest',
      'blocks',
      'pairs',
      'factors',
      'doses',
      'missing',
      'single',
      'ties',
    ])
      expect(names).toContain(word);
  });

  it.each(Object.entries(stored))('%s', (name, figures) => {
    const made = all.find((own) => own.name === name);
    if (!made) throw new Error(`${name} is not among the packages`);
    const read = readPackage(writePackage(made.study), latestAnywhere(new Date()));
    if (!('study' in read)) throw new Error(JSON.stringify(read.problems));
    expect(Object.keys(figures).length).toBeGreaterThan(8);
    expect(disagreements(figuresOf(analyse(read.study)), figures)).toEqual([]);
  });
});

describe('the chance of a clear answer', () => {
  it.each(designs)('of $name is what R finds by playing it through itself', ({ name, units, design }) => {
    const { chance, runs } = chanceOf(design, units);
    const theirs = chancesByR[name];
    const error = Math.sqrt(theirs * (1 - theirs) * (1 / runs + 1 / 4000));
    expect(Math.abs(chance - theirs) / error).toBeLessThan(3.5);
  });
});

describe('a disagreement', () => {
  it('is a figure that differs, is missing, or that R does not have', () => {
    expect(disagreements({ 'A-C p': 0.05, 'arm C mean': 4 }, { 'A-C p': 0.05, 'arm C mean': 4 })).toEqual([]);
    expect(disagreements({ 'A-C p': 0.0501 }, { 'A-C p': 0.05 })).toEqual(['A-C p: 0.0501, R 0.05']);
    expect(disagreements({ 'A-C p': 0.05 }, { 'A-C verdict': 'supported' })).toEqual([
      'A-C p: 0.05, R none',
      'A-C verdict: none, R supported',
    ]);
  });
});
