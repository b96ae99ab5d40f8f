import { inList } from '../../quantities/inList';
import { tupleOf } from '../../invariant';
import { kindOf, type Wording } from '../../kinds';
import { askedOf, controlOf, expectedOf, type Asked, type Experiment, type Measure } from '../../model';
import type { Trend } from '../../compare/Contrast';
import { rowOfArms, rowOfLevels, type LeadRow } from '../../weigh/leadComparison';
import type { ComparisonRow, EffectRow, Interaction } from '../../weigh/Result';
import type { RowVerdict, VerdictCode } from '../../compare/judge';
import { counted, plural } from '../../quantities/plural';
import type { Sentence } from '../../model/Sentence';
import { replicateWord } from '../../study/replicates';
import { verdictOrder } from '../../compare/judge';
import { doseWords } from './doseWords';
import { rankingWords } from './rankingWords';
import { inRow } from '../../quantities/inRow';
import { armName } from '../armName';
import { chanceInWords, differenceFact, intervalFact, isNone } from '../wording';
import { tell, type Finding } from '../findings';
import { sized } from '../sized';

export interface Judged {
  readonly experiment: Experiment;
  readonly measure: Measure;
  readonly share: boolean;
  readonly code: VerdictCode;
  /** The comparison that the sentence is about. */
  readonly lead: Asked | null;
  readonly comparisons: readonly ComparisonRow[];
  readonly effects: readonly EffectRow[];
  readonly interactions: readonly Interaction[];
  readonly ranking: readonly (readonly string[])[];
  readonly trend: Trend | null;
  readonly unitsNeeded: number | null;
  readonly review: readonly Finding[];
  /** Arms with one replicate. */
  readonly alone: readonly string[];
  /** Before the planned end. */
  readonly soFar: boolean;
}

const shortWords: Record<RowVerdict, string> = {
  supported: 'supported',
  small: 'real but too small to matter',
  opposite: 'opposite to expected',
  'no-difference-that-matters': 'no difference that matters',
  'cannot-tell': 'inconclusive',
  'not-a-fair-test': 'not a fair test',
  'told-apart': 'clearly different',
};

/** The plain sentence of a measure's verdict, of typed pieces. It names the plant, the numbers, the interval and the scope. */
export function verdictSentence(judged: Judged): Sentence {
  const { code, review, soFar } = judged;
  if (code === 'not-a-fair-test') {
    const blocker = review.find((finding) => finding.severity === 'blocker');
    return [
      `${soFar ? 'So far, this is' : 'This was'} not a fair test, so the result can’t be trusted either way. `,
      blocker ? `${tell(blocker).message} ${tell(blocker).remedy}` : '',
    ];
  }
  const rows = decidingRows(judged);
  const lead = rows.find((row) => isLead(row, judged.lead)) ?? rows[0];
  if (!lead) return [soFar ? 'So far, there are no results to compare.' : 'There are no results to compare yet.'];
  const rest: Sentence = judged.ranking.length > 0 ? rankingWords(judged) : others(rows, lead);
  return [...leadSentence(judged, lead), ...rest, ...togetherWords(judged.interactions), ...doseWords(judged)];
}

/** What the verdict rests on: the factors where arms cross them, else each treatment with the control, and whatever else was asked. */
function decidingRows({ experiment, comparisons, effects }: Judged): LeadRow[] {
  if (effects.length > 0) return effects.map(rowOfLevels);
  const control = controlOf(experiment.arms)?.code;
  const asked = askedOf(experiment);
  return comparisons
    .filter(({ arm, versus }) => versus === control || asked.some((own) => own.group === arm && own.against === versus))
    .map((row) => rowOfArms(row, experiment.arms));
}

/** Whether what one factor does depends on the other. */
function togetherWords(interactions: readonly Interaction[]): string[] {
  return interactions.map(({ term, told }) => {
    const [first, ...others] = term.split(':');
    const on = inList(others);
    return told
      ? ` The effect of ${first} depends on ${on}, so look at each group.`
      : ` We can’t tell whether the effect of ${first} depends on ${on}.`;
  });
}

function isLead({ arm, versus, factor }: LeadRow, lead: Asked | null): boolean {
  if (lead === null || factor !== lead.factor) return false;
  return versus === lead.against && arm === (factor === null ? lead.group : `${factor}.${lead.group}`);
}

function leadSentence(judged: Judged, row: LeadRow): Sentence {
  const { experiment, measure } = judged;
  const isAlike = expectedOf(measure) === 'alike';
  const wording = kindOf(measure).wording(measure, judged.share);
  const gap = differenceFact(row, wording);
  const interval = intervalFact(row, wording);
  const where = `${opening(judged)}${experiment.plan.plant === '' ? '' : ` with ${experiment.plan.plant}`}, `;
  const { names, phrases, both } = row;
  const subject = `${where}“${measure.name}” ${verbOf(measure)} `;
  if (!gap) return [`${where}“${measure.name}” has too few readings to compare ${names[0]} with ${names[1]}.`];
  const of = row.factor === null ? '' : ` (${row.factor})`;
  // The interval has a sentence of its own, so that none is longer than one can hear.
  const span: Sentence = interval ? [' The 95% confidence interval is ', interval, '.'] : [];
  const pair = ` ${phrases[0]} than ${phrases[1]}${of}`;
  const came: Sentence = [subject, gap, `${pair}.`];
  const left: Sentence = isNone(gap) ? [`${where}“${measure.name}” was the same ${both}${of}.`] : came;
  switch (row.verdict) {
    case 'supported':
      return [...came, enough(row, judged, wording), ...span];
    case 'small':
      return [
        ...came,
        ` The difference is real, but too small to matter: you asked for at least ${smallestText(measure, wording)}.`,
        ...span,
      ];
    case 'opposite':
      return [...came, isAlike ? ' No difference was expected.' : ' That is the opposite of what was expected.', ...span];
    case 'no-difference-that-matters':
      return [
        `${where}“${measure.name}” was about the same ${both}${of}. The difference is `,
        gap,
        '.',
        ...span,
        ` A difference of ${smallestText(measure, wording)} or more is ruled out${isAlike ? ', as was expected' : ''}.`,
      ];
    default:
      if (judged.alone.includes(row.arm) || judged.alone.includes(row.versus)) return [...left, luckOf(judged, row)];
      return [...left, ...span, whyNot(judged, row), ...settle(judged)];
  }
}

/** Why it cannot be told: the interval spans none, or chance alone does as much too often. */
function whyNot({ experiment }: Judged, { difference: { ci95 }, p }: LeadRow): string {
  if (ci95 === null) return ' This experiment can’t tell';
  const isClear = ci95[0] > 0 || ci95[1] < 0;
  if (!isClear || p === null) return ' The data fit more, less or no difference, so this experiment can’t tell';
  return ` But chance alone gives a difference at least this big in ${chanceInWords(p)} experiments: too few ${plural(replicateWord(experiment))} to be sure`;
}

/** Why one of a kind tells nothing. */
function luckOf({ experiment, alone }: Judged, { arm, versus }: LeadRow): string {
  const word = replicateWord(experiment);
  const who = alone.includes(arm) && alone.includes(versus) ? 'each group' : armName(experiment.arms, alone.includes(arm) ? arm : versus);
  return ` But ${who} was only one ${word}, so the treatment can’t be separated from that ${word}’s luck.`;
}

/** Whether it is enough to matter, where one said how much does. */
function enough(row: LeadRow, { measure }: Judged, wording: Wording): string {
  const { value, ci95 } = row.difference;
  if (measure.smallestDifference === null || value === null) return '';
  const [lo, hi] = tupleOf(
    (ci95 ?? [value, value]).map((end) => Math.abs(end * wording.scale)),
    2,
  );
  return Math.min(lo, hi) >= measure.smallestDifference ? ' That is big enough to matter.' : ' It may be too small to matter.';
}

/** How a value came about, in the past. */
function verbOf(measure: Measure): string {
  const { timed, byEye } = kindOf(measure);
  return timed ? 'came' : byEye ? 'scored' : 'averaged';
}

function smallestText(measure: Measure, wording: Wording): string {
  return sized(String(measure.smallestDifference ?? 0), wording.unit);
}

function settle({ unitsNeeded, experiment, measure }: Judged): Sentence {
  if (unitsNeeded === null) return ['.'];
  const word = replicateWord(experiment);
  const units = unitsNeeded > 1000 ? `More than 1,000 ${plural(word)}` : `About ${counted(unitsNeeded, word)}`;
  return ['. ', { fact: `${measure.code}.unitsNeeded`, text: `${units} per group` }, ' would probably settle it (8 times in 10).'];
}

/** How the sentence begins: weaker where something serious stands against it, and not final before the end. */
function opening({ review, soFar }: Judged): string {
  const weak = review.some((finding) => finding.severity === 'serious');
  if (soFar) return weak ? 'So far, and with caution: in this experiment' : 'So far, in this experiment';
  return weak ? 'With caution: in this experiment' : 'In this experiment';
}

function others(rows: readonly LeadRow[], lead: LeadRow): Sentence {
  const rest = rows.filter((row) => row !== lead);
  if (rest.length === 0) return [];
  const name = ({ names: [full, versus], factor }: LeadRow) => {
    const own = inRow(full);
    return factor === null ? own : `${own} against ${versus} (${factor})`;
  };
  const groups = verdictOrder
    .map((code) => ({ code, names: rest.filter((row) => row.verdict === code).map(name) }))
    .filter(({ names }) => names.length > 0)
    .map(({ code, names }) => `${shortWords[code]} for ${inList(names)}`);
  return [` Also: ${groups.join('; ')}.`];
}
