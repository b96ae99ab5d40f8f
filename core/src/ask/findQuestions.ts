import MiniSearch from 'minisearch';
import { otherNames } from '../data/otherNames';
import type { ReadyQuestion } from './ReadyQuestion';
import { saysSomething, wordsOf } from '../quantities/wordsOf';

/** Shorter words are whole: "LED" is no beginning of "led", "pea" none of "peat". */
const FEWEST_BEGUN = 4;
/** Where nothing has it whole, these are begun with as well: one is still typing. */
const FEWEST_AT_ALL = 3;

/** Names of several words, the longest first, so that "root rot" is one thing and no root that rotates. */
const phrases = otherNames
  .flat()
  .map((name) => wordsOf(name))
  .filter((words) => words.length > 1)
  .sort((a, b) => b.length - a.length);

/**
 * The questions that fit every typed word: by plants, treatments and worries under any of their names, by what is changed, measured and kept,
 * and by their own text. From the start of words, with a slip of the finger where nothing else fits; all of them where nothing is typed.
 * @param questions the library
 * @param typed words in any order
 * @returns the best first; in the order of the library where nothing is typed
 */
export function findQuestions(questions: readonly ReadyQuestion[], typed: string): ReadyQuestion[] {
  const looked = termsOf(typed).join(' ');
  if (looked === '') return typed.trim() === '' || wordsOf(typed).length > 0 ? [...questions] : [];
  const index = indexOf(questions);
  const ways = [
    { prefix: begunFrom(FEWEST_BEGUN) },
    { prefix: begunFrom(FEWEST_AT_ALL) },
    { prefix: begunFrom(FEWEST_AT_ALL), fuzzy: (term: string) => (term.length > FEWEST_BEGUN ? 0.25 : false) },
  ];
  for (const way of ways) {
    const found = index.search(looked, { ...way, boost: { title: 3, names: 2 }, combineWith: 'AND' });
    if (found.length > 0) return found.flatMap(({ id }) => questions.find((question) => question.id === id) ?? []);
  }
  return [];
}

const begunFrom = (fewest: number) => (term: string) => term.length >= fewest;

const indexes = new WeakMap<readonly ReadyQuestion[], MiniSearch>();

function indexOf(questions: readonly ReadyQuestion[]): MiniSearch {
  const known = indexes.get(questions);
  if (known) return known;
  const index = new MiniSearch({ fields: ['title', 'names', 'text'], tokenize: (text) => text.split(' '), processTerm: (term) => term });
  index.addAll(questions.map((question) => ({ id: question.id, ...textsOf(question) })));
  indexes.set(questions, index);
  return index;
}

function textsOf(question: ReadyQuestion): { readonly title: string; readonly names: string; readonly text: string } {
  const { title, about, plant, changed, words, arms, measures, kept } = question;
  const own = [title, plant, changed, ...words, ...arms.map(({ name }) => name)].map((text) => wordsOf(text));
  const has = (name: string) => own.some((text) => placeOf(text, wordsOf(name)) >= 0);
  const others = otherNames.filter((names) => names.some(has)).flat();
  const text = [
    question.question.replace(/\{[^}]*\}/g, ''),
    ...arms.map(({ phrase }) => phrase),
    about,
    ...measures.map(({ name }) => name),
    ...kept.flatMap(Object.values),
  ];
  const terms = (texts: readonly string[]) => [...new Set(texts.flatMap((one) => [...wordsOf(one), ...termsOf(one)]))].join(' ');
  return {
    title: terms([title]),
    names: terms([...words, plant, changed, ...arms.map(({ name }) => name), ...others]),
    text: terms(text.map(String)),
  };
}

/** What is looked for in a text: names of several words as one, then its words, small ones left out. */
function termsOf(text: string): string[] {
  let rest = wordsOf(text);
  const found: string[] = [];
  for (const phrase of phrases) {
    const at = placeOf(rest, phrase);
    if (at < 0) continue;
    found.push(phrase.join('_'));
    rest = [...rest.slice(0, at), ...rest.slice(at + phrase.length)];
  }
  return [...found, ...rest.filter(saysSomething)];
}

/** Where some words stand together in others; −1 where they do not. */
function placeOf(text: readonly string[], words: readonly string[]): number {
  return text.findIndex((_, at) => words.every((word, i) => text[at + i] === word));
}
