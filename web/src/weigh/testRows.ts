import { interval, showP, type MeasureResult, type TestRow } from '@fern/core';

/**
 * Every test of a measure as a row: which, its statistic, its own interval, its p, and how it was reckoned.
 * @param scale from the stored difference to the shown one
 */
export function testRows({ tests }: Pick<MeasureResult, 'tests'>, scale: number): string[][] {
  return tests.map((test) => [
    `${test.method}${test.arm ? `, ${test.arm} against ${test.versus ?? ''}` : ''}`,
    statistic(test),
    interval(test.ci95 ?? null, scale, test.ci95 ? ((test.ci95[1] - test.ci95[0]) / 2) * scale : null),
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
