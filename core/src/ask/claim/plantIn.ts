import { itemAt } from '../../invariant';
import { tokensOf, type Token } from './language';
import { formsOf, plants, tooWide } from './plants';
import { STUFF } from './plantWords';

interface Named {
  readonly plant: string;
  readonly wide: boolean;
  /** Not what the plants are given, and not what stands beside them. */
  readonly grown: boolean;
  readonly length: number;
  readonly at: number;
}

/**
 * The plant that a claim is about: one that is named in what it says would come of it, else in what is done.
 * @param effect what it is said to do
 * @param treatment what is done; null where it is not said
 * @returns as it stands in the list of plants; a name for many where no other is found; null where none is
 */
export function plantIn(effect: readonly Token[], treatment: string | null): string | null {
  const said = effect.map(({ word }) => word).join(' ');
  const done = (treatment ?? '').toLowerCase();
  const named = [...namedIn(said, 'effect'), ...namedIn(done, 'treatment').map((own) => ({ ...own, at: own.at + 1000 }))];
  const best = [...named].sort(
    (a, b) =>
      Number(a.wide) - Number(b.wide) || Number(b.grown) - Number(a.grown) || Number(a.at >= 1000) - Number(b.at >= 1000) || orderOf(a, b),
  )[0];
  const other = unlisted(effect) ?? (treatment === null ? null : unlisted(tokensOf(treatment)));
  if (best && !best.wide) return best.plant;
  return other ?? best?.plant ?? null;
}

const orderOf = (a: Named, b: Named) => (a.grown ? a.at - b.at : b.at - a.at) || b.length - a.length;

/** Every form of every plant, made ready once. */
const forms = plants.flatMap((plant) =>
  formsOf(plant).map((form) => ({ plant, form, wide: tooWide.has(plant), pattern: new RegExp(`\\b${form}\\b`, 'g') })),
);

function namedIn(text: string, from: 'effect' | 'treatment'): Named[] {
  const found = forms.flatMap(({ plant, form, wide, pattern }): Named[] =>
    text.includes(form)
      ? [...text.matchAll(pattern)].map(({ index }) => ({
          plant,
          wide,
          grown: isGrown(text, index, form, from),
          length: form.length,
          at: index,
        }))
      : [],
  );
  // "Sweet peas" are no peas.
  return found.filter(
    (own) => !found.some((other) => other.length > own.length && other.at <= own.at && other.at + other.length >= own.at + own.length),
  );
}

function isGrown(text: string, at: number, form: string, from: 'effect' | 'treatment'): boolean {
  const after = text
    .slice(at + form.length)
    .trim()
    .split(' ');
  const before = text.slice(0, at).trim().split(' ').at(-1) ?? '';
  if (STUFF.test(after[0] ?? '')) return false;
  if (
    /^(planted|buried|placed|laid|scattered|sown|grown|next|beside|between|among|under|around|nearby|keeps?|deters?|repels?|protects?|draws?|attracts?)$/.test(
      after[0] ?? '',
    ) &&
    from === 'treatment' &&
    /\b(next to|beside|with|near|between|among|under|around|alongside)\b/.test(text.slice(at))
  )
    return false;
  return from === 'treatment' || !/^(beside|near|with|alongside)$/.test(before);
}

/** A plant that is in no list: the word before "seeds", "seedlings", "cuttings", "plants". */
function unlisted(tokens: readonly Token[]): string | null {
  const at = tokens.findIndex(
    ({ word }, i) => i > 0 && /^(seeds?|seedlings?|cuttings|plants|bulbs|tubers)$/.test(word) && isName(itemAt(tokens, i - 1)),
  );
  return at < 0 ? null : `${itemAt(tokens, at - 1).word} plants`;
}

function isName({ word, tags, pause }: Token): boolean {
  return (
    tags.has('Noun') &&
    pause === '' &&
    word.length > 2 &&
    !['Verb', 'Adjective', 'Pronoun', 'Possessive', 'Determiner', 'Preposition', 'Value'].some((tag) => tags.has(tag)) &&
    !NO_NAME.test(word)
  );
}

const NO_NAME =
  /^(house|pot|store|shop|garden|flower|vegetable|tree|weed|stem|leaf|root|mother|spring|summer|winter|autumn|kitchen|salad|fruit|neighbour|supermarket|others?|all|rest|old|dry|wet|plants?|seeds?|harms?|kills?|helps?|makes?|keeps?|gives?)$/;
