import { foretold } from '../weigh/foretold';
import { isShare, kindOf } from '../kinds';
import { longDate, momentWords, type Experiment, type Study, type WritingPart } from '../model';
import { careWords } from '../log/careWords';
import { rounded } from '../quantities/roundTo';
import { careTotals } from '../study/careTotals';
import { careToTell, liveHappenings, livePhotos } from '../study/liveEntries';
import { photoWords } from '../study/photos';
import { picturesOf } from '../weigh/picture/picturesOf';
import type { MeasureResult, Result } from '../weigh/Result';
import { armName, explainChance, gapFact, intervalFact } from '../weigh/verdict/wording';
import type { Sentence } from '../model/Sentence';
import type { Block } from './Block';
import { capital, heading, list, paragraph } from './makers';
import { effectsTable, otherwiseTable } from './judgementTables';
import { method } from './method';
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

/** The parts that only the writer can write, with what each asks for. */
export const ownParts: readonly { readonly part: WritingPart; readonly title: string; readonly ask: string }[] = [
  { part: 'background', title: 'Background', ask: 'Why did you ask this? What did you already know about it?' },
  { part: 'discussion', title: 'Discussion', ask: 'What do you think made this happen? Does it fit what you expected?' },
  { part: 'conclusion', title: 'Conclusion', ask: 'Answer your question in your own words. How sure are you?' },
  { part: 'next', title: 'Next time', ask: 'What would you change, and what would you ask next?' },
];

/**
 * The lab report of a study as a tree of blocks: computed facts by reference, the writer's own words as typed.
 * @param study with its readings
 * @param result of that study
 * @returns blocks for any renderer
 */
export function report(study: Study, result: Result): Block[] {
  const { experiment } = study;
  const own = (part: WritingPart): Block[] => [
    heading(ownParts.find((item) => item.part === part)?.title ?? part),
    { kind: 'own', part, text: experiment.writing[part] },
  ];
  return [
    heading(experiment.title, 1),
    heading('Question'),
    paragraph(experiment.question),
    ...theClaim(experiment),
    ...own('background'),
    heading('Hypothesis and null'),
    paragraph('Hypothesis: ', experiment.hypothesis),
    paragraph('Null hypothesis: ', experiment.nullHypothesis),
    ...(experiment.plan.countsAsYes === '' ? [] : [paragraph('What was to count as a yes: ', experiment.plan.countsAsYes)]),
    ...predictions(study, result),
    ...variables(experiment),
    ...method(experiment),
    ...results(study, result),
    ...happened(study),
    ...cared(study),
    ...photographed(study),
    heading('What could have fooled us'),
    ...fooled(study, result),
    ...own('discussion'),
    ...own('conclusion'),
    ...own('next'),
  ];
}

function theClaim({ claim, plan }: Experiment): Block[] {
  if (!claim) return [];
  return [
    paragraph(`The claim: “${claim}”`),
    ...(plan.claimSource === '' ? [] : [paragraph('Who says so: ', plan.claimSource)]),
    ...(plan.saidToWork === '' ? [] : [paragraph('How it is said to work: ', plan.saidToWork)]),
  ];
}

/** What each foretold, and what came of it once there are data. */
function predictions({ experiment, observations }: Study, { measures }: Result): Block[] {
  const measure = experiment.measures.find(({ primary }) => primary);
  const row = measures.find(({ primary }) => primary);
  if (experiment.plan.predictions.length === 0 || !measure || !row) return [];
  const held = foretold(experiment, measure, row);
  return [
    heading('Predictions', 3),
    list(
      held.map(({ person, expects, reason, sentences }) =>
        [`${person}: ${expects}${reason === '' ? '' : `, because ${reason}`}`, ...(observations.length > 0 ? sentences : [])].join('. '),
      ),
    ),
  ];
}

function variables({ arms, units, measures, plan }: Experiment): Block[] {
  const differences = plan.differences.filter((line) => line.trim() !== '');
  const armText = arms.map((arm) => `${arm.name}${arm.role === 'treatment' ? '' : ` (${arm.role})`}`);
  return [
    heading('Variables'),
    heading('Changed on purpose', 3),
    paragraph(plan.changed === '' ? 'The arms:' : `${capital(plan.changed)}:`),
    list(armText),
    heading('Measured', 3),
    list(
      measures.map(
        (m) =>
          `${m.name}${m.unit === '' ? '' : `, ${m.unit}`}${m.readingDays.length > 0 ? `, on day ${m.readingDays.map(momentWords).join(', ')}` : ''}${m.primary ? ' – this one decides' : ''}${
            m.smallestDifference === null
              ? ''
              : `; smallest difference that matters: ${m.smallestDifference} ${kindOf(m).mattersIn(m, isShare(m, units))}`
          }`,
      ),
    ),
    heading('Kept the same', 3),
    plan.kept.length > 0
      ? list(plan.kept.map(({ what, how }) => (how === '' ? what : `${what}: ${how}`)))
      : paragraph('Nothing was written down.'),
    ...(differences.length > 0 ? [heading('What else differed', 3), list(differences)] : []),
  ];
}

function results(study: Study, result: Result): Block[] {
  const { measures, arms } = study.experiment;
  const ordered = [...result.measures].sort((a, b) => Number(b.primary) - Number(a.primary));
  const blocks = ordered.flatMap((row): Block[] => {
    const measure = measures.find((m) => m.measure === row.measure);
    if (!measure) return [];
    const trend = trendSentence(study, measure, row);
    return [
      heading(row.primary ? row.name : `Also seen: ${row.name}`, 3),
      ...(row.primary
        ? [paragraph(...row.verdict.pieces), ...chance(row), ...claim(study.experiment, row)]
        : [paragraph(...alsoSeen(row, measure, arms))]),
      ...picturesOf({ study, measure, result: row }).map((picture): Block => ({ kind: 'figure', picture })),
      ...listed(effectsTable(measure, row)),
      armsTable(study, measure, row),
      ...listed(categoriesTable(study, measure)),
      ...listed(blocksTable(study, measure, row)),
      ...listed(sproutingTable(study, measure, row)),
      ...listed(termsTable(measure, row)),
      ...(trend ? [paragraph({ fact: `${row.measure}.trend`, text: trend })] : []),
      ...(row.comparisons.length > 0 ? [comparisonsTable(study, measure, row)] : []),
      ...listed(otherwiseTable(study, measure, row)),
      ...row.reasons.map((reason) => paragraph(reason)),
    ];
  });
  return [heading('Results'), ...blocks];
}

function listed(block: Block | null): Block[] {
  return block ? [block] : [];
}

/**
 * What p means, from the test whose p the verdict used.
 * @param row of the result
 * @returns one paragraph or none
 */
export function chance(row: MeasureResult): Block[] {
  const [lead] = [...row.comparisons].filter((c) => c.p !== null).sort((a, b) => (a.p ?? 1) - (b.p ?? 1));
  if (!lead || lead.p === null) return [];
  const test = row.tests.find((t) => t.arm === lead.arm && t.versus === lead.versus && t.p === lead.p);
  return [
    paragraph({
      fact: `${row.measure}.${lead.arm}-${lead.versus}.p`,
      text: explainChance({ method: test?.method ?? 'welch-t', p: lead.p }),
    }),
  ];
}

/**
 * Whether a claimed size stands up, where the claim has one.
 * @param experiment with the claim
 * @param row of the result
 * @returns one paragraph or none
 */
export function claim({ claimedRatio }: Experiment, row: MeasureResult): Block[] {
  const ruledOut = row.verdict.claimedRatioRuledOut;
  if (claimedRatio === null || ruledOut === null) return [];
  return [
    paragraph(
      ruledOut
        ? `The claim of ${claimedRatio} times is ruled out: the whole interval of the ratio lies ${claimedRatio >= 1 ? 'below' : 'above'} it.`
        : `The claim of ${claimedRatio} times is not ruled out by these data.`,
    ),
  ];
}

/**
 * A measure that is not primary has no verdict: what was seen, and its p adjusted over all such measures.
 * @param row of the result
 * @param measure that is not primary
 * @param arms of the plan
 * @returns a sentence
 */
export function alsoSeen(row: MeasureResult, measure: Experiment['measures'][number], arms: Experiment['arms']): Sentence {
  const [lead] = [...row.comparisons].filter((c) => c.difference.value !== null).sort((a, b) => (a.p ?? 1) - (b.p ?? 1));
  const wording = kindOf(measure).wording(measure, row.share);
  const gap = lead ? gapFact(lead, wording) : null;
  if (!lead || !gap) return ['There is nothing to compare.'];
  const interval = intervalFact(lead, wording);
  return [
    gap,
    ` with ${armName(arms, lead.arm)} than with ${armName(arms, lead.versus)}`,
    ...(interval ? [' (95 % interval ', interval, ')'] : []),
    row.alsoSeenP === null ? '.' : `; ${pEquals(row.alsoSeenP)} adjusted over all measures that do not decide. It cannot carry a verdict.`,
  ];
}

/** Everything that was written down: mishaps as they are told now, and each unit that was lost or left out, with its day and its reason. */
function happened(study: Study): Block[] {
  const { units } = study.experiment;
  const told = new Set(liveHappenings(study).flatMap(({ kind, units: own }) => (kind === 'loss' ? own : [])));
  const ended = { lost: 'was lost', excluded: 'does not count' } as const;
  const gone = units.flatMap(({ unit, status, statusReason, lostOn }) =>
    (status === 'lost' || status === 'excluded') && !(told.has(unit) && statusReason === null)
      ? [{ on: lostOn ?? '', text: `${unit} ${ended[status]}${statusReason === null ? '' : `: ${statusReason}`}` }]
      : [],
  );
  const events = liveHappenings(study).map(({ on, kind, arms, units: own, note, effect }) => {
    const whom = [...arms, ...own];
    const words = [note.trim() || kind.replaceAll('-', ' '), effect.trim()].filter((part) => part !== '').join('; ');
    return { on, text: `${words}${whom.length === 0 ? '' : ` (${whom.join(', ')})`}` };
  });
  const all = [...events, ...gone].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
  if (all.length === 0) return [];
  return [heading('What happened'), list(all.map(({ on, text }) => (on === '' ? text : `${longDate(on)}: ${text}`)))];
}

/** What each arm was given in all, and every step that was done with its day. */
function cared(study: Study): Block[] {
  const { experiment } = study;
  const totals = (['water', 'feed'] as const).flatMap((kind) => {
    const found = careTotals(study, kind);
    if (found === null) return [];
    const each = found.arms.map((arm) => `${arm.name} ${rounded(arm.each, null)} ${found.unit} each`);
    return [`${capital(kind)} in all: ${each.join(', ')}.`];
  });
  const done = careToTell(study).filter(({ kind, step }) => step !== null || kind === 'other');
  const lines = [...totals, ...done.map((care) => `${longDate(care.on)}: ${careWords(experiment, care)}`)];
  return lines.length === 0 ? [] : [heading('Care'), list(lines)];
}

/** The photos that the writer chose, in order of days. A withdrawn one is not among them. */
function photographed(study: Study): Block[] {
  const { experiment } = study;
  const chosen = new Set(experiment.writing.photos);
  const photos = livePhotos(study).flatMap((photo) => {
    const words = photoWords(experiment, photo, false);
    const caption = photo.note === null ? words : `${photo.note} (${words})`;
    return chosen.has(photo.file) ? [{ file: photo.file, caption, width: photo.width, height: photo.height }] : [];
  });
  return photos.length === 0 ? [] : [heading('Photos'), { kind: 'photos', photos }];
}

function fooled({ experiment }: Study, result: Result): Block[] {
  if (result.review.length === 0)
    return [paragraph('The checks found nothing: a control, enough units, a shuffle, and complete readings.')];
  const scope = experiment.plan.notTested.length > 0 ? [paragraph(`Not tested here: ${experiment.plan.notTested.join('; ')}.`)] : [];
  return [list(result.review.map((finding) => `${finding.message} ${finding.remedy}`)), ...scope];
}
