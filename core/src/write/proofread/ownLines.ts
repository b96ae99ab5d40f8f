import { escapeRegExp } from 'lodash-es';
import type { Experiment } from '../../model';
import { inList } from '../../quantities/inList';
import { many, plural, singular } from '../../quantities/plural';
import { cropName } from '../../study/crop';
import { ownLinesOf } from '../../words/followTemplates';

/** A line in somebody's own words that the plan contradicts. */
export interface Contradicted {
  readonly line: string;
  /** As it stands there: "24 trays". */
  readonly says: string;
  /** What the plan says instead: "30 trays, 10 in a group". */
  readonly plan: string;
}

/**
 * Lines that somebody has worded and that name a number of units, of seeds or a day which the plan does not have.
 * @param experiment whose kit, steps and end rule are read; a line that follows the plan is never one
 * @returns each with what it says and what the plan has
 */
export function contradictedLines(experiment: Experiment): Contradicted[] {
  const { materials, endRule, unworded } = experiment.plan;
  const lines = [...materials, ...ownLinesOf(experiment, 'steps'), ...(unworded.includes('endRule') ? [] : [endRule])];
  return lines.flatMap((line) => [...units(line, experiment), ...putIn(line, experiment), ...days(line, experiment)]);
}

/** Numbers that stand before one of these nouns, or a word before it: "24 trays", "24 deep pots". */
function numbersBefore(line: string, nouns: readonly string[]): { readonly says: string; readonly number: number }[] {
  const known = nouns.filter((noun) => noun !== '').map(escapeRegExp);
  if (known.length === 0) return [];
  const pattern = new RegExp(`(?<![\\p{L}\\p{N}.,])(\\d+) (?:[\\p{L}-]+ )?(?:${known.join('|')})(?![\\p{L}\\p{N}-])`, 'giu');
  return [...line.matchAll(pattern)].map(([says, number]) => ({ says, number: Number(number) }));
}

function units(line: string, { units: all, arms, plan }: Experiment): Contradicted[] {
  const perArm = arms.map(({ code }) => all.filter(({ arm }) => arm === code).length);
  const blocks = [...new Set(all.map(({ block }) => block))];
  const perBlock = blocks.map((own) => all.filter(({ block }) => block === own).length);
  const fits = new Set([1, all.length, blocks.length, ...perArm, ...perBlock, ...sums(perArm)]);
  const word = plural(plan.unitNoun);
  return numbersBefore(line, [word])
    .filter(({ number }) => !fits.has(number))
    .map(({ says }) => ({ line, says, plan: `${all.length} ${word}, ${oneOrMore(perArm)} in a group` }));
}

function putIn(line: string, { units: all, arms, plan }: Experiment): Contradicted[] {
  const sown = all.flatMap((unit) => unit.sown ?? []);
  if (sown.length === 0) return [];
  const crop = cropName(plan);
  const perArm = arms.map(({ code }) => all.filter(({ arm }) => arm === code).reduce((sum, unit) => sum + (unit.sown ?? 0), 0));
  const total = sown.reduce((sum, one) => sum + one, 0);
  const fits = new Set([1, plan.plantsKept ?? 1, total, ...sown, ...perArm]);
  return numbersBefore(line, [plan.propagule, ...(crop === '' ? [] : [many(crop), `${singular(crop)} ${plan.propagule}`])])
    .filter(({ number }) => !fits.has(number))
    .map(({ says }) => ({ line, says, plan: `${oneOrMore(sown)} in a ${plan.unitNoun}, ${total} in all` }));
}

function days(line: string, { measures, plan }: Experiment): Contradicted[] {
  const last = Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays), ...plan.stages.flatMap((stage) => stage.days));
  return [...line.matchAll(/(?<!\p{L})day (\d+)(?!\p{N})/giu)]
    .filter(([, day]) => last > 0 && Number(day) > last)
    .map(([says]) => ({ line, says, plan: `nothing after day ${last}` }));
}

/** What some of the groups have together. */
const sums = (counts: readonly number[]) =>
  counts.reduce<number[]>((all, count) => [...all, ...all.map((sum) => sum + count)], [0]).slice(1);

const oneOrMore = (numbers: readonly number[]) => inList([...new Set(numbers)].sort((a, b) => a - b).map(String));
