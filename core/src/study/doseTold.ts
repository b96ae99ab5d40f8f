import { escapeRegExp } from 'lodash-es';
import { byCode, type Arm, type Experiment, type Stage } from '../model';
import { convert } from '../quantities/units';

/** A number with the unit of the dose, as a name tells it: "6 h" in "6 h in water". */
const withUnit = (number: string, unit: string) =>
  new RegExp(`(?<![\\p{L}\\p{N}.,])${number}(?=[ \\u00a0]?${escapeRegExp(unit)}(?![\\p{L}\\p{N}]))`, 'gu');

/**
 * A text with another number where it tells the dose.
 * @param text a name
 * @param from the number that it tells
 * @param to the one that it is to tell
 * @param unit of both
 */
export const redosed = (text: string, from: number, to: number, unit: string): string =>
  unit === '' ? text : text.replace(withUnit(escapeRegExp(String(from)), unit), String(to));

/**
 * Numbers with the unit of its dose that the name of an arm tells.
 * @returns empty without a dose
 */
export function dosesNamed({ name, dose, doseUnit }: Pick<Arm, 'name' | 'dose' | 'doseUnit'>): number[] {
  if (dose === null || !doseUnit) return [];
  return [...name.matchAll(withUnit('(?:\\d+(?:[.,]\\d+)?)', doseUnit))].map(([number]) => Number(number.replace(',', '.')));
}

/**
 * How long a dose lasts, where it is a time.
 * @returns hours; null where it is no time
 */
export const hoursOfDose = ({ dose, doseUnit }: Pick<Arm, 'dose' | 'doseUnit'>): number | null =>
  dose === null ? null : convert(dose, doseUnit ?? '', 'h');

/**
 * The arm whose dose a step gives: a tested step of it alone that has a length, where the dose is a time.
 * @returns undefined where a step is no dose
 */
export function armDosedBy({ tested, arms: through, hours }: Stage, { arms }: Pick<Experiment, 'arms'>): Arm | undefined {
  const arm = tested && through.length === 1 && hours !== null ? byCode(arms, through[0] ?? '') : undefined;
  return arm && hoursOfDose(arm) !== null ? arm : undefined;
}
