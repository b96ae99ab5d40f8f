import { benchFor, shelfRows, type Experiment, type Unit, itemAt } from '@fern/core';

/** 1st, 2nd, 3rd, 4th, 11th, 21st. */
export function ordinal(n: number): string {
  const teen = n % 100 >= 11 && n % 100 <= 13;
  return `${n}${teen ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th')}`;
}

/** Where a unit stands, in words: "Upper shelf, 7th from the left". */
export function placeWords({ plan, units }: Experiment, unit: Unit): string {
  if (unit.row === null || unit.column === null) return 'no place on the bench';
  const { row } = unit;
  const rows = shelfRows(benchFor(plan.bench, units));
  const shelf = rows.find(({ first, last }) => row >= first && row <= last) ?? itemAt(rows, 0);
  const place = `${ordinal(unit.column)} from the left`;
  return shelf.last > shelf.first ? `${shelf.shelf.name}, row ${row - shelf.first + 1}, ${place}` : `${shelf.shelf.name}, ${place}`;
}
