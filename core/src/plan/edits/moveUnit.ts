import { byCode, type Unit } from '../../model';

/**
 * Puts a unit on a place; whoever stands there takes the unit's old place. An unknown unit changes nothing.
 * @param code of the unit that moves
 * @param row of its new place, from 1
 * @param column of its new place, from 1
 * @returns the units in their old order
 */
export function moveUnit(units: readonly Unit[], code: string, row: number, column: number): readonly Unit[] {
  const moved = byCode(units, code);
  if (!moved || (moved.row === row && moved.column === column)) return units;
  return units.map((unit) => {
    if (unit === moved) return { ...unit, row, column };
    return unit.row === row && unit.column === column ? { ...unit, row: moved.row, column: moved.column } : unit;
  });
}
