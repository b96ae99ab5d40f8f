import { itemAt, lastOf } from '../../invariant';
import { isTurn } from '../../compare/doseTrend';
import { linearModel } from '../../stats/linearModel';
import { dotsNote, findingTitle, meanOf, seriesOf, valueAxis, valuesIn, type Shown } from './parts';
import { fourFigures, span } from '../../words/weigh/figures';
import { seenAs, meanWords, dosesWords } from '../../words/weigh/pictureWords';
import type { Mark, Picture } from './Picture';
import { spreadOut } from './spreadOut';
import { sized } from '../../words/sized';

const POINTS = 60;

/**
 * Doses on their true axis with the line, or the parabola where it turns, and its best point.
 * @returns null with fewer than three doses
 */
export function dosesPicture(shown: Shown): Picture | null {
  const { study, measure, result } = shown;
  const arms = study.experiment.arms.filter(({ dose }) => dose !== null);
  const doses = [...new Set(arms.flatMap(({ dose }) => dose ?? []))].sort((a, b) => a - b);
  if (!result.trend || doses.length < 3) return null;
  const unit = arms.find(({ doseUnit }) => doseUnit)?.doseUnit ?? '';
  const reach = lastOf(doses) - itemAt(doses, 0);
  const rows = arms.map((arm) => {
    const units = valuesIn(shown, (own) => own.arm === arm.code);
    const values = units.map(({ value }) => value);
    return { arm, dose: arm.dose ?? 0, units, off: spreadOut(values, reach * 0.014), mean: meanOf(values, result.share) };
  });
  const { turningPoint, turningPointCi95 } = result.trend;
  const turns = isTurn(result.trend);
  const axis = valueAxis(shown);
  const within = ({ y }: { y: number }) => y <= (axis.max ?? Infinity) && y >= (axis.min ?? -Infinity);
  const curve = fitted(rows, doses, turns).filter(within);
  const curveMark: Mark = { kind: 'line', series: null, points: curve };
  const best = turns && turningPoint !== null ? turningPoint : null;
  const ends =
    turningPointCi95 && ([Math.max(itemAt(doses, 0), turningPointCi95[0]), Math.min(lastOf(doses), turningPointCi95[1])] as const);
  const bestWords = best === null ? '' : dosesWords.best(isTop(shown), sized(fourFigures(best), unit));
  const title = best === null ? findingTitle(shown) : dosesWords.title(measure.name, bestWords, ends);
  return {
    id: `${measure.code}.doses`,
    title,
    sentence: seenAs(
      title,
      rows.map(({ arm, mean }) => meanWords(arm.name, mean?.value ?? null)),
    ),
    note: dosesWords.note(dotsNote(shown), turns, best !== null),
    x: {
      label: unit === '' ? study.experiment.plan.changed || 'dose' : `${study.experiment.plan.changed || 'dose'}, ${unit}`,
      ticks: doses,
      min: itemAt(doses, 0) - reach * 0.06,
      max: lastOf(doses) + reach * 0.06,
    },
    y: axis,
    series: seriesOf(arms),
    keyed: true,
    marks: [
      ...(best === null
        ? []
        : [{ kind: 'rule' as const, axis: 'x' as const, at: best, ...(ends ? { band: ends } : {}), words: bestWords }]),
      curveMark,
      ...rows.flatMap(({ arm, dose, units, off, mean }): Mark[] => [
        {
          kind: 'dots',
          series: arm.code,
          points: units.map(({ unit: code, value }, k) => ({
            x: dose + itemAt(off, k) - reach * 0.02,
            y: value,
            words: `${code}: ${fourFigures(value)}`,
          })),
        },
        {
          kind: 'means',
          series: arm.code,
          along: 'y',
          points: mean
            ? [
                {
                  at: dose,
                  value: mean.value,
                  lo: mean.ends?.[0] ?? null,
                  hi: mean.ends?.[1] ?? null,
                  words: meanWords(arm.name, mean.value),
                },
              ]
            : [],
        },
      ]),
    ],
    table: {
      head: ['Group', unit === '' ? 'Dose' : `Dose, ${unit}`, 'Mean', '95% CI', 'Each'],
      rows: rows.map(({ arm, dose, mean, units }) => [
        arm.name,
        fourFigures(dose),
        fourFigures(mean?.value ?? null),
        span(mean?.ends ?? null),
        units.map(({ unit: code, value }) => `${code} ${fourFigures(value)}`).join(', '),
      ]),
      numbersFrom: Infinity,
    },
  };
}

const isTop = ({ result }: Shown) => (result.trend?.quadratic?.coefficient ?? 0) < 0;

function fitted(
  rows: readonly { readonly dose: number; readonly units: readonly { readonly value: number }[] }[],
  doses: readonly number[],
  turns: boolean,
): { x: number; y: number }[] {
  const [first, last] = [itemAt(doses, 0), lastOf(doses)];
  const z = (dose: number) => (2 * (dose - first)) / (last - first) - 1;
  const read = rows.flatMap(({ dose, units }) => units.map(({ value }) => ({ z: z(dose), value })));
  const columns = [read.map(() => 1), read.map((unit) => unit.z), ...(turns ? [read.map((unit) => unit.z ** 2)] : [])];
  const { coefficients } = linearModel(
    read.map(({ value }) => value),
    columns,
  );
  return Array.from({ length: POINTS }, (_, i) => {
    const x = first + ((last - first) * i) / (POINTS - 1);
    return { x, y: coefficients.reduce<number>((sum, own, k) => sum + (own ?? 0) * z(x) ** k, 0) };
  });
}
