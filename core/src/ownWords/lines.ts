import { escapeRegExp } from 'lodash-es';
import type { Experiment, Plan, UnwordedText } from '../model';
import { inList } from '../quantities/inList';
import { plural, singular } from '../quantities/plural';
import { cropName, cropNamed, cropOf, cropsIn } from '../study/crop';
import { badgeOf } from '../words/badge';
import { ownLinesOf } from '../words/followTemplates';
import { daysSaid } from './daysSaid';
import { fill } from '../words/templates';

/** Texts of a plan that a person may word. */
export type OwnText = 'kit' | 'steps' | 'kept' | 'endRule' | 'hypothesis' | 'countsAsYes' | 'decision';

/** A line in somebody's own words that the plan contradicts. */
export interface Contradicted {
  readonly where: OwnText;
  readonly line: string;
  /** As it stands there: "24 trays". */
  readonly says: string;
  /** What the plan says instead: "30 trays, 10 in a group". */
  readonly plan: string;
}

/**
 * Lines that somebody has worded and that name a number of units or of seeds, a plant, a group, a day or a place which the plan does not have.
 * @param experiment whose own texts are read; a text that follows the plan is never one
 * @returns each with where it stands, what it says and what the plan has
 */
export function contradictedLines(experiment: Experiment): Contradicted[] {
  return ownTexts(experiment).flatMap(({ where, line }) =>
    readers.flatMap((reader) => reader(line, experiment).map((own) => ({ where, line, ...own }))),
  );
}

type Against = Pick<Contradicted, 'says' | 'plan'>;

const readers: readonly ((line: string, experiment: Experiment) => Against[])[] = [units, putIn, days, plants, groups, places];

/** What somebody has worded, text by text. */
function ownTexts(experiment: Experiment): { readonly where: OwnText; readonly line: string }[] {
  const { plan, hypothesis } = experiment;
  const worded = (text: UnwordedText, line: string) => (plan.unworded.includes(text) ? [] : [line]);
  const ownKept = new Set(plan.templates?.kept.flatMap((template) => fill(template, experiment) ?? []));
  const texts: Readonly<Record<OwnText, readonly string[]>> = {
    kit: plan.materials,
    steps: ownLinesOf(experiment, 'steps'),
    kept: plan.templates === null ? [] : plan.kept.map(({ how }) => how).filter((how) => !ownKept.has(how)),
    endRule: worded('endRule', plan.endRule),
    hypothesis: worded('hypothesis', hypothesis),
    countsAsYes: worded('countsAsYes', plan.countsAsYes),
    decision: [plan.decision],
  };
  return ownTextNames.flatMap((where) => texts[where].filter((line) => line.trim() !== '').map((line) => ({ where, line })));
}

const ownTextNames = ['kit', 'steps', 'kept', 'endRule', 'hypothesis', 'countsAsYes', 'decision'] as const satisfies readonly OwnText[];

/** Numbers that stand before one of these nouns, or a word before it: "24 trays", "24 deep pots". */
function numbersBefore(line: string, nouns: readonly string[]): { readonly says: string; readonly number: number }[] {
  const known = nouns.filter((noun) => noun !== '').map(escapeRegExp);
  if (known.length === 0) return [];
  const pattern = new RegExp(`(?<![\\p{L}\\p{N}.,])(\\d+) (?:[\\p{L}-]+ )?(?:${known.join('|')})(?![\\p{L}\\p{N}-])`, 'giu');
  return [...line.matchAll(pattern)].map(([says, number]) => ({ says, number: Number(number) }));
}

function units(line: string, { units: all, arms, plan }: Experiment): Against[] {
  const perArm = arms.map(({ code }) => all.filter(({ arm }) => arm === code).length);
  const blocks = [...new Set(all.map(({ block }) => block))];
  const perBlock = blocks.map((own) => all.filter(({ block }) => block === own).length);
  const fits = new Set([1, all.length, blocks.length, ...perArm, ...perBlock, ...sums(perArm)]);
  const word = plural(plan.unitNoun);
  return numbersBefore(line, [word])
    .filter(({ number }) => !fits.has(number))
    .map(({ says }) => ({ says, plan: `${all.length} ${word}, ${oneOrMore(perArm)} in a group` }));
}

function putIn(line: string, { units: all, arms, plan }: Experiment): Against[] {
  const sown = all.flatMap((unit) => unit.sown ?? []);
  if (sown.length === 0) return [];
  const crop = cropName(plan);
  const perArm = arms.map(({ code }) => all.filter(({ arm }) => arm === code).reduce((sum, unit) => sum + (unit.sown ?? 0), 0));
  const total = sown.reduce((sum, one) => sum + one, 0);
  const fits = new Set([1, plan.plantsKept ?? 1, total, ...sown, ...perArm]);
  return numbersBefore(line, [plan.propagule, ...(crop === '' ? [] : [plural(crop), `${singular(crop)} ${plan.propagule}`])])
    .filter(({ number }) => !fits.has(number))
    .map(({ says }) => ({ says, plan: `${oneOrMore(sown)} in a ${plan.unitNoun}, ${total} in all` }));
}

function days(line: string, { measures, plan }: Experiment): Against[] {
  const last = Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays), ...plan.stages.flatMap((stage) => stage.days));
  return daysSaid(line)
    .filter(({ day }) => last > 0 && day > last)
    .map(({ says }) => ({ says, plan: `nothing after day ${last}` }));
}

/** Another crop than that of the plan, of which nothing in it speaks: basil is no mistake beside tomatoes that are grown with it. */
function plants(line: string, experiment: Experiment): Against[] {
  const crop = cropOf(experiment.plan);
  const named = cropNamed(line);
  if (crop === null || named === null || named.crop === crop || cropsIn(line).includes(crop)) return [];
  const { plan, arms, units: all, title, claim } = experiment;
  const spoken = [plan.changed, title, claim ?? '', ...arms.map(({ name }) => name), ...all.map(({ block }) => block ?? '')].join(' ');
  const got = plan.kit.things.map(({ what }) => what).join(' ');
  if (cropsIn(`${spoken} ${got}`).includes(named.crop)) return [];
  return [{ says: named.name, plan: cropName(plan) }];
}

/** "Group B" where there is none. */
function groups(line: string, { arms }: Experiment): Against[] {
  const known = new Set(
    arms.flatMap(({ code, name }) => [code, badgeOf(arms, code), ...name.split(' ')]).map((word) => word.toLowerCase()),
  );
  return [...line.matchAll(/\bgroups? ([A-Z]\p{L}?|[A-Z]?\d{1,3})\b/giu)]
    .filter(([, group = '']) => /[A-Z\d]/.test(group) && !known.has(group.toLowerCase()))
    .map(([says]) => ({ says, plan: `the groups ${inList(arms.map(({ code }) => badgeOf(arms, code)))}` }));
}

/** Where things stand, by the words that people have for it. */
const placeWords: readonly (readonly [RegExp, Plan['place'], string])[] = [
  [/\b(?:on|at) (?:the|a|our|my) (?:window ?sill|window)\b/i, 'sill', 'on a windowsill'],
  [/\bin (?:the|a|our|my) (?:garden )?beds?\b/i, 'bed', 'in a bed'],
  [/\bin (?:the|a|our|my) (?:fridge|refrigerator)\b/i, 'refrigerator', 'in a refrigerator'],
  [/\bon (?:the|a|our|my) bench\b/i, 'bench', 'on a bench'],
];

/** A place where nothing of the plan stands. */
function places(line: string, { plan }: Experiment): Against[] {
  const lit = plan.bench.some(({ light }) => light === 'window') ? (['sill'] as const) : [];
  const cold = plan.stages.some(({ kind }) => kind === 'cold') || plan.hazards.includes('cold') ? (['refrigerator'] as const) : [];
  const there = new Set<string>([plan.place, ...plan.bench.map(({ kind }) => kind), ...lit, ...cold]);
  return placeWords.flatMap(([pattern, place]) => {
    const says = pattern.exec(line)?.[0];
    return says === undefined || there.has(place)
      ? []
      : [{ says, plan: placeWords.find(([, own]) => own === plan.place)?.[2] ?? plan.place }];
  });
}

/** What some of the groups have together. */
const sums = (counts: readonly number[]) =>
  counts.reduce<number[]>((all, count) => [...all, ...all.map((sum) => sum + count)], [0]).slice(1);

const oneOrMore = (numbers: readonly number[]) => inList([...new Set(numbers)].sort((a, b) => a - b).map(String));
