import type { ReadClaim } from './claim/readClaim';
import { otherNames } from '../data/otherNames';
import type { ReadyQuestion } from './ReadyQuestion';
import { saysSomething, wordsOf } from '../quantities/wordsOf';

/** The ready-made question that comes nearest to a claim, and what of the claim it would keep. */
export interface Closest {
  readonly question: ReadyQuestion;
  readonly kept: readonly string[];
  readonly lost: readonly string[];
}

type Parts = Pick<ReadClaim, 'plant' | 'treatment'> & { readonly measureName: string | null };

/** Words of many treatments that say nothing of what is done. */
const TELL_NOTHING = new Set(
  (
    'every day week night month morning evening time hour minute first last spoon teaspoon one two three half third too much more less above under over up down off out ' +
    'between among beside near next planted plant sown sow grow growing grown put give keep keeping leave leaving remove removing take taken add adding bury burying drop layer ' +
    'string short long large big small top middle end pot vase seed soil ground leaf stem water feed good old new piece way level all strong plain hot cold summer winter pair ' +
    'standing rolled rubbed cut closer further young crushed pea bean day clean air flower onion milled sprout root straw peas'
  ).split(' '),
);

/** A word that stands in more questions than these tells none of them. */
const MOST_WITH_WORD = 4;

/**
 * The ready-made question that tests most nearly what a claim says, by what is done.
 * @param questions of the library
 * @param claim its parts
 * @returns null where none of them does anything like it
 */
export function closestQuestion(questions: readonly ReadyQuestion[], { plant, treatment, measureName }: Parts): Closest | null {
  const ready = questions.filter(({ theme }) => theme !== 'frames').map((question) => ({ question, words: doneIn(question) }));
  const ofPlant = new Set(wordsOf(plant ?? ''));
  const telling = [...new Set(wordsOf(treatment ?? '').map(plainForm))].filter(
    (word) => word.length > 2 && saysSomething(word) && !TELL_NOTHING.has(word) && !ofPlant.has(word),
  );
  // The first words tell most: "coffee grounds under the mulch".
  const scoreOf = (own: ReadonlySet<string>) =>
    telling.reduce((sum, word, i) => {
      const many = ready.filter(({ words }) => words.has(word)).length;
      return sum + (own.has(word) && many <= MOST_WITH_WORD ? 1 / many / (1 + i) : 0);
    }, 0);
  const [best] = ready.map(({ question, words }) => ({ question, score: scoreOf(words) })).sort((a, b) => b.score - a.score);
  if (!best || best.score === 0) return null;
  const measures = wordsOf(best.question.measures.map(({ name }) => name).join(' '));
  const isRead = measureName !== null && wordsOf(measureName).some((word) => saysSomething(word) && measures.includes(word));
  const parts = [
    { words: plant === null ? '' : `the plant, ${plant}`, isKept: true },
    { words: `what is done, “${treatment}”`, isKept: false },
    { words: measureName === null ? '' : `what is measured, ${measureName}`, isKept: isRead },
  ].filter(({ words }) => words !== '');
  return {
    question: best.question,
    kept: parts.filter(({ isKept }) => isKept).map(({ words }) => words),
    lost: parts.filter(({ isKept }) => !isKept).map(({ words }) => words),
  };
}

/** "Deeper" is deep. */
const plainForm = (word: string) => (/^(deep|warm|cold|high|close|short|long)er$/.test(word) ? word.slice(0, -2) : word);

/** Words of what a question does to the plants, under their other names too. */
function doneIn({ changed, words, arms, plant }: ReadyQuestion): ReadonlySet<string> {
  const own = [changed, ...words, ...arms.map(({ name }) => name)].map((text) => wordsOf(text));
  const has = (name: string) => own.some((text) => wordsOf(name).every((word) => text.includes(word)));
  const all = [...own.flat(), ...otherNames.filter((names) => names.some(has)).flatMap((names) => names.flatMap((name) => wordsOf(name)))];
  const ofPlant = new Set(wordsOf(plant));
  return new Set(all.filter((word) => !ofPlant.has(word)));
}
