import { tupleOf } from '../../invariant';
import { kindOf } from '../../kinds';
import type { Experiment, Measure, ReportLength, Study } from '../../model';
import type { Sentence } from '../../model/Sentence';
import { picturesOf } from '../../weigh/picture/picturesOf';
import { placeSeen } from '../../weigh/place';
import { shownMeasures } from '../../weigh/shownMeasures';
import type { MeasureResult, Result } from '../../weigh/Result';
import { timesWords } from '../timesWords';
import { chanceInWords, explainChance, differenceFact, intervalFact, isNone } from '../wording';
import { leadRow } from '../../weigh/leadComparison';
import type { Block } from '../../write/Block';
import { effectsTable, otherwiseTable } from './judgementTables';
import { figureBlock, headingBlock, listed, paragraphBlock } from '../../write/makers';
import {
  armsTable,
  blocksTable,
  categoriesTable,
  comparisonsTable,
  pEquals,
  sproutingTable,
  termsTable,
  trendSentence,
} from './resultTables';
import { testsTable } from './workings';
import { insideSentence } from '../insideSentence';

/**
 * What came out: the measure that decides, with its verdict; then what was also seen.
 * @param length a school report leaves out what only a record needs
 * @returns a section
 */
export function results(study: Study, result: Result, length: ReportLength): Block[] {
  const blocks = shownMeasures(study, result).flatMap(({ measure, result: row }) =>
    row.primary ? deciding(study, measure, row, length) : beside(study, measure, row, length),
  );
  return [headingBlock('Results'), ...blocks];
}

function deciding(study: Study, measure: Measure, row: MeasureResult, length: ReportLength): Block[] {
  const isFull = length === 'full';
  const shown = { study, measure, result: row };
  const [first, ...others] = picturesOf(shown);
  const place = isFull ? placeSeen(shown) : null;
  return [
    headingBlock(measure.name, 3),
    paragraphBlock(...row.verdict.pieces),
    ...chance(row),
    ...claim(study.experiment, row),
    figureBlock(first),
    ...(isFull ? others : others.filter(({ id }) => id.endsWith('.curves') || id.endsWith('.claimed'))).map(figureBlock),
    ...listed(effectsTable(measure, row)),
    ...(row.comparisons.length > 0 ? [comparisonsTable(study, measure, row)] : []),
    armsTable(study, measure, row),
    ...listed(categoriesTable(study, measure)),
    ...numbers(study, measure, row, isFull),
    ...(place ? place.sentences.map((sentence) => paragraphBlock(sentence)) : []),
    ...listed(otherwiseTable(study, measure, row)),
    ...reasons(measure, row),
  ];
}

function beside(study: Study, measure: Measure, row: MeasureResult, length: ReportLength): Block[] {
  const isFull = length === 'full';
  const [first, ...others] = picturesOf({ study, measure, result: row });
  return [
    headingBlock(`Also seen: ${measure.name}`, 3),
    paragraphBlock(...alsoSeen(row, measure, study.experiment.arms)),
    figureBlock(first),
    ...(isFull ? others.map(figureBlock) : []),
    ...(isFull ? [armsTable(study, measure, row), ...listed(categoriesTable(study, measure)), ...numbers(study, measure, row, true)] : []),
    ...(isFull && row.comparisons.length > 0 ? [comparisonsTable(study, measure, row)] : []),
    ...(isFull ? reasons(measure, row) : []),
  ];
}

/** Why something could not be worked out. */
const reasons = ({ name }: Measure, row: MeasureResult): Block[] =>
  row.reasons.map((reason) => paragraphBlock(`${name}: ${insideSentence(reason)}`));

/** What course reports ask for. */
function numbers(study: Study, measure: Measure, row: MeasureResult, isFull: boolean): Block[] {
  const trend = trendSentence(study, measure, row);
  const blocks = blocksTable(study, measure, row);
  return [
    ...listed(blocks),
    ...listed(sproutingTable(study, measure, row)),
    ...listed(termsTable(measure, row)),
    ...(trend ? [paragraphBlock({ fact: `${row.measure}.trend`, text: trend })] : []),
    ...(isFull ? listed(testsTable(study, measure, row)) : []),
  ];
}

/**
 * What p means, from the test whose p the verdict used.
 * @returns one paragraph or none
 */
export function chance(row: MeasureResult): Block[] {
  const lead = leadRow(row, []);
  if (!lead || lead.p === null) return [];
  const test = row.tests.find((t) => t.arm === lead.arm && t.versus === lead.versus && t.p === lead.p);
  const often = chanceInWords(lead.p);
  const [before, after] = tupleOf(explainChance({ method: test?.method ?? 'welch-t', p: lead.p }).split(often), 2);
  return [paragraphBlock(before, { fact: `${row.measure}.${lead.arm}-${lead.versus}.p`, text: often }, after)];
}

/**
 * Whether a claimed size stands up, where the claim has one.
 * @param experiment with the claim
 * @returns one paragraph or none
 */
export function claim({ claimedRatio }: Experiment, row: MeasureResult): Block[] {
  const ruledOut = row.verdict.claimedRatioRuledOut;
  if (claimedRatio === null || ruledOut === null) return [];
  return [
    paragraphBlock(
      ruledOut
        ? `The claim of ${timesWords(claimedRatio)} is ruled out: the whole interval of the ratio is ${claimedRatio >= 1 ? 'below' : 'above'} it.`
        : `The claim of ${timesWords(claimedRatio)} is not ruled out by these data.`,
    ),
  ];
}

/**
 * A measure that is not primary has no verdict: what was seen, and its p adjusted over all such measures.
 * @param measure that is not primary
 */
export function alsoSeen(row: MeasureResult, measure: Experiment['measures'][number], arms: Experiment['arms']): Sentence {
  const lead = leadRow(row, arms);
  const wording = kindOf(measure).wording(measure, row.share);
  const gap = lead ? differenceFact(lead, wording) : null;
  if (!lead || !gap) return [`There is nothing to compare for “${measure.name}”.`];
  const interval = intervalFact(lead, wording);
  const [group, against] = lead.phrases;
  return [
    ...(isNone(gap) ? [`About the same ${lead.both}`] : [gap, ` ${group} than ${against}`]),
    ...(interval ? [' (95% confidence interval ', interval, ')'] : []),
    row.alsoSeenP === null
      ? '.'
      : `. Adjusted for all the other measurements, ${pEquals(row.alsoSeenP)}: “${measure.name}” doesn’t decide the verdict.`,
  ];
}
