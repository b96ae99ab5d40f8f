import { itemAt } from '../../invariant';
import { kindOf } from '../../kinds';
import type { CurvePoint } from '../../model';
import { counted } from '../../quantities/plural';
import { unitData } from '../../study/curves';
import { meanOf, scaleOf, seriesOf, valueAxis, type Shown } from './parts';
import { fourFigures } from '../../words/weigh/figures';
import { seenAs, curvesWords } from '../../words/weigh/pictureWords';
import type { Mark, Picture } from './Picture';
import { sizesNote } from '../../words/sizesNote';

/**
 * Over time: a curve an arm with the 95% confidence interval of its mean as a band, from the units that are not excluded; a lost unit stands in it up to
 * its loss. What is picked is shown as running totals.
 * @returns null with fewer than two days, and for what is drawn over time already
 */
export function curvesPicture(shown: Shown): Picture | null {
  const { study, measure, result } = shown;
  const kind = kindOf(measure);
  if (kind.picture === 'days') return null;
  const { arms, plan } = study.experiment;
  const data = unitData(study, measure).filter(({ unit }) => unit.status !== 'excluded');
  const days = [...new Set(data.flatMap(({ curve }) => curve.map(({ day }) => day)))].sort((a, b) => a - b);
  if (days.length < 2) return null;
  const curves = arms.map((arm) => {
    const own = data.filter(({ unit }) => unit.arm === arm.code && (!result.share || (unit.sown ?? 0) > 0));
    const scaled = own.map(({ unit, curve }) => {
      const each = result.share ? scaleOf(result) / (unit.sown ?? 1) : 1;
      return new Map((kind.adds ? running(curve, days) : curve).map(({ day, value }) => [day, value * each]));
    });
    const points = days.flatMap((day) => {
      const values = scaled.flatMap((curve) => curve.get(day) ?? []);
      const mean = meanOf(values, result.share);
      return mean ? [{ day, units: values.length, mean }] : [];
    });
    return { arm, points };
  });
  const unit = plan.unitNoun;
  const [name, axis] = [kind.adds ? curvesWords.inAll(measure.name) : measure.name, valueAxis(shown)];
  const last = curves.flatMap(({ arm, points }) => {
    const end = points.at(-1);
    return end ? [{ name: arm.name, day: end.day, value: end.mean.value }] : [];
  });
  const title = curvesWords.title(
    name,
    [...last].sort((a, b) => b.value - a.value),
  );
  const sizes = sizesNote(
    curves.map(({ arm, points }) => ({ name: arm.name, units: points[0]?.units ?? 0 })),
    unit,
  );
  return {
    id: `${measure.code}.curves`,
    title,
    sentence: seenAs(title, [
      curvesWords.over(axis.label, days.length),
      ...curves.map(({ arm, points }) =>
        curvesWords.curve(
          arm.name,
          points.map(({ day, mean }) => ({ day, value: mean.value })),
        ),
      ),
    ]),
    note: curvesWords.note(unit, sizes),
    x: { label: 'day after the start', min: Math.min(0, itemAt(days, 0)), ticks: days },
    y: {
      ...axis,
      ...(kind.adds ? { label: curvesWords.inAll(axis.label) } : {}),
      min: axis.min ?? lowest(curves.flatMap(({ points }) => points)),
    },
    series: seriesOf(arms),
    keyed: true,
    marks: [
      ...curves.map(({ arm, points }): Mark => ({
        kind: 'band',
        series: arm.code,
        points: points.flatMap(({ day, mean }) => (mean.ends ? [{ x: day, lo: mean.ends[0], hi: mean.ends[1] }] : [])),
      })),
      ...curves.flatMap(({ arm, points }): Mark[] => [
        { kind: 'line', series: arm.code, points: points.map(({ day, mean }) => ({ x: day, y: mean.value })) },
        {
          kind: 'dots',
          series: arm.code,
          points: points.map(({ day, mean, units }) => ({
            x: day,
            y: mean.value,
            words: curvesWords.point(arm.name, day, mean.value, counted(units, unit)),
          })),
        },
      ]),
    ],
    table: {
      head: ['Group', ...days.map((day) => `day ${fourFigures(day)}`)],
      rows: curves.map(({ arm, points }) => [
        arm.name,
        ...days.map((day) => fourFigures(points.find((point) => point.day === day)?.mean.value ?? null)),
      ]),
      numbersFrom: 1,
    },
  };
}

/** What a unit has given up to each day from its first reading on. */
function running(curve: readonly CurvePoint[], days: readonly number[]): CurvePoint[] {
  const [first] = curve;
  if (first === undefined) return [];
  return days
    .filter((day) => day >= first.day)
    .map((day) => ({ day, value: curve.reduce((sum, point) => sum + (point.day <= day ? point.value : 0), 0) }));
}

/** An axis begins at none, unless something lies below. */
function lowest(points: readonly { mean: { value: number; ends: readonly [number, number] | null } }[]): number | undefined {
  return points.some(({ mean }) => mean.value < 0) ? undefined : 0;
}
