/** A word that no one could measure, and what to ask about it. */
export interface Vague {
  readonly word: string;
  readonly ask: string;
}

const vagueWords: readonly (readonly [RegExp, string])[] = [
  [
    /\b(better|best|improves?|boosts?|benefits?|helps?|great|wonders|good for|works?)\b/,
    'Better in what: taller, heavier, more fruit, sooner?',
  ],
  [
    /\b(health(y|ier)|strong(er)?|happ(y|ier)|vigou?r(ous)?|thriv(e|es|ing)|flourish\w*|love[s]?)\b/,
    'How would two people see the same: leaf colour, number of leaves, mass, how many live?',
  ],
  [/\b(faster|quicker|quickly|fast|speeds? up)\b/, 'Faster at what: first sprout, first flower, height at four weeks?'],
  [/\b(feeds (?!a )|nourish\w*|energ\w*|stimulat\w*)\b/, 'What would one measure if it is fed?'],
  [/\b(always|never|everyone|everybody|all)\b/, 'Here it can only be tested on your plants, in your place.'],
];

/**
 * Words of a sentence that no two people would read the same, each with what to ask.
 * @param sentence a claim or a hypothesis
 * @returns none where all can be measured
 */
export function vagueIn(sentence: string): Vague[] {
  const lower = sentence.toLowerCase();
  return vagueWords.flatMap(([words, ask]) => {
    const word = words.exec(lower)?.[0];
    return word ? [{ word, ask }] : [];
  });
}

const vagueName = /\b(better|worse|nicer|healthier|healthy|happier|best|well|good|strength|vigou?r|does|success)\b/i;

/**
 * Whether a measure is named by a judgement that two people would make differently.
 * @param name of the measure
 */
export const isVagueName = (name: string): boolean => vagueName.test(name);
