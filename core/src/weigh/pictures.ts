import type { Arm, Measure, Role, Study } from '../model';
import { plural } from '../quantities/plural';
import { meanInterval } from '../stats/meanInterval';
import { centre } from '../stats/moments';
import type { MeasureResult } from './Result';
import { unitData } from '../study/curves';
import { replicateWord } from '../study/replicates';
import { kindOf } from '../kinds';
import { isTold } from '../compare/judge';
import { armName, gapFact } from './verdict/wording';

interface PictureArm {
  readonly arm: string;
  readonly name: string;
  readonly role: Role;
}

/** Each unit a dot, with the arm's mean and its 95 % interval. */
export interface DotsPicture {
  readonly kind: 'dots';
  /** States the finding. */
  readonly title: string;
  readonly axis: string;
  readonly note: string;
  /** Ends of the axis where they are known, as 0 and 100 for shares. */
  readonly range: readonly [number, number] | null;
  readonly arms: readonly (PictureArm & {
    readonly units: readonly { readonly unit: string; readonly value: number }[];
    readonly mean: number | null;
    readonly interval: readonly [number, number] | null;
  })[];
}

/** Over time a curve an arm: mean of the units read that day, with its 95 % interval. */
export interface CurvesPicture {
  readonly kind: 'curves';
  /** Steps between the points in place of straight lines. */
  readonly stepped: boolean;
  readonly title: string;
  readonly axis: string;
  readonly note: string;
  readonly range: readonly [number, number] | null;
  readonly arms: readonly (PictureArm & {
    readonly points: readonly {
      readonly day: number;
      readonly mean: number;
      readonly interval: readonly [number, number] | null;
      readonly units: number;
    }[];
  })[];
}

/** The one chart-spec type: every picture is drawn, exported and read aloud from it. */
export type Picture = DotsPicture | CurvesPicture;

/** What stands beside the axis: name and unit, "% of the sown" for shares. */
function axisLabel(measure: Pick<Measure, 'name' | 'unit'>, share: boolean): string {
  return share ? `${measure.name}, % of the sown` : measure.unit === '' ? measure.name : `${measure.name}, ${measure.unit}`;
}

/** The finding of a measure in a headline: the largest gap that is told apart, of the factors where arms cross them, else that none is clear. */
function findingTitle(result: MeasureResult, measure: Measure, arms: readonly Arm[]): string {
  const kind = kindOf(measure);
  const control = arms.find(({ role }) => role === 'control')?.arm;
  const name = (code: string) => armName(arms, code);
  const rows = result.effects
    ? result.effects.map(({ level, versus, ...row }) => ({ ...row, arm: level, versus, words: `${level} (${row.factor})` }))
    : result.comparisons.map((row) => ({
        ...row,
        words: row.versus === control ? name(row.arm) : `${name(row.arm)} than with ${name(row.versus)}`,
      }));
  const size = ({ difference: { value } }: (typeof rows)[number]) => Math.abs(value ?? 0);
  const lead = rows.filter((row) => isTold(row, kind.byEye)).sort((one, other) => size(other) - size(one))[0];
  const gap = lead ? gapFact(lead, kind.wording(measure, result.share)) : null;
  if (!lead || !gap)
    return result.values.length === 0 ? `${measure.name}: nothing read yet` : `${measure.name}: no clear gap between the arms`;
  return `${measure.name}: ${gap.text} with ${lead.words}`;
}

/**
 * The picture of what is compared: each unit's value with its arm's mean and interval.
 * @param study with its readings
 * @param measure of the study
 * @param result of that measure
 * @returns dots, means and 95 % intervals in the measure's shown unit
 */
export function dotsPicture(study: Study, measure: Measure, result: MeasureResult): DotsPicture {
  const scale = result.share ? 100 : 1;
  return {
    kind: 'dots',
    title: findingTitle(result, measure, study.experiment.arms),
    axis: axisLabel(measure, result.share),
    note: `Each dot is one ${replicateWord(study.experiment)}. Bars: mean and its 95 % interval.`,
    range: result.share ? [0, 100] : null,
    arms: study.experiment.arms.map((arm) => {
      const summary = result.arms.find((row) => row.arm === arm.arm);
      const interval = (result.share ? summary?.unitsCi95 : summary?.ci95) ?? null;
      const mean = result.values.filter((unit) => unit.arm === arm.arm).map((unit) => unit.value);
      return {
        arm: arm.arm,
        name: arm.name,
        role: arm.role,
        units: result.values.filter((unit) => unit.arm === arm.arm).map(({ unit, value }) => ({ unit, value: value * scale })),
        mean: mean.length === 0 ? null : centre(mean) * scale,
        interval: interval && [interval[0] * scale, interval[1] * scale],
      };
    }),
  };
}

/**
 * The picture over time: a curve an arm, from the units that are not excluded; a lost unit stands in it up to its loss.
 * @param study with its readings
 * @param measure of the study
 * @param result of that measure
 * @returns null with fewer than two days, and for what is drawn over time already
 */
export function curvesPicture(study: Study, measure: Measure, result: MeasureResult): CurvesPicture | null {
  if (kindOf(measure).picture === 'steps') return null;
  const { arms, plan } = study.experiment;
  const scale = result.share ? 100 : 1;
  const data = unitData(study, measure).filter(({ unit }) => unit.status !== 'excluded');
  const curves = arms.map((arm) => {
    const byDay = new Map<number, number[]>();
    for (const { unit, curve } of data) {
      if (unit.arm !== arm.arm || (result.share && !unit.sown)) continue;
      for (const { day, value } of curve) {
        const values = byDay.get(day) ?? [];
        values.push(result.share ? (value / (unit.sown ?? 1)) * scale : value);
        byDay.set(day, values);
      }
    }
    const points = [...byDay]
      .sort(([a], [b]) => a - b)
      .map(([day, values]) => ({ day, mean: centre(values), interval: meanInterval(values), units: values.length }));
    return { arm: arm.arm, name: arm.name, role: arm.role, points };
  });
  if (new Set(curves.flatMap(({ points }) => points.map(({ day }) => day))).size < 2) return null;
  return {
    kind: 'curves',
    stepped: false,
    title: `${measure.name} over time`,
    axis: axisLabel(measure, result.share),
    note: `Mean of the ${plural(plan.unitWord)} read that day; bars: its 95 % interval.`,
    range: result.share ? [0, 100] : null,
    arms: curves,
  };
}

/** When an event came: the share of each arm that has had it by a day, in steps (one minus Kaplan–Meier), with 95 % intervals. */
function eventPicture(study: Study, measure: Measure, result: MeasureResult): CurvesPicture {
  const { arms, plan } = study.experiment;
  return {
    kind: 'curves',
    stepped: true,
    title: findingTitle(result, measure, arms),
    axis: `% of the ${plural(plan.unitWord)} that have had it`,
    note: `Steps: share that has had it by each day (Kaplan–Meier); bars: 95 % interval.`,
    range: [0, 100],
    arms: result.arms.map((summary) => ({
      arm: summary.arm,
      name: arms.find((arm) => arm.arm === summary.arm)?.name ?? summary.arm,
      role: summary.role,
      points: [
        { day: 0, mean: 0, interval: null, units: summary.units },
        ...(summary.survival ?? []).map((step) => ({
          day: step.time,
          mean: (1 - step.survival) * 100,
          interval: step.ci95 && ([(1 - step.ci95[1]) * 100, (1 - step.ci95[0]) * 100] as const),
          units: step.atRisk,
        })),
      ],
    })),
  };
}

/**
 * The first picture of a measure: dots a unit, or for an event its steps.
 * @param study with its readings
 * @param measure of the study
 * @param result of that measure
 * @returns a picture with a title that states the finding
 */
export function mainPicture(study: Study, measure: Measure, result: MeasureResult): Picture {
  return kindOf(measure).picture === 'steps' ? eventPicture(study, measure, result) : dotsPicture(study, measure, result);
}
