import { kindOf } from '../../kinds';
import { daysBetween, type Measure, type Study } from '../../model';
import { plural } from '../../quantities/plural';
import { rounded } from '../../quantities/roundTo';
import { shownMeasures } from '../../weigh/shownMeasures';
import { differenceFact } from '../../words/wording';
import type { MeasureResult, Result } from '../../weigh/Result';

type Sort = 'value' | 'gap' | 'ratio' | 'change' | 'units' | 'put in' | 'success' | 'days' | 'p';

/** A number that the data know. */
export interface Known {
  readonly sort: Sort;
  readonly value: number;
  /** "%", "points", a unit of measure, "days"; '' for what is counted. */
  readonly unit: string;
  /** The arm it belongs to; null for the whole. */
  readonly arm: string | null;
  /** The other arm of a difference or a ratio. */
  readonly versus: string | null;
  readonly measure: string | null;
  /** As it is told: "58 points". */
  readonly words: string;
  /** The other end, of an interval. */
  readonly isEnd?: boolean;
}

/**
 * Every number that a writer could mean, with what it belongs to.
 * @returns in no order
 */
export function knownNumbers(study: Study, result: Result): Known[] {
  return [...planNumbers(study), ...shownMeasures(study, result).flatMap((own) => measureNumbers(own.measure, own.result))];
}

const known = (sort: Sort, value: number, unit: string, more: Partial<Known> = {}): Known => ({
  sort,
  value,
  unit,
  arm: null,
  versus: null,
  measure: null,
  words: `${rounded(value, null)}${unit === '' ? '' : ` ${unit}`}`,
  ...more,
});

function planNumbers({ experiment, observations }: Study): Known[] {
  const { arms, units, plan, startedOn, endedOn, measures } = experiment;
  const counted = (own: typeof units, arm: string | null): Known[] => {
    const sown = own.flatMap((unit) => unit.sown ?? []);
    const total = sown.reduce((sum, count) => sum + count, 0);
    const gone = own.filter(({ status }) => status === 'lost' || status === 'excluded').length;
    const word = plural(plan.unitNoun);
    return [
      known('units', own.length, '', { arm, words: `${own.length} ${word}` }),
      known('units', gone, '', { arm, words: `${gone} ${word} lost` }),
      known('units', own.length - gone, '', { arm, words: `${own.length - gone} ${word}` }),
      known('put in', total, '', { arm, words: `${total} ${plan.propagule}` }),
      ...[...new Set(sown)].map((count) => known('put in', count, '', { arm, words: `${count} ${plan.propagule} each` })),
    ];
  };
  const last =
    endedOn ??
    [...observations]
      .map(({ observedOn }) => observedOn.slice(0, 10))
      .sort()
      .at(-1) ??
    null;
  const days = new Set([
    ...measures.flatMap(({ readingDays }) => readingDays),
    ...(startedOn !== null && last !== null ? [daysBetween(startedOn, last)] : []),
    ...plan.stages.flatMap(({ days: own }) => own),
  ]);
  return [
    ...counted(units, null),
    ...arms.flatMap(({ code: arm }) =>
      counted(
        units.filter((unit) => unit.arm === arm),
        arm,
      ),
    ),
    known('units', arms.length, '', { words: `${arms.length} groups` }),
    known('units', arms.length - 1, '', { words: `${arms.length - 1} treatments` }),
    ...[...days].map((day) => known('days', day, 'days', { words: `day ${day}` })),
  ];
}

function measureNumbers(measure: Measure, row: MeasureResult): Known[] {
  const wording = kindOf(measure).wording(measure, row.share);
  const of = { measure: measure.code };
  const unit = row.share ? '%' : wording.unit;
  const scale = row.share ? 100 : 1;
  const arms = row.arms.flatMap((summary): Known[] => {
    const own = { ...of, arm: summary.arm };
    const middle = row.share ? summary.proportion : summary.mean;
    return [
      ...(middle == null ? [] : [known('value', middle * scale, unit, own)]),
      ...(summary.median === null || row.share ? [] : [known('value', summary.median, unit, own)]),
      ...(summary.ci95 ?? []).map((end) => known('value', end * scale, unit, { ...own, isEnd: true })),
      ...(summary.successes === undefined
        ? []
        : [known('success', summary.successes, '', { ...own, words: `${summary.successes} of ${summary.trials ?? 0}` })]),
      ...(summary.events === undefined ? [] : [known('success', summary.events, '', { ...own, words: `${summary.events} had it` })]),
      ...Object.values(summary.steps ?? {}).map((count) => known('success', count, '', own)),
    ];
  });
  const units = row.values.map(({ arm, value }) => known('value', value * scale, unit, { ...of, arm, isEnd: true }));
  const gaps = row.comparisons.flatMap((comparison): Known[] => {
    const { arm, versus, difference, ratio, p } = comparison;
    const own = { ...of, arm, versus };
    const said = differenceFact(comparison, wording)?.text;
    const gapUnit = wording.unit;
    return [
      ...(difference.value === null ? [] : [known('gap', difference.value * wording.scale, gapUnit, { ...own, words: said ?? '' })]),
      ...(difference.ci95 ?? []).map((end) => known('gap', end * wording.scale, gapUnit, { ...own, isEnd: true })),
      ...(ratio.value === null
        ? []
        : [
            known('ratio', ratio.value, 'times', { ...own, words: `${Number(ratio.value.toPrecision(2))} times as much` }),
            known('change', (ratio.value - 1) * 100, '%', {
              ...own,
              words: `${rounded(Math.abs(ratio.value - 1) * 100, null)}% ${ratio.value < 1 ? wording.less : wording.more}`,
            }),
          ]),
      ...(p === null ? [] : [known('p', p, '', { ...own, words: `p = ${rounded(p, null)}` })]),
    ];
  });
  return [...arms, ...units, ...gaps];
}
