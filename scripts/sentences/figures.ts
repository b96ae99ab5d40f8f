import { kindOf, leadRow, shownMeasures, type MeasureResult, type Result, type Study } from '@fern/core';
import type { Said } from './sentencesOf';

/** Numbers in sentences, looked up in the values once more: sizes, intervals, chances, numbers of units. Nothing of how they were written is used. */
export function wrongFigures(said: readonly Said[], study: Study, result: Result): string[] {
  const rows = shownMeasures(study, result).map(({ result: row }) => row);
  const sentences = said.filter(({ where }) => where !== 'plan' && where !== 'kit');
  return [
    ...sizes(study, result),
    ...sentences.flatMap(({ where, text }) =>
      [...chances(text, rows), ...unitsPerGroup(text, study, rows), ...unitsByName(text, study, rows)].map(
        (why) => `${why}, ${where}: ${text}`,
      ),
    ),
  ];
}

const numberIn = (text: string) => Number(text.replaceAll(',', '').replace('−', '-'));
const decimalsOf = (text: string) => (text.split('.')[1] ?? '').length;
/** Whether a number as it is written is the value, rounded to as many places. */
const isRounded = (text: string, value: number) => Math.abs(numberIn(text) - value) <= 0.5 * 10 ** -decimalsOf(text) * (1 + 1e-9);

/** The difference and its interval in the sentence of the verdict that decides. */
function sizes(study: Study, result: Result): string[] {
  const shown = shownMeasures(study, result).find(({ measure }) => measure.primary);
  const lead = shown && leadRow(shown.result, study.experiment.arms);
  if (!shown || !lead || lead.difference.value === null) return [];
  const { scale } = kindOf(shown.measure).wording(shown.measure, shown.result.share);
  const { sentence } = shown.result.verdict;
  const wrong: string[] = [];
  const [before = '', after] = sentence.split(` ${lead.phrases[0]} than ${lead.phrases[1]}`, 2);
  const size = after === undefined ? null : /([\d,]+(?:\.\d+)?)(?:°|%| \D*)$/.exec(before);
  if (size?.[1] && !isRounded(size[1], Math.abs(lead.difference.value * scale)))
    wrong.push(`size ${lead.difference.value * scale}: ${sentence}`);
  const interval = /95% confidence interval is ([\d,.]*\d)[^.]*? to ([\d,.]*\d)/.exec(sentence);
  const ends = lead.difference.ci95?.map((end) => Math.abs(end * scale)) ?? [];
  for (const end of interval?.slice(1) ?? [])
    if (!ends.some((own) => isRounded(end, own))) wrong.push(`interval ${ends.join(' to ')}: ${sentence}`);
  return wrong;
}

/** "in about 3 of 1,000 experiments": the p of a test, or of a comparison. */
function chances(text: string, rows: readonly MeasureResult[]): string[] {
  const all = rows.flatMap(({ tests, comparisons, effects = [], alsoSeenP }) => [
    ...[...tests, ...comparisons, ...effects].flatMap(({ p }) => p ?? []),
    ...(alsoSeenP === null ? [] : [alsoSeenP]),
  ]);
  return [...text.matchAll(/at least this big in (about|fewer than) (\d+) of ([\d,]+)/g)].flatMap(([says, how, some = '', of = '']) => {
    const [count, total] = [Number(some), numberIn(of)];
    const fits = (p: number) => (how === 'about' ? Math.abs(p - count / total) <= 0.5 / total + 1e-9 : p < count / total);
    return all.some(fits) ? [] : [says];
  });
}

/** "n = 10 dishes per group" of a picture, of what is compared or of what stood there at first. */
function unitsPerGroup(text: string, { experiment: { arms, units } }: Study, rows: readonly MeasureResult[]): string[] {
  const at = [
    ...rows.map((row) => row.arms.map((arm) => arm.units)),
    arms.map(({ code }) => units.filter(({ arm, status }) => arm === code && status !== 'excluded').length),
  ];
  return [...text.matchAll(/\bn = (\d+) [^.(]*? per group/g)].flatMap(([says, count]) =>
    at.some((counts) => counts.every((own) => own === Number(count))) ? [] : [says],
  );
}

/** "n = 13 (plain water) and 8 (banana-peel water) pots". */
function unitsByName(text: string, { experiment: { arms, units } }: Study, rows: readonly MeasureResult[]): string[] {
  const list = /\bn = (\d+ \(.*\)) [a-z]+/.exec(text)?.[1];
  if (list === undefined) return [];
  return arms.flatMap(({ code, name }) => {
    const count = list.split(` (${name})`, 1)[0]?.match(/\d+$/)?.[0];
    const known = [
      ...rows.flatMap((row) => row.arms.flatMap((arm) => (arm.arm === code ? [arm.units] : []))),
      units.filter(({ arm, status }) => arm === code && status !== 'excluded').length,
    ];
    // Over time those count that were there on the first day.
    const isThere = list.includes(` (${name})`);
    return !isThere || known.some((own) => own === Number(count)) || text.startsWith('Lines: ') ? [] : [`n of ${name}`];
  });
}
