import { entryOf } from '../invariant';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dimensions, usualUnit } from './dimensions';
import { evaluate, FormulaError, readFormula, unitOfFormula } from './formula';

const value = (text: string, names: Readonly<Record<string, number>> = {}) => evaluate(readFormula(text), (name) => entryOf(names, name));
const unit = (text: string, names: Readonly<Record<string, string>>) =>
  usualUnit(unitOfFormula(readFormula(text), (name) => dimensions(entryOf(names, name))));

describe('a formula', () => {
  it.each<[string, number]>([
    ['1+2*3', 7],
    ['(1+2)*3', 9],
    ['2^3^2', 512],
    ['-2*3', -6],
    ['-(2^2)', -4],
    ['8/4/2', 1],
    ['10-4-3', 3],
    ['min(3, 1, 2) + max(4, 5)', 6],
    ['ln(1)', 0],
    ['pi', Math.PI],
    ['2.5e2', 250],
    ['3 · 2 − 1', 5],
  ])('%s is %d', (text, expected) => {
    expect(value(text)).toBeCloseTo(expected, 12);
  });

  it('takes names, each once', () => {
    expect(readFormula('(poured-drained)/dry + dry').names).toEqual(['poured', 'drained', 'dry']);
    expect(value('(poured-drained)/dry', { poured: 200, drained: 50, dry: 300 })).toBe(0.5);
  });

  it('says what it cannot work out as no finite number', () => {
    expect(Number.isFinite(value('a/0', { a: 1 }))).toBe(false);
    expect(Number.isFinite(value('ln(0-1)'))).toBe(false);
  });

  it.each(['', '1 +', 'a b', '"x"', 'a == b', 'a[0]', 'f(1)', 'min()', 'ln(1, 2)', '-a^2', 'a ? b : c', 'this', '{}', '[1]', 'a; b'])(
    '“%s” is none',
    (text) => {
      expect(() => readFormula(text)).toThrow(FormulaError);
    },
  );

  it('never throws anything but what it is wrong with, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (text) => {
        try {
          readFormula(text);
        } catch (error) {
          expect(error).toBeInstanceOf(FormulaError);
        }
      }),
      { numRuns: 2000, seed: 5 },
    );
  });

  it('knows nothing of what programs inherit', () => {
    for (const name of ['constructor', 'toString', '__proto__', 'hasOwnProperty'])
      expect(() => readFormula(`${name}(1)`)).toThrow(FormulaError);
  });
});

describe('units of a formula', () => {
  it.each<[string, Readonly<Record<string, string>>, string]>([
    ['a*b', { a: 'cm', b: 'cm' }, 'cm²'],
    ['a*b^2', { a: 'cm', b: 'mm' }, 'cm³'],
    ['a/b', { a: 'g', b: 'cm²' }, 'g/cm²'],
    ['a/b', { a: 'mL', b: 'g' }, 'cm³/g'],
    ['(a-b)/b*100', { a: 'g', b: 'kg' }, ''],
    ['a/b', { a: 'leaves', b: 'cm' }, 'leaves/cm'],
    ['ln(a/b)/c', { a: 'g', b: 'g', c: 'd' }, '1/d'],
    ['a+1', { a: '%' }, ''],
  ])('%s', (text, names, expected) => {
    expect(unit(text, names)).toBe(expected);
  });

  it('a unit that is written in several ways is one', () => {
    const [first, ...others] = ['cm³', 'cm^3', 'cm3', 'mL'].map(dimensions);
    for (const other of others) expect(other).toEqual(first);
    expect(dimensions('m/s')).toEqual({ factor: 1000, powers: { length: 1, time: -1 } });
  });
});
