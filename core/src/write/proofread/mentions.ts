import { escapeRegExp } from 'lodash-es';
import { itemAt } from '../../invariant';
import { controlOf, type Experiment } from '../../model';
import type { TypedNumber } from './numbersIn';

/** What is spoken of near a place in a sentence. */
interface Near {
  /** Codes of arms, in the order in which they are named. */
  readonly arms: readonly string[];
  readonly measures: readonly string[];
}

/** A sentence with the names of arms and doses taken out, so that their numbers are not taken for results. */
export interface Mentions {
  /** As long as the sentence: what was taken out is blank. */
  readonly text: string;
  readonly near: (at: number) => Near;
  /** The arm of which something is said, named before "than"; null where only the other one is. */
  readonly subject: string | null;
  /** The part between commas, "and", "but" in which a number stands. */
  readonly clause: (number: TypedNumber) => string;
  /** Whether the number is one end of a range, or of a single unit. */
  readonly isRange: (number: TypedNumber) => boolean;
  /** Whether the number is a difference: fewer, more, than. */
  readonly compares: (number: TypedNumber) => boolean;
}

const breaks = /[,;:.]\s|\s(?:and|but|while|whereas|compared (?:to|with))\s/gi;
const comparing =
  /\b(fewer|less|lower|shorter|smaller|sooner|earlier|lighter|more|higher|taller|longer|bigger|greater|later|heavier|difference|gap|than|by|reduc\w+|increas\w+|decreas\w+|dropped|fell|rose|extra)\b/i;
/** "Less than a third" is no difference. */
const hedge = /\b(?:more|less|fewer|other|rather) than\s*$/i;
const range = /\bbetween\s+[^.]*\d\s*(?:%|[a-z]+)?\s+and\s+\d|\d\s*(?:%|[a-z]+)?\s*(?:to|–|-)\s*\d/i;
const extremes =
  /\b(best|worst|highest|lowest|tallest|shortest|most|fewest|least|up to|at most|at least|interval|ranged?|one (?:dish|pot|tray|plant|jar|unit))\b/i;
const dose = /\b\d+(?:[.,]\d+)?\s?(?:mM|M|°C|ppm|lux|µmol|K)(?![a-z])/g;

/**
 * Finds the arms and measures that a sentence names.
 * @param sentence as typed
 * @param experiment with its arms and measures
 * @returns the sentence without their names, and who is near what
 */
export function mentionsIn(sentence: string, { arms, measures }: Experiment): Mentions {
  let text = sentence;
  const named: { code: string; at: number }[] = [];
  const take = (words: string, code: string | null) => {
    if (words.trim() === '') return;
    const found = new RegExp(`(?<!\\w)${escaped(words)}(?!\\w)`, 'gi');
    text = text.replace(found, (match, ...rest: unknown[]) => {
      const at = rest.find((own) => typeof own === 'number');
      if (code !== null) named.push({ code, at: at ?? 0 });
      return ' '.repeat(match.length);
    });
  };
  for (const { code: arm, name } of [...arms].sort((a, b) => b.name.length - a.name.length)) take(name, arm);
  for (const { code: arm, dose: amount, doseUnit } of arms)
    if (amount !== null && amount !== 0) take(`${amount} ${doseUnit ?? ''}`.trim(), arm);
  const control = controlOf(arms)?.code ?? null;
  take('controls', control);
  take('control', control);
  const treatments = arms.filter(({ role }) => role === 'treatment');
  if (treatments.length === 1) for (const words of ['treatment', 'treated']) take(words, itemAt(treatments, 0).code);
  for (const { code: arm } of arms) if (/[A-Z0-9]/.test(arm) && arm.length > 1 && !/^\d+$/.test(arm)) take(arm, arm);
  text = text.replace(dose, (match) => ' '.repeat(match.length));
  const spoken = measures.flatMap(({ code: measure, name }) =>
    wordsOf(name).flatMap((word) => {
      const at = sentence.toLowerCase().search(new RegExp(`\\b${escaped(word)}`));
      return at < 0 ? [] : [measure];
    }),
  );
  const edges = [0, ...[...sentence.matchAll(breaks)].map((match) => match.index + match[0].length), sentence.length];
  const clauseAt = (at: number): readonly [number, number] => {
    const i = edges.findIndex((edge, k) => at >= edge && at < (edges[k + 1] ?? Infinity));
    return [itemAt(edges, Math.max(0, i)), edges[i + 1] ?? sentence.length];
  };
  const inside = (from: number, to: number) => [
    ...new Set(
      [...named]
        .sort((a, b) => a.at - b.at)
        .filter(({ at }) => at >= from && at < to)
        .map(({ code }) => code),
    ),
  ];
  const than = sentence.search(/\b(?:than|compared (?:to|with)|as in|as with)\b/i);
  const subjects = inside(0, than < 0 ? sentence.length : than);
  const clause = ({ from }: TypedNumber) => text.slice(...clauseAt(from));
  return {
    text,
    near: (at) => {
      const own = inside(...clauseAt(at));
      return { arms: own.length > 0 ? own : inside(0, sentence.length), measures: [...new Set(spoken)] };
    },
    subject: subjects[0] ?? null,
    clause,
    compares: (number) => {
      const [from, to] = clauseAt(number.from);
      const before = text.slice(from, number.from).replace(hedge, '');
      return comparing.test(`${before} ${text.slice(number.to, to)}`);
    },
    isRange: (number) => range.test(text) || extremes.test(clause(number)),
  };
}

const escaped = (words: string) => escapeRegExp(words).replace(/\s+/g, '\\s+');

/** Words of a measure's name that say which one it is. */
const wordsOf = (name: string) =>
  name
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 3 && !['normal', 'first', 'last', 'total', 'with', 'longest'].includes(word));
