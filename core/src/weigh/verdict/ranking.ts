import { lastOf } from '../../invariant';
import type { Measure } from '../../model';
import type { UnitValue } from '../../compare/Contrast';
import { mean } from '../../stats/moments';
import type { ComparisonRow } from '../Result';
import type { RowVerdict } from '../../compare/judge';

const apart: readonly RowVerdict[] = ['supported', 'small', 'opposite', 'told-apart'];

/**
 * Arms in order, those that cannot be told apart together: a line is drawn only where every arm above it is told apart from every arm below.
 * @param rows a verdict for each pair of arms
 * @param values one a replicate
 * @param higherIs which way is good; where neither is, more comes first
 * @returns groups of codes, the best first; none where an arm has no values
 */
export function rankingOf(
  rows: readonly ComparisonRow[],
  values: readonly UnitValue[],
  higherIs: Measure['higherIs'],
): readonly (readonly string[])[] {
  const codes = [...new Set(rows.flatMap(({ versus, arm }) => [versus, arm]))];
  const means = new Map(codes.map((code) => [code, mean(values.filter(({ arm }) => arm === code).map(({ value }) => value))]));
  if ([...means.values()].includes(null)) return [];
  const sign = higherIs === 'worse' ? 1 : -1;
  const order = [...codes].sort((a, b) => sign * ((means.get(a) ?? 0) - (means.get(b) ?? 0)));
  const isApart = (a: string, b: string) =>
    rows.some(({ arm, versus, verdict }) => apart.includes(verdict) && ((arm === a && versus === b) || (arm === b && versus === a)));
  const groups: string[][] = [];
  order.forEach((code, i) => {
    const isLine = i > 0 && order.slice(0, i).every((above) => order.slice(i).every((below) => isApart(above, below)));
    if (i === 0 || isLine) groups.push([code]);
    else lastOf(groups).push(code);
  });
  return groups;
}
