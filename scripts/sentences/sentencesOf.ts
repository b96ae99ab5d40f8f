import {
  analyse,
  answerLine,
  answerOf,
  cautionsOf,
  kitOf,
  report,
  reportLengths,
  reportText,
  shownMeasures,
  tell,
  type Block,
  type Result,
  type Study,
} from '@fern/core';
import { TODAY } from './studies';

/** A sentence, and where it is said. */
export interface Said {
  readonly where: string;
  readonly text: string;
}

/** Rows of tables, names of units and what a writer is to write are no sentences. */
const isRunning = ({ kind }: Block) => kind !== 'table' && kind !== 'bench' && kind !== 'own';

const sentencesIn = (text: string): string[] => text.split(/(?<=[.!?])\s+(?=[A-Z“])/);

/** Every sentence that a study is told in: headline, line, findings, report in every length, kit, cautions. */
export function sentencesOf(study: Study, result: Result = analyse(study, { today: TODAY })): Said[] {
  const shown = shownMeasures(study, result).find(({ measure }) => measure.primary);
  const said = (where: string, texts: readonly string[]) =>
    texts.flatMap(sentencesIn).flatMap((text) => (text.trim() === '' ? [] : [{ where, text: text.trim() }]));
  const findings = result.review.flatMap((finding) => {
    const { message, remedy } = tell(finding);
    return said(`finding ${finding.rule}`, [message, remedy]);
  });
  const { question, hypothesis, nullHypothesis, plan } = study.experiment;
  return [
    ...said('plan', [question, hypothesis, nullHypothesis, plan.countsAsYes, ...plan.steps, ...plan.commonMistakes]),
    ...(shown ? [...said('headline', [answerOf(shown)]), ...said('line', [answerLine(shown)])] : []),
    ...findings,
    ...reportLengths.flatMap(({ length }) => said(`report, ${length}`, reportText(report(study, result, length).filter(isRunning)))),
    ...kitOf(study.experiment).flatMap(({ what, how }) => said('kit', [what, how])),
    ...said('caution', cautionsOf(study.experiment)),
  ];
}

/**
 * What a sentence has in common with those that differ in names and numbers alone.
 * @param study whose names go
 */
export function formOf(text: string, { experiment: { arms, measures, units, plan } }: Study): string {
  const names = [
    ...arms.flatMap(({ name, phrase }) => [name, phrase]),
    ...measures.map(({ name }) => name),
    ...units.map(({ code }) => code),
    plan.plant,
  ]
    .filter((name) => name.length > 1)
    .sort((a, b) => b.length - a.length);
  return names
    .reduce((form, name) => form.replaceAll(name, '…'), text)
    .replaceAll(/[−-]?\d+([.,]\d+)*/g, '#')
    .replaceAll(/(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun)\w* # \w+( #)?/g, 'DAY')
    .replaceAll(/(…(, | and )?)+/g, '…');
}
