import { itemAt } from '../../invariant';
import { counted } from '../../quantities/plural';
import { replicateWord } from '../../study/replicates';
import { density } from '../../stats/density';
import { dotsNote, findingTitle, meanOf, seriesOf, valueAxis, valuesIn, type Shown } from './parts';
import { fourFigures, span } from '../../words/weigh/figures';
import { seenAs, meanWords } from '../../words/weigh/pictureWords';
import type { Mark, Picture } from './Picture';
import { spreadOut } from './spreadOut';

/** From so many units on how densely they lie is seen sooner than the dots. */
const MANY = 30;

/**
 * The picture of what is compared: each unit's value with its arm's mean and interval, an arm a row.
 * @returns dots and means in the measure's shown unit; of many units also how densely they lie
 */
export function dotsPicture(shown: Shown): Picture {
  const { study, measure, result } = shown;
  const { arms } = study.experiment;
  const rows = arms.map((arm, i) => {
    const units = valuesIn(shown, (unit) => unit.arm === arm.code);
    const values = units.map(({ value }) => value);
    const mean = meanOf(values, result.share);
    return { arm, i, units, values, mean };
  });
  const marks = rows.flatMap(({ arm, i, units, values, mean }): Mark[] => {
    const many = values.length >= MANY;
    const off = spreadOut(values, many ? 0.26 : 0.2);
    const shape = many ? density(values, result.share ? [0, 100] : null) : null;
    const highest = Math.max(...(shape ?? []).map((point) => point.y));
    return [
      ...(shape
        ? [
            {
              kind: 'shape' as const,
              series: arm.code,
              points: [...shape, ...[...shape].reverse().map(({ x, y }) => ({ x, y: -y }))].map(({ x, y }) => ({
                x,
                y: i - 0.12 + (y / highest) * 0.3,
              })),
            },
          ]
        : []),
      {
        kind: 'dots',
        series: arm.code,
        points: units.map(({ unit, value }, k) => ({ x: value, y: i - 0.12 + itemAt(off, k), words: `${unit}: ${fourFigures(value)}` })),
      },
      ...(mean
        ? [
            {
              kind: 'means' as const,
              series: arm.code,
              along: 'x' as const,
              points: [
                {
                  at: i + 0.3,
                  value: mean.value,
                  lo: mean.ends?.[0] ?? null,
                  hi: mean.ends?.[1] ?? null,
                  words: meanWords(arm.name, mean.value),
                },
              ],
            },
          ]
        : []),
    ];
  });
  const title = findingTitle(shown);
  const word = replicateWord(study.experiment);
  const said = rows.map(({ arm, mean, values }) => meanWords(`${arm.name}, ${counted(values.length, word)}`, mean?.value ?? null));
  return {
    id: `${measure.code}.dots`,
    title,
    sentence: seenAs(title, [valueAxis(shown).label, ...said]),
    note: dotsNote(shown),
    x: valueAxis(shown),
    y: { label: '', names: arms.map(({ name }) => name) },
    series: seriesOf(arms),
    keyed: false,
    marks,
    table: {
      head: ['Group', 'Mean', '95% CI', 'Each'],
      rows: rows.map(({ arm, mean, units }) => [
        arm.name,
        fourFigures(mean?.value ?? null),
        span(mean?.ends ?? null),
        units.map(({ unit, value }) => `${unit} ${fourFigures(value)}`).join(', '),
      ]),
      numbersFrom: Infinity,
    },
  };
}
