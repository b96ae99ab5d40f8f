import { describe, expect, it } from 'vitest';
import { daysBetween } from '../model';
import { add, convert } from '../quantities/units';
import { abbott } from './abbott';
import { growingDegrees, saturationPressure, vapourDeficit } from './air';
import { ppmOfConductivity, ratioVolume, stockPerLitre, stockVolume } from './dilution';
import { headVolume, massLost, relativeGrowth } from './growth';
import { dailyLight, lampCost, lightSurvey } from './light';
import { doseByMass, imbibitionWater, partsByMass, wettingWater } from './mixes';
import { seedsToSow } from './seedsToSow';
import { diversity, perSquareMetre } from './soilLife';
import { soilTexture } from './soilTexture';
import { infiltration, shareKept, waterHeld } from './water';

const byMass = (...parts: number[]) => parts.map((part) => ({ parts: part, bulkDensity: null }));

describe('calculators', () => {
  it('seeds to sow: the quotient, and 90 % sure by the binomial (R qbinom)', () => {
    // R: 1 - pbinom(9, 14, 0.855) = 0.9589, 1 - pbinom(9, 13, 0.855) = 0.8929.
    expect(seedsToSow(10, 0.9, 0.95)).toEqual({ onAverage: 12, forSure: 14 });
    expect(seedsToSow(1, 0.5, 1)).toEqual({ onAverage: 2, forSure: 4 });
    expect(seedsToSow(10, 0, 1)).toBeNull();
  });

  it('mixes (common practice): 15 g of maize takes 4.5 g; 300 g vermiculite 150 mL; 640 g at 3 : 1 is 480 g and 160 g', () => {
    expect(imbibitionWater(15, 0.3)).toBeCloseTo(4.5, 12);
    expect(wettingWater(300, 0.5)).toBe(150);
    expect(partsByMass(640, byMass(3, 1))).toEqual([480, 160]);
    expect(
      partsByMass(600, [
        { parts: 1, bulkDensity: 0.5 },
        { parts: 1, bulkDensity: 1 },
      ]),
    ).toEqual([200, 400]);
    expect(
      partsByMass(600, [
        { parts: 1, bulkDensity: 0.5 },
        { parts: 1, bulkDensity: null },
      ]),
    ).toBeNull();
    expect(doseByMass(600, 0.1)).toEqual({ amendment: 60, base: 540 });
    expect(doseByMass(600, 1.2)).toBeNull();
  });

  it('dilutions (common practice): 1 : 500 in 500 mL is 1 mL, 1 + 500 is less; 3 % peroxide to 50 mg/L is 1.67 mL per L', () => {
    expect(ratioVolume(500, 500, 'in-total')).toBe(1);
    expect(ratioVolume(500, 501, 'plus-water')).toBe(1);
    expect(stockPerLitre(3, 50)).toBeCloseTo(1.67, 2);
    expect(stockVolume(1, 2, 100)).toBeNull();
    expect(stockVolume(2, 2, 100)).toBe(100);
    expect([ppmOfConductivity(1.3, 500), ppmOfConductivity(1.3, 700)]).toEqual([650, 910]);
  });

  it('units in and out (NIST SP 811, Handbook 44)', () => {
    expect(convert(1, 'tsp', 'mL')).toBeCloseTo(4.92892, 5);
    expect(convert(1, 'tbsp', 'mL')).toBeCloseTo(14.7868, 4);
    expect(convert(1, 'cup', 'mL')).toBeCloseTo(236.588, 3);
    expect(convert(1, 'gal', 'L')).toBeCloseTo(3.78541, 5);
    expect(convert(1, 'in', 'mm')).toBe(25.4);
    expect(convert(1, 'lb', 'g')).toBeCloseTo(453.592, 3);
    expect(convert(212, '°F', '°C')).toBeCloseTo(100, 9);
    expect(convert(1, 'g', 'mL')).toBeNull();
    expect(convert(1, 'smidgen', 'mL')).toBeNull();
  });

  it('refuse to add what does not add', () => {
    expect(
      add([
        { value: 1, unit: 'L' },
        { value: 2, unit: 'cup' },
      ])?.value,
    ).toBeCloseTo(1.473176, 6);
    expect(
      add([
        { value: 1, unit: 'L' },
        { value: 2, unit: 'g' },
      ]),
    ).toBeNull();
    expect(
      add([
        { value: 20, unit: '°C' },
        { value: 20, unit: '°C' },
      ]),
    ).toBeNull();
    expect(add([])).toBeNull();
  });

  it('light: 200 µmol m⁻² s⁻¹ for 16 h is 11.52 mol m⁻² d⁻¹ (definition of the mole and the second)', () => {
    expect(dailyLight(200, 16)).toBeCloseTo(11.52, 10);
    expect(lightSurvey([100, 120, 80])).toMatchObject({ mean: 100, evenness: 0.8, variation: 0.2 });
    expect(lightSurvey([0, 0])).toBeNull();
    expect(lampCost(45, 16, 30, 0.25)).toBeCloseTo(5.4, 10);
  });

  it('air: saturation pressure of FAO 56, table 2.3, and degree days by method 1 of McMaster & Wilhelm (1997)', () => {
    expect(saturationPressure(20)).toBeCloseTo(2.338, 3);
    expect(saturationPressure(30)).toBeCloseTo(4.243, 3);
    expect(vapourDeficit(20, 100)).toBeCloseTo(0, 12);
    expect(vapourDeficit(25, 60)).toBeCloseTo(0.4 * saturationPressure(25), 12);
    expect(growingDegrees(24, 12, 10)).toBe(8);
    expect(growingDegrees(8, 2, 10)).toBe(0);
  });

  it('water: held, kept, let through (by hand)', () => {
    expect(waterHeld(200, 80, 600)).toEqual({ held: 120, perDryMass: 0.2 });
    expect(waterHeld(100, 120, 600)).toBeNull();
    expect(shareKept(690, 600, 120)).toBe(0.75);
    expect(infiltration(25, 10)).toBe(150);
  });

  it('growth and decay: Hunt (1982), Olson (1963), by hand', () => {
    expect(relativeGrowth(1, Math.E, 10)).toBeCloseTo(0.1, 12);
    expect(headVolume(10, 6)).toBeCloseTo(188.4956, 4);
    expect(massLost(2, 1, 100)?.share).toBe(0.5);
    expect(massLost(2, 1, 100)?.decay).toBeCloseTo(Math.LN2 / 100, 12);
    expect(massLost(2, 0, 100)?.decay).toBeNull();
  });

  it('soil life: Shannon (1948) and Pielou (1966): even counts give ln S and 1', () => {
    expect(diversity([5, 5, 5, 5])?.shannon).toBeCloseTo(Math.log(4), 12);
    expect(diversity([5, 5, 5, 5])?.evenness).toBeCloseTo(1, 12);
    expect(diversity([7])).toEqual({ shannon: 0, evenness: null, kinds: 1 });
    expect(diversity([0, 0])).toBeNull();
    expect(perSquareMetre(6, 20)).toBe(150);
  });

  it('soil texture: centres of the classes of the USDA Soil Survey Manual, ch. 3', () => {
    const centres = [
      [92, 5, 3, 'sand'],
      [82, 12, 6, 'loamy sand'],
      [65, 25, 10, 'sandy loam'],
      [41, 41, 18, 'loam'],
      [20, 65, 15, 'silt loam'],
      [7, 87, 6, 'silt'],
      [60, 13, 27, 'sandy clay loam'],
      [33, 34, 33, 'clay loam'],
      [10, 56, 34, 'silty clay loam'],
      [52, 7, 41, 'sandy clay'],
      [7, 47, 46, 'silty clay'],
      [20, 20, 60, 'clay'],
    ] as const;
    expect(centres.map(([sand, silt, clay]) => soilTexture(sand, silt, clay))).toEqual(centres.map(([, , , name]) => name));
    expect(soilTexture(50, 50, 50)).toBeNull();
  });

  it('control-corrected effect: Abbott (1925), by hand; days between: calendar days, day 0 the start', () => {
    expect(abbott(80, 20)).toBe(0.75);
    expect(abbott(0, 20)).toBeNull();
    expect(daysBetween('2026-03-08', '2026-03-20')).toBe(12);
    expect(daysBetween('2025-02-10', '2025-05-10')).toBe(89);
  });
});
