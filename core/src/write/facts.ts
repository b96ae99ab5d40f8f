import { kindOf } from '../kinds';
import { daysBetween, findArm, longDate, type Arm, type Measure, type Study } from '../model';
import { plural } from '../quantities/plural';
import { rounded } from '../quantities/roundTo';
import { interval, scaled } from '../quantities/show';
import { replicateWord } from '../study/replicates';
import { weightOf } from '../words/weigh/headline';
import { shownMeasures } from '../weigh/shownMeasures';
import type { ComparisonRow, MeasureResult, Result } from '../weigh/Result';
import { armName } from '../words/armName';
import { differenceFact, intervalFact } from '../words/wording';
import { pEquals } from '../words/write/resultTables';
import { sized } from '../words/sized';

/** Something that the study knows and a writer may want to say. */
export interface WritersFact {
  /** By which a text refers to it. */
  readonly fact: string;
  /** What it is, for whoever chooses: "Height with tea: mean". */
  readonly label: string;
  /** As it stands in the text. */
  readonly text: string;
}

/**
 * Every number, name, interval, verdict and date that a writer can put into the report by reference.
 * @returns the study first, then each measure, the one that decides first
 */
export function factsOf(study: Study, result: Result): WritersFact[] {
  return [...studyFacts(study), ...shownMeasures(study, result).flatMap((own) => measureFacts(study, own.measure, own.result))];
}

/**
 * The same by their paths, as texts are filled with them.
 * @param facts of a study
 * @returns path to words
 */
export const factTexts = (facts: readonly WritersFact[]): ReadonlyMap<string, string> =>
  new Map(facts.map(({ fact, text }) => [fact, text]));

function studyFacts({ experiment }: Study): WritersFact[] {
  const { plan, arms, units, startedOn, endedOn } = experiment;
  const sown = units.reduce((sum, unit) => sum + (unit.sown ?? 0), 0);
  const fact = (name: string, label: string, text: string): WritersFact[] => (text === '' ? [] : [{ fact: `study.${name}`, label, text }]);
  return [
    ...fact('plant', 'The plant', plan.plant),
    ...fact('units', `How many ${plural(plan.unitNoun)}`, `${units.length} ${plural(plan.unitNoun)}`),
    ...fact('arms', 'How many groups', `${arms.length} groups`),
    ...fact('sown', `How many ${plan.propagule} in all`, sown === 0 ? '' : `${sown} ${plan.propagule}`),
    ...fact('started', 'The day of the start', startedOn === null ? '' : longDate(startedOn)),
    ...fact('ended', 'The last day', endedOn === null ? '' : longDate(endedOn)),
    ...fact('days', 'How long it ran', startedOn === null || endedOn === null ? '' : `${daysBetween(startedOn, endedOn)} days`),
  ];
}

function measureFacts(study: Study, measure: Measure, row: MeasureResult): WritersFact[] {
  const { arms } = study.experiment;
  return [
    { fact: `${row.measure}.verdict`, label: `${measure.name}: the verdict`, text: weightOf(row.verdict.code)[1] },
    ...arms.flatMap((arm) => armFacts(study, measure, row, arm)),
    ...row.comparisons.flatMap((own) => gapFacts(measure, row, own, arms)),
  ].filter(({ text }) => text !== '');
}

function armFacts({ experiment }: Study, measure: Measure, row: MeasureResult, { code: arm, name }: Arm): WritersFact[] {
  const summary = findArm(row.arms, arm);
  if (!summary || summary.units === 0) return [];
  const unit = row.share ? '%' : kindOf(measure).wording(measure, row.share).unit;
  const scale = row.share ? 100 : 1;
  const middle = row.share ? (summary.proportion ?? null) : summary.mean;
  const half = summary.ci95 === null ? null : ((summary.ci95[1] - summary.ci95[0]) / 2) * scale;
  const of = (what: string, label: string, text: string): WritersFact => ({
    fact: `${row.measure}.${arm}.${what}`,
    label: `${measure.name}, ${name}: ${label}`,
    text,
  });
  const word = replicateWord(experiment);
  return [
    ...(middle === null ? [] : [of('mean', row.share ? 'share' : 'mean', sized(scaled(middle, scale, half), unit))]),
    ...(summary.ci95 === null ? [] : [of('ci95', '95% CI', sized(interval(summary.ci95, scale, half), unit))]),
    ...(summary.median === null || row.share ? [] : [of('median', 'median', sized(rounded(summary.median, half), unit))]),
    ...(summary.successes === undefined ? [] : [of('count', 'how many of how many', `${summary.successes} of ${summary.trials ?? 0}`)]),
    of('units', 'how many were compared', `${summary.units} ${summary.units === 1 ? word : plural(word)}`),
  ];
}

function gapFacts(measure: Measure, row: MeasureResult, own: ComparisonRow, arms: readonly Arm[]): WritersFact[] {
  const wording = kindOf(measure).wording(measure, row.share);
  const pair = `${measure.name}, ${armName(arms, own.arm)} against ${armName(arms, own.versus)}`;
  const [gap, ends] = [differenceFact(own, wording), intervalFact(own, wording)];
  const path = `${row.measure}.${own.arm}-${own.versus}`;
  return [
    ...(gap ? [{ ...gap, label: `${pair}: the difference` }] : []),
    ...(ends ? [{ ...ends, label: `${pair}: its 95% confidence interval` }] : []),
    ...(own.ratio.value === null
      ? []
      : [{ fact: `${path}.ratio`, label: `${pair}: times as much`, text: `${rounded(own.ratio.value, null)} times` }]),
    ...(own.p === null ? [] : [{ fact: `${path}.p`, label: `${pair}: p`, text: pEquals(own.p) }]),
  ];
}
