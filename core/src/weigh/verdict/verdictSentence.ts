import { kindOf, type Wording } from '../../kinds';
import type { Experiment, Fact, Finding, Measure } from '../../model';
import type { ComparisonRow, VerdictCode } from '../Result';
import { counted, plural } from '../../quantities/plural';
import type { Sentence } from '../../model/Sentence';
import { replicateWord } from '../../study/replicates';
import { verdictOrder } from './judge';
import { armName, chanceInWords, gapFact, intervalFact, withUnit } from './wording';

export interface Judged {
  readonly experiment: Experiment;
  readonly measure: Measure;
  readonly share: boolean;
  readonly code: VerdictCode;
  readonly comparisons: readonly ComparisonRow[];
  readonly unitsNeeded: number | null;
  readonly review: readonly Finding[];
  /** Arms with one replicate. */
  readonly alone: readonly string[];
}

const shortWords: Record<VerdictCode, string> = {
  supported: 'supported',
  small: 'real but too small to matter',
  opposite: 'the opposite of what was expected',
  'no-difference-that-matters': 'no difference that matters',
  'cannot-tell': 'cannot tell',
  'not-a-fair-test': 'not a fair test',
};

/** The plain sentence of a measure's verdict, of typed pieces. It names the plant, the numbers, the interval and the scope. */
export function verdictSentence(judged: Judged): Sentence {
  const { code, comparisons, review } = judged;
  if (code === 'not-a-fair-test') {
    const blocker = review.find((finding) => finding.severity === 'blocker');
    return ['This was not a fair test, so it says nothing either way. ', `${blocker?.message ?? ''} ${blocker?.remedy ?? ''}`.trim()];
  }
  const lead = leading(comparisons, code);
  if (!lead) return ['There is nothing to compare yet.'];
  return [...leadSentence(judged, lead), ...others(judged, lead)];
}

/** The comparison that the sentence is about: of those with the deciding verdict, the one with the largest gap. */
function leading(comparisons: readonly ComparisonRow[], code: VerdictCode): ComparisonRow | undefined {
  const size = (row: ComparisonRow) => Math.abs(row.difference.value ?? 0);
  return comparisons.filter((row) => row.verdict === code).sort((a, b) => size(b) - size(a))[0];
}

function leadSentence(judged: Judged, row: ComparisonRow): Sentence {
  const { experiment, measure, review } = judged;
  const wording = kindOf(measure).wording(measure, judged.share);
  const weak = review.some((finding) => finding.severity === 'serious');
  const gap = gapFact(row, wording);
  const interval = intervalFact(row, wording);
  const where = [
    weak ? 'Perhaps: here' : 'Here',
    experiment.plan.plant === '' ? '' : ` with ${experiment.plan.plant}`,
    ', in these conditions, ',
  ].join('');
  const arms = [armName(experiment.arms, row.arm), armName(experiment.arms, row.versus)];
  const subject = `${where}“${measure.name}” came out `;
  if (!gap) return [`${where}“${measure.name}” cannot be compared for ${arms[0]} and ${arms[1]}: there are too few readings.`];
  const span: Sentence = interval ? [' (95 % interval ', interval, ')'] : [];
  const against: Sentence = [` with ${arms[0]} than with ${arms[1]}`, ...span];
  switch (row.verdict) {
    case 'supported':
      return [subject, gap, ...against, `${enough(row, judged, wording)}.`];
    case 'small':
      return [
        subject,
        gap,
        ...against,
        `: a real difference, but too small to matter (you asked for at least ${smallestText(measure, wording)}).`,
      ];
    case 'opposite':
      return [subject, gap, ...against, ': the opposite of what was expected.'];
    case 'no-difference-that-matters':
      return [
        subject,
        `as good as alike with ${arms[0]} and ${arms[1]}: the gap is `,
        gap,
        ...span,
        `, and one of ${smallestText(measure, wording)} or more is ruled out.`,
      ];
    default:
      if (judged.alone.includes(row.arm) || judged.alone.includes(row.versus)) return [subject, gap, ...against, luckOf(judged, row)];
      return [
        ...(isNone(gap)
          ? [`${where}“${measure.name}” came out alike with ${arms[0]} and ${arms[1]}`, ...span]
          : [subject, gap, ...against]),
        whyNot(judged, row),
        ...settle(judged),
      ];
  }
}

/** A gap that is shown as 0. */
const isNone = ({ text }: Fact) => Number(text.split(' ')[0]) === 0;

/** Why it cannot be told: the interval spans none, or chance alone does as much too often. */
function whyNot({ experiment }: Judged, { difference: { ci95 }, p }: ComparisonRow): string {
  if (ci95 === null) return ': this experiment cannot tell';
  const isClear = ci95[0] > 0 || ci95[1] < 0;
  if (!isClear || p === null) return ', which leaves room for more, for less and for none: this experiment cannot tell';
  return `; but chance alone gives a gap this big in ${chanceInWords(p)} tries: too few ${plural(replicateWord(experiment))} to tell`;
}

/** Why one of a kind tells nothing. */
function luckOf({ experiment, alone }: Judged, { arm, versus }: ComparisonRow): string {
  const word = replicateWord(experiment);
  const who = alone.includes(arm) && alone.includes(versus) ? 'each arm' : armName(experiment.arms, alone.includes(arm) ? arm : versus);
  return `; but ${who} was one ${word}, and nobody can tell the treatment from that ${word}’s luck.`;
}

function enough(row: ComparisonRow, { measure }: Judged, wording: Wording): string {
  const { value, ci95 } = row.difference;
  if (measure.smallestDifference === null || value === null) return '';
  const [lo, hi] = (ci95 ?? [value, value]).map((end) => Math.abs(end * wording.scale));
  return Math.min(lo, hi) >= measure.smallestDifference ? ', by enough to matter' : ', perhaps by less than matters';
}

function smallestText(measure: Measure, wording: Wording): string {
  return withUnit(String(measure.smallestDifference ?? 0), wording);
}

function settle({ unitsNeeded, experiment, measure }: Judged): Sentence {
  if (unitsNeeded === null) return ['.'];
  const word = replicateWord(experiment);
  const units = unitsNeeded > 1000 ? `More than 1,000 ${plural(word)}` : `About ${counted(unitsNeeded, word)}`;
  return ['. ', { fact: `${measure.measure}.unitsNeeded`, text: `${units} an arm` }, ' would settle it four times in five.'];
}

function others(judged: Judged, lead: ComparisonRow): Sentence {
  const rest = judged.comparisons.filter((row) => row !== lead);
  if (rest.length === 0) return [];
  const allPairs = judged.experiment.comparison === 'all-pairs';
  const name = (row: ComparisonRow) => {
    const full = armName(judged.experiment.arms, row.arm);
    // A name with a comma in it would read as two.
    const own = full.includes(',') ? `“${full}”` : full;
    return allPairs ? `${own} against ${armName(judged.experiment.arms, row.versus)}` : own;
  };
  const groups = verdictOrder
    .map((code) => ({ code, names: rest.filter((row) => row.verdict === code).map(name) }))
    .filter(({ names }) => names.length > 0)
    .map(({ code, names }) => `${shortWords[code]} for ${names.join(', ')}`);
  return [` Also: ${groups.join('; ')}.`];
}
