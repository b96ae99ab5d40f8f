import { primaryOf, type Study } from '../../model';
import { mentionsIn, type Mentions } from './mentions';
import type { Known } from './knownNumbers';
import { numbersIn, type TypedNumber } from './numbersIn';
import { sortOfNumber } from './sortOfNumber';
import { unitFactor } from './typedUnits';
import { hintWords } from '../../words/write/hintWords';

/** A place in a sentence that the data do not bear out. */
export interface Hint {
  readonly from: number;
  readonly to: number;
  /** "You wrote 60 points fewer; the data say 100 points." */
  readonly says: string;
}

/** Words after which a number belongs to the plan or to the reckoning, and not to what came out. */
const apart = /(?:\bp\s*[<=]|°|\btable|\bfigure|\bpage|\bclass|\broom|\bgrade|\byear|\baged?|\bversion|\bstep|\bno\.|\bnumber)\s*$/i;
const less = /\b(fewer|less|lower|shorter|smaller|sooner|earlier|lighter|worse|slower|reduced|dropped|fell|drop|decrease[ds]?)\b/i;
const more = /\b(more|higher|taller|longer|bigger|greater|later|heavier|faster|rose|increase[ds]?|gained|extra)\b/i;

/**
 * The numbers of a sentence that disagree with the data. Rounding, other units and words for numbers are allowed for; what is no number of
 * the data is left alone.
 * @param sentence of the writer, without references
 * @param all numbers that the data know
 * @returns a doubt a number
 */
export function checkNumbers(sentence: string, study: Study, all: readonly Known[]): Hint[] {
  const masked = mentionsIn(sentence, study.experiment);
  return numbersIn(masked.text).flatMap((number) => {
    const before = masked.text.slice(0, number.from);
    if (apart.test(before) || isInterval(masked.text, number)) return [];
    const meant = meantBy(number, masked, study, all);
    if (meant.length === 0 || meant.some((own) => agrees(number, own, masked))) return [];
    return [{ from: number.from, to: number.to, says: saysOf(sentence.slice(number.from, number.to), meant) }];
  });
}

/** "95% interval", "95% confidence", "95% sure". */
const isInterval = (text: string, { value, unit, to }: TypedNumber) =>
  value === 95 && (unit === '%' || unit === 'percent') && /^[\s-]*(confidence|interval|sure|ci\b|certain)/i.test(text.slice(to));

/** The known numbers that such a number could be meant to be. */
function meantBy(number: TypedNumber, said: Mentions, study: Study, all: readonly Known[]): Known[] {
  const near = said.near(number.from);
  const isOfSort = sortOfNumber(number, said, study.experiment.plan);
  const fits = all.filter((own) => own.value !== null && isOfSort(own));
  const measured = fits.filter(({ measure }) => measure === null || near.measures.length === 0 || near.measures.includes(measure));
  const primary = primaryOf(study.experiment.measures)?.code ?? null;
  const byMeasure = near.measures.length > 0 ? measured : measured.filter(({ measure }) => measure === null || measure === primary);
  return byArms(byMeasure.length > 0 ? byMeasure : measured, near.arms);
}

/** Those of the arms that are named: an arm's own number, or a difference of two. */
function byArms(fits: readonly Known[], arms: readonly string[]): Known[] {
  if (arms.length === 0) return [...fits];
  const own = fits.filter(({ arm, versus }) => {
    if (arm === null) return arms.length === 0;
    return versus === null
      ? arms.includes(arm)
      : arms.length === 1
        ? arms.includes(arm) || arms.includes(versus)
        : arms.includes(arm) && arms.includes(versus);
  });
  return own.length > 0 ? own : [...fits];
}

/** In the unit of what is known. */
function inUnit({ unit }: TypedNumber, own: Known): number {
  if (/^weeks?$/.test(unit)) return 7;
  if (own.unit === '' || unit === '' || unit === own.unit.toLowerCase() || unit === '%') return 1;
  return unitFactor(unit, own.unit) ?? 1;
}

const counted = new Set<Known['sort']>(['units', 'put in', 'success', 'days']);

function agrees(number: TypedNumber, own: Known, said: Mentions): boolean {
  const scale = inUnit(number, own);
  const isPart = number.unit === 'part' && number.value < 1;
  const inPercent = isPart && (own.unit === '%' || own.sort === 'change') ? 100 : 1;
  const exact = counted.has(own.sort) && number.about === 'exactly';
  const [value, slack] = [number.value * scale * inPercent, exact ? 0.5 * (scale > 1 ? 3 : 1) : number.slack * scale * inPercent];
  const signed = own.sort === 'gap' || own.sort === 'change';
  if (signed && !isWay(number, own, said)) return false;
  const truths = own.sort === 'ratio' ? [own.value, 1 / own.value] : [signed ? Math.abs(own.value) : own.value];
  return truths.some((truth) => {
    if (number.about === 'over') return truth > value - slack && truth <= value * 1.5 + slack;
    if (number.about === 'under') return truth < value + slack && truth >= value * 0.5 - slack;
    const bears = own.sort === 'ratio' && Number.isInteger(number.value) ? 0.16 * value : slack;
    return Math.abs(truth - value) <= bears + 1e-9 * Math.abs(value);
  });
}

/** Whether a difference goes the way that the words say: the arm named first against the other, or a treatment against the control. */
function isWay(number: TypedNumber, own: Known, said: Mentions): boolean {
  const clause = said.clause(number);
  const way = less.test(clause) ? -1 : more.test(clause) ? 1 : 0;
  if (way === 0 || own.isEnd) return true;
  const turned = said.subject !== null && said.subject === own.versus ? -1 : 1;
  return Math.sign(own.value) === 0 || Math.sign(own.value) * turned === way;
}

function saysOf(typed: string, meant: readonly Known[]): string {
  const lead = meant.filter(({ isEnd }) => !isEnd);
  const words = [...new Set((lead.length > 0 ? lead : meant).map((own) => own.words.replace(/^−/, '')))].slice(0, 3);
  return hintWords.data(typed, words);
}
