import { kindOf, leadRow, shownMeasures, type Result, type Study } from '@fern/core';
import { wrongFigures } from './figures';
import type { Said } from './sentencesOf';

/** What sentences say that the values behind them do not: direction, groups, numbers of units, sizes, p, days. */
export function contradictionsIn(said: readonly Said[], study: Study, result: Result): string[] {
  const shown = shownMeasures(study, result).find(({ measure }) => measure.primary);
  if (!shown) return [];
  const { measure, result: row } = shown;
  const lead = leadRow(row, study.experiment.arms);
  const wording = kindOf(measure).wording(measure, row.share);
  const headline = said.find(({ where }) => where === 'headline')?.text ?? '';
  const line = said.find(({ where }) => where === 'line')?.text ?? '';
  const found: string[] = [];
  const value = lead?.difference.value ?? null;
  if (lead && value !== null) {
    const wrong = value > 0 ? wording.less : wording.more;
    const [first] = row.verdict.sentence.split('. ');
    // An interval may reach to the other side; what is said of the difference itself may not.
    if (`${first} ${headline}`.includes(` ${wrong} ${lead.phrases[0]}`)) found.push(`direction: ${first} | ${headline}`);
    const names = row.verdict.code === 'not-a-fair-test' || /no (results|difference that)/.test(headline) ? [] : lead.names;
    for (const name of names)
      if (!row.verdict.sentence.includes(name) && !lead.phrases.some((phrase) => row.verdict.sentence.includes(phrase)))
        found.push(`group ${name}: ${row.verdict.sentence}`);
  }
  const per = /(\d+) per group/.exec(line);
  if (per && row.arms.some(({ units }) => units !== Number(per[1]))) found.push(`n: ${line}`);
  const last = Math.max(0, ...study.experiment.measures.flatMap(({ readingDays }) => readingDays));
  for (const { where, text } of said.filter((one) => one.where !== 'plan' && one.where !== 'kit'))
    for (const [, day] of text.matchAll(/\b[Dd]ay (\d+)\b/g)) if (Number(day) > Math.ceil(last) + 60) found.push(`day, ${where}: ${text}`);
  return [...found, ...wrongFigures(said, study, result)];
}
