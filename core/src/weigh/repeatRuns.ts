import { isShare, kindOf } from '../kinds';
import { addDays, daysBetween, longDate, primaryOf, type Experiment, type Measure, type Study, type Unit } from '../model';
import { unitData } from '../study/curves';
import { leadComparison } from './leadComparison';
import { fourFigures, span } from '../words/weigh/figures';
import { seenAs } from '../words/weigh/pictureWords';
import { runsWords, type Mismatch } from '../words/weigh/runsWords';
import type { Picture, Series } from './picture/Picture';
import type { ComparisonRow, MeasureResult } from './Result';
import { weighMeasure } from './weighMeasure';
import { armName, withArm, withArms } from '../words/armName';
import { chanceInWords, differenceFact, intervalFact, isNone } from '../words/wording';

const SEED = 20_260_401;

/** An experiment that was run, by what a person calls it. */
export interface RepeatRun {
  readonly name: string;
  readonly study: Study;
}

/** Runs of one question beside one another, and together where they may be. */
export interface RunsCompared {
  /** A row a run: when, how many units, the difference, its interval, by chance alone. */
  readonly table: { readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] };
  readonly picture: Picture;
  /** What all of them say together, each a block; null where they may not be put together. */
  readonly together: string | null;
  /** Why not; null where they are. */
  readonly why: string | null;
}

/**
 * Sets runs of one question beside one another by the comparison that the first one's verdict speaks of, and pools them as blocks where design
 * and measure match.
 * @param first the run that is looked at
 * @param result of its deciding measure
 * @param others earlier or other runs
 * @returns null where the first has nothing to compare
 */
export function compareRepeatRuns(first: RepeatRun, result: MeasureResult, others: readonly RepeatRun[]): RunsCompared | null {
  const { arms } = first.study.experiment;
  const lead = leadComparison(result, arms);
  const measure = decidingOf(first.study);
  if (!lead || !measure || lead.difference.value === null) return null;
  const names = [armName(arms, lead.arm), armName(arms, lead.versus)] as const;
  const [group, against] = [withArm(arms, lead.arm), withArm(arms, lead.versus)];
  const wording = kindOf(measure).wording(measure, result.share);
  const seen = [{ run: first, row: lead, units: result.values.length }, ...others.map((run) => ({ run, ...rowOf(run, names) }))];
  const why = others.map((run) => mismatch(first.study, run)).find((own) => own !== null) ?? null;
  const pooled = why === null && others.length > 0 ? pooledRow(first, others, names) : null;
  const words = (row: ComparisonRow | null) => [
    row ? (differenceFact(row, wording)?.text ?? '–') : '–',
    row ? (intervalFact(row, wording)?.text ?? '–') : '–',
    row?.p == null ? '–' : chanceInWords(row.p),
  ];
  const lines = [
    ...seen.map(({ run, row, units }) => ({ name: run.name, when: whenOf(run.study), units, row })),
    ...(pooled ? [{ name: 'Together', when: '', units: pooled.units, row: pooled.row }] : []),
  ];
  const gap = pooled ? differenceFact(pooled.row, wording) : null;
  return {
    table: {
      head: ['Run', 'Began', 'Units', 'Difference', '95% CI', 'p-value'],
      rows: lines.map(({ name, when, units, row }) => [name, when, String(units), ...words(row)]),
    },
    picture: pictureOf(lines, names, measure, result.share),
    together:
      pooled && gap
        ? runsWords.together(
            isNone(gap) ? runsWords.alike(withArms(arms, [lead.arm, lead.versus])) : `${gap.text} ${group} than ${against}`,
            intervalFact(pooled.row, wording)?.text ?? null,
          )
        : null,
    why: why && runsWords.why(why),
  };
}

const decidingOf = ({ experiment }: Study): Measure | undefined => primaryOf(experiment.measures);
const whenOf = ({ experiment: { startedOn } }: Study) => (startedOn === null ? '' : longDate(startedOn));
const alike = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
const codeOf = ({ arms }: Experiment, name: string) => arms.find((arm) => alike(arm.name, name))?.code;

/** The same comparison in another run, by the names of its arms. */
function rowOf({ study }: RepeatRun, [arm, versus]: readonly [string, string]): { row: ComparisonRow | null; units: number } {
  const measure = decidingOf(study);
  if (!measure) return { row: null, units: 0 };
  const result = weighed(study, measure);
  const [one, other] = [codeOf(study.experiment, arm), codeOf(study.experiment, versus)];
  return { row: result.comparisons.find((row) => row.arm === one && row.versus === other) ?? null, units: result.values.length };
}

const weighed = (study: Study, measure: Measure): MeasureResult =>
  weighMeasure(study, measure, unitData(study, measure), [], { seed: SEED, beside: false });

/** Why a run cannot be put together with the first. */
function mismatch(first: Study, { name, study }: RepeatRun): Mismatch | null {
  const [own, other] = [decidingOf(first), decidingOf(study)];
  const [a, b] = [first.experiment, study.experiment];
  if (!own || !other || !alike(own.name, other.name)) return { is: 'other-measure', name };
  if (own.kind !== other.kind || own.unit !== other.unit || own.when !== other.when || isShare(own, a.units) !== isShare(other, b.units))
    return { is: 'other-way', name, measure: other.name };
  if (a.layout === 'pairs' || b.layout === 'pairs') return { is: 'pairs' };
  const same =
    a.arms.length === b.arms.length && a.arms.every((arm) => b.arms.some((its) => alike(its.name, arm.name) && its.role === arm.role));
  return same ? null : { is: 'other-groups', name };
}

/** All runs as one study, each a block, or each of its blocks one. */
function pooledRow(
  first: RepeatRun,
  others: readonly RepeatRun[],
  names: readonly [string, string],
): { row: ComparisonRow; units: number } | null {
  const measure = decidingOf(first.study);
  if (!measure) return null;
  const base = first.study.experiment;
  const parts = [first, ...others].map(({ study }, i) => partOf(study, base, measure, String(i + 1)));
  const experiment: Experiment = { ...base, layout: 'blocks', units: parts.flatMap(({ units }) => units), measures: [measure] };
  const observations = parts.flatMap((part) => part.observations);
  const result = weighed({ experiment, observations, incidents: [], care: [], photos: [] }, measure);
  const [arm, versus] = names.map((name) => codeOf(base, name));
  const row = result.comparisons.find((own) => own.arm === arm && own.versus === versus);
  return row ? { row, units: result.values.length } : null;
}

/** A run's units and readings under names of their own, on the days of the first run's calendar. */
function partOf(
  { experiment, observations }: Study,
  base: Experiment,
  measure: Measure,
  mark: string,
): Pick<Study, 'observations'> & { units: Unit[] } {
  const own = primaryOf(experiment.measures);
  const name = (code: string) => `${mark}-${code}`;
  const armOf = (code: string) => codeOf(base, armName(experiment.arms, code)) ?? code;
  const shift = base.startedOn !== null && experiment.startedOn !== null ? daysBetween(experiment.startedOn, base.startedOn) : 0;
  const moved = (date: string) => addDays(date.slice(0, 10), shift);
  return {
    units: experiment.units.map((unit) => ({
      ...unit,
      code: name(unit.code),
      arm: armOf(unit.arm),
      block: `run ${mark}${unit.block === null ? '' : `, ${unit.block}`}`,
      container: unit.container === null ? null : name(unit.container),
      startedOn: unit.startedOn === null ? null : moved(unit.startedOn),
    })),
    observations: observations
      .filter((seen) => seen.measure === own?.code)
      .map((seen) => ({
        ...seen,
        id: name(seen.id),
        unit: name(seen.unit),
        measure: measure.code,
        observedOn: moved(seen.observedOn),
        replaces: seen.replaces === null ? null : name(seen.replaces),
      })),
  };
}

function pictureOf(
  lines: readonly { readonly name: string; readonly units: number; readonly row: ComparisonRow | null }[],
  names: readonly [string, string],
  measure: Measure,
  share: boolean,
): Picture {
  const { scale, unit } = kindOf(measure).wording(measure, share);
  const series: Series[] = [
    { code: 'run', name: 'A run', role: 'treatment' },
    { code: 'together', name: 'Together', role: 'control' },
  ];
  const shown = lines.map(({ name, units, row }) => {
    const value = row?.difference.value ?? null;
    const ends = row?.difference.ci95 ?? null;
    return { name, units, value: value === null ? null : value * scale, ends: ends && ([ends[0] * scale, ends[1] * scale] as const) };
  });
  const values = shown.flatMap(({ value }) => value ?? []);
  const oneWay = values.length > 0 && (values.every((value) => value > 0) || values.every((value) => value < 0));
  const title = runsWords.title(oneWay, values.length);
  return {
    id: `${measure.code}.runs`,
    title,
    sentence: seenAs(title, [shown.map(({ name, value }) => runsWords.run(name, value)).join(', ')]),
    note: runsWords.note(shown.map(({ units }) => units)),
    x: { label: `${measure.name}: ${names[0]} against ${names[1]}${unit === '' ? '' : `, ${unit}`}` },
    y: { label: '', names: shown.map(({ name }) => name) },
    series,
    keyed: false,
    marks: [
      { kind: 'rule', axis: 'x', at: 0, words: 'no difference' },
      ...shown.flatMap(({ name, value, ends }, i) =>
        value === null
          ? []
          : [
              {
                kind: 'means' as const,
                series: name === 'Together' ? 'together' : 'run',
                along: 'x' as const,
                points: [{ at: i, value, lo: ends?.[0] ?? null, hi: ends?.[1] ?? null, words: `${name}: ${fourFigures(value)}` }],
              },
            ],
      ),
    ],
    table: {
      head: ['Run', 'Difference', '95% CI'],
      rows: shown.map(({ name, value, ends }) => [name, fourFigures(value), span(ends)]),
      numbersFrom: 1,
    },
  };
}
