import { showP, type MeasureResult, type TestRow } from '@fern/core';

/** Every test of a measure as a row: which, its statistic, its p, and how it was reckoned. */
export function testRows({ tests }: Pick<MeasureResult, 'tests'>): string[][] {
  return tests.map((test) => [
    `${test.method}${test.arm ? `, ${test.arm} against ${test.versus ?? ''}` : ''}`,
    statistic(test),
    showP(test.p),
    [how(test), test.ignoresUnits ? 'counts seeds as if each were a unit' : ''].filter(Boolean).join('; '),
  ]);
}

function statistic({ statistic: { name, value }, df }: TestRow): string {
  const freedom = df.length > 0 ? ` (${df.map((own) => Math.round(own * 100) / 100).join(', ')})` : '';
  return `${name}${freedom} = ${Number(value.toPrecision(4))}`;
}

function how({ exact, arrangements, seed }: TestRow): string {
  if (exact === undefined) return '';
  const many = arrangements?.toLocaleString('en-GB') ?? '';
  return exact ? `exact, ${many} arrangements` : `${many} draws, seed ${seed ?? ''}`;
}
