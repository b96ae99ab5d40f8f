import { itemAt } from '../../invariant';
import { factorsOf } from '../../model/factors';
import { dotsNote, findingTitle, meanOf, valueAxis, valuesIn, type Shown } from './parts';
import { fourFigures, span } from '../../words/weigh/figures';
import { seenAs, meanWords, factorsWords } from '../../words/weigh/pictureWords';
import type { Mark, Picture, Series } from './Picture';
import { spreadOut } from './spreadOut';

/**
 * Crossed factors: the levels of one along the axis, a line for each level of the others. Lines that run side by side say that one factor does
 * as much whatever the other is.
 * @returns null where arms do not cross two factors or more
 */
export function factorsPicture(shown: Shown): Picture | null {
  const { study, measure, result } = shown;
  const arms = study.experiment.arms.filter(({ role }) => role !== 'reference');
  const factors = [...factorsOf(arms)].sort((a, b) => b.levels.length - a.levels.length);
  const [along, ...others] = factors;
  if (!along || others.length === 0 || !result.effects) return null;
  const lineOf = (levels: Readonly<Record<string, string>>) => others.map(({ name }) => levels[name] ?? '').join(', ');
  const names = [...new Set(arms.map(({ factors: levels }) => lineOf(levels)))];
  const series: Series[] = names.map((name, k) => ({ code: name, name, role: k === 0 ? 'control' : 'treatment' }));
  const lines = series.map((line, k) => {
    const shift = (k - (series.length - 1) / 2) * Math.min(0.12, 0.5 / series.length);
    const points = along.levels.flatMap((level, i) => {
      const codes = new Set(
        arms.filter(({ factors: own }) => own[along.name] === level && lineOf(own) === line.code).map(({ code: arm }) => arm),
      );
      const units = valuesIn(shown, (unit) => codes.has(unit.arm));
      const mean = meanOf(
        units.map(({ value }) => value),
        result.share,
      );
      return mean ? [{ level, at: i + shift, units, mean }] : [];
    });
    return { line, points };
  });
  const marks = lines.flatMap(({ line, points }, k): Mark[] => {
    const side = k % 2 === 0 ? -1 : 1;
    return [
      {
        kind: 'dots',
        series: line.code,
        points: points.flatMap(({ at, units }) => {
          const off = spreadOut(
            units.map(({ value }) => value),
            0.05,
          );
          return units.map(({ unit, value }, i) => ({
            x: at + side * 0.09 + itemAt(off, i),
            y: value,
            words: `${unit}: ${fourFigures(value)}`,
          }));
        }),
      },
      {
        kind: 'line',
        series: line.code,
        points: points.map(({ at, mean }) => ({ x: at, y: mean.value })),
        words: line.name,
      },
      {
        kind: 'means',
        series: line.code,
        along: 'y',
        points: points.map(({ at, level, mean }) => ({
          at,
          value: mean.value,
          lo: mean.ends?.[0] ?? null,
          hi: mean.ends?.[1] ?? null,
          words: meanWords(`${level}, ${line.name}`, mean.value),
        })),
      },
    ];
  });
  const title = findingTitle(shown);
  const told = result.interactions?.some((own) => own.told) ?? false;
  const otherNames = others.map(({ name }) => name);
  return {
    id: `${measure.code}.factors`,
    title,
    sentence: seenAs(
      title,
      lines.map(({ line, points }) => `${line.name}: ${points.map(({ level, mean }) => `${level} ${fourFigures(mean.value)}`).join(', ')}`),
    ),
    note: factorsWords.note(dotsNote(shown), told, along.name, otherNames),
    x: { label: along.name, names: along.levels },
    y: valueAxis(shown),
    series,
    keyed: false,
    marks,
    table: {
      head: [otherNames.join(', '), along.name, 'Mean', '95% CI', 'Each'],
      rows: lines.flatMap(({ line, points }) =>
        points.map(({ level, mean, units }) => [
          line.name,
          level,
          fourFigures(mean.value),
          span(mean.ends),
          units.map(({ unit, value }) => `${unit} ${fourFigures(value)}`).join(', '),
        ]),
      ),
      numbersFrom: Infinity,
    },
  };
}
