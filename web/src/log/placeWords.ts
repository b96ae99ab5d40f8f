import { benchFor, shelfRows, type Experiment, type Unit } from '@fern/core';

const ordinals = ['1st', '2nd', '3rd'];

/** Where a unit stands, in words: "Upper shelf, 7th from the left". */
export function placeWords({ plan, units }: Experiment, unit: Unit): string {
  if (unit.row === null || unit.column === null) return 'no place on the bench';
  const { row } = unit;
  const rows = shelfRows(benchFor(plan.bench, units));
  const shelf = rows.find(({ first, last }) => row >= first && row <= last) ?? rows[0];
  const place = `${ordinals[unit.column - 1] ?? `${unit.column}th`} from the left`;
  return shelf.last > shelf.first ? `${shelf.shelf.name}, row ${row - shelf.first + 1}, ${place}` : `${shelf.shelf.name}, ${place}`;
}
