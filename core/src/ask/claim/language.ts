import nlp from 'compromise';
import { formsOf, plants } from './plants';

/** One word of a claim with what kind of word it is. */
export interface Token {
  /** In small letters, without punctuation. */
  readonly word: string;
  readonly text: string;
  readonly tags: ReadonlySet<string>;
  /** The comma, colon or dash that stands after it; empty where none does. */
  readonly pause: string;
  /** A hyphen binds it to the next. */
  readonly bound: boolean;
}

/** Things of the trade that a general reader of English takes for something that is done. */
const things =
  'grounds shells eggshells castings peels skins needles clippings ashes coils roots buds pots slugs slug flies blooms nails pennies coins pellets flakes chips sticks seedling mulch manure compost perlite vermiculite peat bark mildew sand gravel straw bleach fleece foil netting filters'.split(
    ' ',
  );

/** A word that names a thing, also where it could be a verb. */
export const isThing = (word: string): boolean => things.includes(word);

const lexicon: Readonly<Record<string, string>> = {
  ...Object.fromEntries(
    plants.flatMap((plant) => formsOf(plant).map((form) => [form, form === plant && /s$|i$/.test(form) ? 'Plural' : 'Singular'])),
  ),
  ...Object.fromEntries(things.map((word) => [word, word.endsWith('s') ? 'Plural' : 'Singular'])),
};
const own = nlp.extend({ words: lexicon });

interface Term {
  readonly text: string;
  readonly normal: string;
  readonly post: string;
  readonly tags: readonly string[];
}

const contractions: readonly (readonly [RegExp, string])[] = [
  [/\bwon't\b/gi, 'will not'],
  [/\bcan't\b/gi, 'cannot'],
  [/n't\b/gi, ' not'],
  [/'re\b/gi, ' are'],
  [/'ll\b/gi, ' will'],
  [/'ve\b/gi, ' have'],
  [/\b(it|that|there|he|she|what)'s\b/gi, '$1 is'],
];

/** A text on one line, with plain quotes and written-out verbs. */
export function plainText(text: string): string {
  const plain = text.trim().replaceAll(/[“”"]/g, '').replaceAll(/[‘’]/g, "'").replace(/\s+/g, ' ');
  return contractions.reduce((rest, [short, long]) => rest.replace(short, long), plain);
}

/** The words of a text in order. */
export function tokensOf(text: string): Token[] {
  const sentences = own(text).json({ terms: { text: true, normal: true, tags: true, post: true } }) as readonly {
    readonly terms: readonly Term[];
  }[];
  return sentences.flatMap(({ terms }) =>
    terms
      .filter((term) => term.text !== '')
      .map((term, i): Token => ({
        word: term.normal.replace(/[^\p{L}\p{N}%°'.-]/gu, ''),
        text: term.text,
        tags: new Set(term.tags),
        bound: /^-\S?$/.test(term.post),
        pause: /[,;:.!?–—(]/.exec(term.post)?.[0] ?? (i === terms.length - 1 ? '.' : ''),
      })),
  );
}

/** Words as they were typed, without the punctuation at their end. */
export function textOfTokens(tokens: readonly Token[]): string {
  return tokens
    .map(({ text, pause, bound }, i) => `${text}${i === tokens.length - 1 ? '' : bound ? '-' : pause === '' ? ' ' : ', '}`)
    .join('')
    .replace(/[,;:.!?]+$/, '');
}

/** The form in -ing of what is done: "bury a peel" becomes "burying a peel". */
export function gerundOf(verb: string): string {
  const { Gerund } = (own(verb).tag('Infinitive').verbs().conjugate()[0] ?? {}) as { readonly Gerund?: string };
  return Gerund?.split(' ').at(-1) ?? verb;
}
