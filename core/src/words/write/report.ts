import { upperFirst } from 'lodash-es';
import { predictionOutcomes, type PredictionOutcome } from '../../weigh/predictionOutcomes';
import { isShare, kindOf } from '../../kinds';
import { primaryOf, type Experiment, type ReportLength, type Study, type WritingPart } from '../../model';
import { fairTestAtOnce } from '../../plan/fairTest';
import { tell } from '../findings';
import { daysInWords } from '../daysInWords';
import { sized } from '../sized';
import { figuresIn, picturesByName } from '../../write/ownFigures';
import type { Picture } from '../../weigh/picture/Picture';
import type { Result } from '../../weigh/Result';
import type { Block } from '../../write/Block';
import { byLine } from './byLine';
import { factsOf, factTexts } from '../../write/facts';
import { careSection, incidentsSection, photoBlocks, correctionsSection } from './happened';
import { headingBlock, listBlock, paragraphBlock, section, stopped } from '../../write/makers';
import { method } from './method';
import { numbered } from '../../write/numbered';
import { onePage, onePageParts } from './onePage';
import { ownLines } from '../../write/ownWords';
import { results } from './results';

/** The parts that only the writer can write, with what each asks for. */
export const ownParts: readonly { readonly part: WritingPart; readonly title: string; readonly ask: string }[] = [
  { part: 'background', title: 'Background', ask: 'Why did you ask this? What did you already know about it?' },
  { part: 'discussion', title: 'Discussion', ask: 'What do you think caused this? Does it fit what you expected?' },
  { part: 'conclusion', title: 'Conclusion', ask: 'Answer your question in your own words. How sure are you?' },
  { part: 'next', title: 'Next time', ask: 'What would you change, and what would you ask next?' },
];

/** The lengths of a report, as they are offered. */
export const reportLengths: readonly { readonly length: ReportLength; readonly title: string; readonly words: string }[] = [
  { length: 'page', title: 'One page', words: 'For younger pupils: question, method and result on one page.' },
  { length: 'school', title: 'School report', words: 'The usual parts of a school report.' },
  { length: 'full', title: 'Full record', words: 'Everything: all graphs, every test, every note.' },
];

/**
 * The lab report of a study as a tree of blocks: computed facts by reference, the writer's own words as typed.
 * @param length of it; the writer's choice where none is given
 * @returns blocks for any renderer, tables and figures numbered
 */
export function report(study: Study, result: Result, length: ReportLength = study.experiment.writing.length): Block[] {
  const own = ownOf(study, result);
  if (length === 'page') return numbered(onePage(study, result, own));
  const { experiment } = study;
  const isFull = length === 'full';
  return numbered([
    headingBlock(experiment.title, 1),
    ...byLine(experiment.writing),
    ...section('Question', [...(experiment.question === '' ? [] : [paragraphBlock(experiment.question)]), ...theClaim(experiment)]),
    ...own('background'),
    ...hypotheses(study, result),
    ...variables(experiment),
    ...method(study),
    ...results(study, result, length),
    ...incidentsSection(study),
    ...correctionsSection(study, isFull),
    ...careSection(study),
    ...section('Photos', photoBlocks(study, experiment.writing.photos)),
    headingBlock('What could have fooled us'),
    ...fooled(study, result),
    ...own('discussion'),
    ...own('conclusion'),
    ...own('next'),
    ...advice(experiment, result),
    ...sources(study, result),
  ]);
}

/**
 * The writer's parts of a report, with nothing from the data: what can be written while the result is worked out.
 * @param experiment whose writing says how long the report is
 * @returns the title, and the parts in their order, each under its heading
 */
export function partsToWrite({ title, writing }: Experiment): Block[] {
  const parts = writing.length === 'page' ? onePageParts : ownParts.map(({ part }) => part);
  const own = (part: WritingPart): Block => ({ kind: 'own', part, text: writing[part], lines: [], reason: [], source: [] });
  return [headingBlock(title, 1), ...parts.flatMap((part) => [headingBlock(titleOf(part)), own(part)])];
}

const titleOf = (part: WritingPart) => ownParts.find((item) => item.part === part)?.title ?? part;

/** Each own part: its words, why, where from, and the pictures that the writer put into it. */
function ownOf(study: Study, result: Result): (part: WritingPart) => Block[] {
  const { writing } = study.experiment;
  const facts = factTexts(factsOf(study, result));
  const named = writing.figures.length === 0 ? new Map<string, Picture>() : picturesByName(study, result);
  return (part) => [
    headingBlock(titleOf(part)),
    {
      kind: 'own',
      part,
      text: writing[part],
      lines: ownLines(writing[part], facts),
      reason: ownLines(writing.reasons[part], facts),
      source: ownLines(writing.sources[part], facts),
    },
    ...figuresIn(study, named, part),
  ];
}

function theClaim({ claim, plan }: Experiment): Block[] {
  if (!claim) return [];
  return [
    paragraphBlock(`The claim: “${claim}”`),
    ...(plan.claimedMechanism === '' ? [] : [paragraphBlock('How it is said to work: ', plan.claimedMechanism)]),
  ];
}

function hypotheses(study: Study, result: Result): Block[] {
  const { hypothesis, nullHypothesis, plan } = study.experiment;
  const said = (label: string, words: string): Block[] => (words.trim() === '' ? [] : [paragraphBlock(`${label}: `, words)]);
  return section('Hypotheses', [
    ...said('Hypothesis', hypothesis),
    ...said('Null hypothesis', nullHypothesis),
    ...said('What would count as support', plan.countsAsYes),
    ...predictions(study, result),
  ]);
}

/** What each foretold, and what came of it once there are data. */
function predictions({ experiment, observations }: Study, { measures }: Result): Block[] {
  const measure = primaryOf(experiment.measures);
  const row = primaryOf(measures);
  if (experiment.plan.predictions.length === 0 || !measure || !row) return [];
  const said = new Set<string>();
  const once = (sentence: string, outcome: PredictionOutcome['outcome']) => {
    const words = said.has(sentence) ? again[outcome] : sentence;
    said.add(sentence);
    return words;
  };
  return [
    headingBlock('Predictions', 3),
    listBlock(
      predictionOutcomes(experiment, measure, row).map(({ person, expects, reason, outcome, sentences }) =>
        [
          stopped(`${person}: ${expects}${reason === '' ? '' : `, because ${reason}`}`),
          ...(observations.length > 0 ? sentences.map((sentence) => once(sentence, outcome)) : []),
        ].join(' '),
      ),
    ),
  ];
}

/** What is said of a prediction where the same came of one before it. */
const again: Readonly<Record<PredictionOutcome['outcome'], string>> = {
  came: 'As predicted.',
  'other-way': 'The result was different.',
  open: 'The data can’t tell here either.',
  unsaid: 'The same.',
};

function variables({ arms, units, measures, plan }: Experiment): Block[] {
  const differences = plan.differences.filter((line) => line.trim() !== '');
  // What is usual and has no how was never said to be so.
  const kept = plan.kept
    .filter(({ what, how }) => how.trim() !== '' || !plan.usuallyKept.includes(what))
    .map(({ what, how }) => (how.trim() === '' ? what : `${what}: ${how}`));
  const armText = arms.map((arm) => `${arm.name}${arm.role === 'treatment' ? '' : ` (${arm.role})`}`);
  return [
    headingBlock('Variables'),
    headingBlock('Independent variable', 3),
    paragraphBlock(plan.changed === '' ? 'The groups:' : `${upperFirst(plan.changed)}:`),
    listBlock(armText),
    headingBlock('Dependent variable', 3),
    listBlock(
      measures.map(
        (m) =>
          `${m.name}${m.unit === '' ? '' : `, ${m.unit}`}${m.readingDays.length > 0 ? `, ${daysInWords(m.readingDays)}` : ''}${m.primary ? ' (main measurement)' : ''}${
            m.smallestDifference === null
              ? ''
              : `; smallest difference that matters: ${sized(String(m.smallestDifference), kindOf(m).mattersIn(m, isShare(m, units)))}`
          }`,
      ),
    ),
    headingBlock('Control variables', 3),
    kept.length > 0 ? listBlock(kept) : paragraphBlock('None recorded.'),
    ...(differences.length > 0 ? [headingBlock('Other differences between groups', 3), listBlock(differences)] : []),
  ];
}

/** What was found against it, told as it was; what to do about it stands under "Next time". */
function fooled({ experiment }: Study, result: Result): Block[] {
  if (result.review.length === 0)
    return [paragraphBlock('The checks found no problems: there is a control, enough units, a shuffled layout and complete readings.')];
  const scope = experiment.plan.notTested.length > 0 ? [paragraphBlock(`Not tested here: ${experiment.plan.notTested.join('; ')}.`)] : [];
  const found = result.review.filter(({ rule }) => rule !== 'scope');
  return [...(found.length > 0 ? [listBlock(found.map((finding) => tell(finding).message))] : []), ...scope];
}

/** What the report itself does, and what asks for nothing, is no advice. */
const noAdvice = new Set<string>(['scope', 'unequal']);

/** Advice of the plan's checks for another run, as they stand in the result: to play the design through again would take seconds. */
function advice(experiment: Experiment, { review }: Result): Block[] {
  const ofPlan = new Set<string>(['power', ...fairTestAtOnce(experiment).map(({ rule }) => rule)]);
  const remedies = review.filter(({ rule }) => ofPlan.has(rule) && !noAdvice.has(rule)).map((finding) => tell(finding).remedy);
  const once = [...new Set(remedies)].filter((remedy) => remedy !== '');
  return once.length === 0 ? [] : [paragraphBlock('Suggestions for the next run:'), listBlock(once)];
}

function sources(study: Study, result: Result): Block[] {
  const { writing, plan, claim } = study.experiment;
  const facts = factTexts(factsOf(study, result));
  const claimed = claim && plan.claimSource !== '' ? [[`The claim: ${plan.claimSource}`]] : [];
  const read = ownParts.flatMap(({ part }) => ownLines(writing.sources[part], facts));
  const all = [...claimed, ...read];
  return section('Sources', all.length === 0 ? [] : [listBlock(all)]);
}
