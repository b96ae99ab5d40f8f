import { kindOf } from '../../kinds';
import { askedOf, expectedOf } from '../../model';
import { inList } from '../../quantities/inList';
import { counted, plural } from '../../quantities/plural';
import { replicateWord } from '../../study/replicates';
import { leadEffect, leadRow, withWhat } from '../../weigh/leadComparison';
import type { Shown } from '../../weigh/picture/parts';
import { valueAxis } from '../../weigh/picture/parts';
import type { MeasureResult } from '../../weigh/Result';
import { differenceFact, isNone } from '../wording';

const after: Readonly<Record<string, string>> = {
  supported: '',
  small: ', real but too small to matter',
  opposite: ', the opposite of what was expected',
};

/**
 * The answer in one line, in the person's words: "So far: sprouts: 58 percentage points lower with 100 mM salt".
 * @param shown the measure that decides, with its study and result
 * @returns no full stop
 */
export function answerOf(shown: Shown): string {
  const { measure, result } = shown;
  const { code, soFar } = result.verdict;
  const words = code === 'not-a-fair-test' ? 'not a fair test, so the result can’t be trusted' : finding(shown);
  const named = code === 'not-a-fair-test' ? words : `${measure.name}: ${words}`;
  return soFar ? `So far, ${named.charAt(0).toLowerCase() + named.slice(1)}` : named.charAt(0).toUpperCase() + named.slice(1);
}

function finding({ study, measure, result }: Shown): string {
  const { arms } = study.experiment;
  const wording = kindOf(measure).wording(measure, result.share);
  const { code } = result.verdict;
  const isAlike = expectedOf(measure) === 'alike';
  if (code === 'no-difference-that-matters') return `no difference that matters${isAlike ? ', as expected' : ''}`;
  const lead = leadRow(result, arms);
  const gap = lead && differenceFact(lead, wording);
  const of = lead && (lead.factor === null ? withWhat(lead, arms) : lead.phrases[0]);
  if (code === 'cannot-tell' || code === 'not-a-fair-test') {
    if (!lead || !gap || isNone(gap)) return 'inconclusive';
    return `${gap.text} ${of}, but that could be chance`;
  }
  if (!lead || !gap) return 'no results to compare yet';
  const asked = askedOf(study.experiment);
  const others = (result.effects ?? []).filter(
    (row) =>
      row.verdict === code && row !== leadEffect(result) && asked.some((own) => own.factor === row.factor && own.group === row.level),
  );
  const each = others.flatMap(({ level, ...row }) => {
    const other = differenceFact({ ...row, arm: level }, wording);
    return other ? [`${other.text} with ${level}`] : [];
  });
  const apart = (result.interactions ?? []).some(({ told }) => told);
  return `${inList([`${gap.text} ${of}`, ...each])}${apart ? ', and one depends on the other' : ''}${isAlike ? ', where none was expected' : (after[code] ?? '')}`;
}

/**
 * Beneath the answer: the day, how many units, what was measured.
 * @param shown the measure that decides, with its study and result
 * @returns "Day 4 of 10 · 24 dishes, 6 per group · sprouts, % of the sown"
 */
export function answerLine(shown: Shown): string {
  const { study, result } = shown;
  const word = replicateWord(study.experiment);
  const sizes = result.arms.map(({ units }) => units);
  const total = sizes.reduce((sum, size) => sum + size, 0);
  const each = sizes.every((size) => size === sizes[0]) ? `${sizes[0] ?? 0} per group` : `${inList(sizes.map(String))} in the groups`;
  return [dayWords(shown), `${total === 1 ? counted(1, word) : `${total} ${plural(word)}`}, ${each}`, valueAxis(shown).label]
    .filter((part) => part !== '')
    .join(' · ');
}

function dayWords({ measure, result: { progress } }: Shown): string {
  const last = Math.max(-1, ...measure.readingDays);
  if (progress) return `Day ${progress.day} of ${progress.lastDay}`;
  return last <= 0 ? '' : `Day ${last} of ${last}`;
}

/** How the verdict's mark is drawn. */
export type Weight = 'full' | 'half' | 'empty' | 'turned' | 'level' | 'broken';

const weights: Readonly<Record<MeasureResult['verdict']['code'], readonly [Weight, string]>> = {
  supported: ['full', 'supported'],
  small: ['half', 'real but small'],
  'cannot-tell': ['empty', 'inconclusive'],
  opposite: ['turned', 'opposite to expected'],
  'no-difference-that-matters': ['level', 'no difference that matters'],
  'not-a-fair-test': ['broken', 'not a fair test'],
};

/**
 * The weight of a verdict: how its mark is drawn, and what it is called.
 * @param code of the verdict
 * @returns mark and words
 */
export const weightOf = (code: MeasureResult['verdict']['code']): readonly [Weight, string] => weights[code];
