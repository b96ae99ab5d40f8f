import type { ReadyQuestion } from './ReadyQuestion';

/**
 * The questions that fit every typed word, in plants, treatments, worries or their own text; all of them where nothing is typed.
 * @param questions the library
 * @param typed words in any order; a beginning of a word is enough
 * @returns in the order of the library
 */
export function findQuestions(questions: readonly ReadyQuestion[], typed: string): ReadyQuestion[] {
  const words = typed
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word.length > 1);
  return questions.filter((question) => {
    const text = [
      question.title,
      question.about,
      question.question,
      question.plant,
      ...question.words,
      ...question.arms.map((arm) => arm.name),
    ]
      .join(' ')
      .toLowerCase();
    return words.every((word) => text.includes(stem(word)));
  });
}

/** A word without its plural ending, so that "beans" finds "bean". */
function stem(word: string): string {
  return word.length > 4 ? word.replace(/(ies|es|s)$/, '') : word;
}
