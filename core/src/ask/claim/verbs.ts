import { itemAt } from '../../invariant';
import { isPlantWord } from './plantWords';
import { isThing, type Token } from './language';

/** Verbs by which a thing done acts on a plant; the first of them ends what is done. */
const EFFECT_VERBS = new RegExp(
  `^(${[
    'makes?|made|helps?|helped|gives?|gave|gets?|doubles?|triples?|quadruples?|halves|boosts?|speeds?|stops?|keeps?|prevents?|increases?|reduces?|improves?|slows?',
    'stunts?|kills?|harms?|hurts?|damages?|ruins?|produces?|brings?|deters?|repels?|protects?|leads?|causes?|lets?|yields?|delays?|feeds|turns?|drives?',
    'attracts?|draws?|burns?|allows?|encourages?|promotes?|stimulates?|forces?|enables?|raises?|lowers?|cuts|changes?|affects?|influences?|matters?|means?|saves?|wards?|scares?',
    'greens?|sweetens?|strengthens?|weakens?|thickens?|prolongs?|extends?|shortens?|lengthens?|hinders?|inhibits?|suppress(es)?|hastens?|accelerates?|retards?|triggers?|results?|does|do|works?|beats?|outgrows?|contains?|holds?|stores?|drains?',
    'grows?|grew|comes?|came|sprouts?|germinates?|flowers?|blooms?|blossoms?|ripens?|roots?|crops?|fruits?|tastes?|smells?|lasts?|lives?|dies?|survives?|thrives?|wilts?|droops?|leans?|bends?|rots?|stays?|stands?|looks?|emerges?|bolts?|needs?|likes?|loves?|hates?|prefers?|wants?|takes?|has|have|is|are|was|were|will|would|can|could|may|might|should|must|do|loses?|develops?|becomes?|becames?|appears?|starts?|begins?|sets?|bears?|forms?|reach(es)?|weighs?|establish(es)?|suffers?|fails?|recovers?|dries|dry|shoots?|goes|go|falls?|cracks?|splits?|swells?|follows?|spreads?|fades?|rusts?|freezes?|swells?',
  ].join('|')})$`,
);

/** Verbs that stay with the plant: what is done stands before it or after, never as their doer. */
const PLANT_VERBS =
  /^(grows?|grew|comes?|came|sprout(s|ed)?|germinate[sd]?|flower(s|ed)?|bloom(s|ed)?|blossom(s|ed)?|ripen(s|ed)?|root(s|ed)?|crop(s|ped)?|tastes?|smells?|lasts?|lives?|dies?|died|survive[sd]?|thrives?|wilt(s|ed)?|droop(s|ed)?|leans?|bends?|rots?|stays?|stands?|looks?|emerges?|bolts?|needs?|likes?|loves?|hates?|prefers?|wants?|takes?|has|have|is|are|was|were|will|would|can|could|may|might|should|must|do|does|loses?|develops?|becomes?|starts?|begins?|bears?|forms?|sets?|reach(es)?|weighs?|suffers?|fails?|recovers?|dries|dry|shoots?|goes|go|falls?|turns?|gets?|yields?|produces?|gives?|fruits?)$/;

export const isPlantVerb = (token: Token | undefined): boolean => token !== undefined && PLANT_VERBS.test(token.word);

const RELATIVE = /^(that|which|who|whose|where)$/;

/**
 * Where the verb of a sentence stands: the first that is no participle, no part of "that gets …", and no noun that looks like a verb.
 * @param tokens of one sentence
 * @returns its place; −1 where there is none
 */
export function verbAt(tokens: readonly Token[]): number {
  let relatives = 0;
  for (let i = 0; i < tokens.length; i += 1) {
    const { word } = itemAt(tokens, i);
    if (i > 0 && RELATIVE.test(word) && itemAt(tokens, i - 1).pause === '') {
      const own = relativeVerbAt(tokens, i + 1);
      if (own < 0) relatives += 1;
      else i = own;
      continue;
    }
    if (i === 0 || !isFinite(tokens, i)) continue;
    if (relatives === 0) return i;
    relatives -= 1;
    // "that were soaked", "that are being fed": the helper and its participle are one verb.
    while (i + 1 < tokens.length && /^(been|being|not|never|always)$|ed$|en$/.test(itemAt(tokens, i + 1).word)) i += 1;
  }
  return -1;
}

/** The verb of "that gets …", "that climb": the first after it, and the participle that goes with it. */
function relativeVerbAt(tokens: readonly Token[], from: number): number {
  const at = tokens.findIndex(({ tags }, i) => i >= from && i < from + 3 && tags.has('Verb') && !tags.has('Gerund'));
  if (at < 0) return -1;
  let last = at;
  while (last + 1 < tokens.length && /^(been|being|not|never|always)$|ed$|en$/.test(itemAt(tokens, last + 1).word)) last += 1;
  return last;
}

function isFinite(tokens: readonly Token[], i: number): boolean {
  const { word, tags } = itemAt(tokens, i);
  const before = itemAt(tokens, i - 1);
  if (
    /^(to|the|a|an|your|my|their|its|of|for|in|with|by|on|from|under|at|some|any|more|less|no|without|than|and|or)$/.test(before.word) &&
    !/^(is|are|will|can)$/.test(word)
  )
    return false;
  if (word === 'can' && before.word === 'watering') return false;
  // "Letting onions dry makes": what they are let do is no verb of the sentence.
  if (/^(letting|making|helping|having)$/.test(itemAt(tokens, 0).word) && tags.has('Infinitive') && !/s$/.test(word)) return false;
  if (word === 'cut') return /^(the|down|their)$/.test(tokens[i + 1]?.word ?? '') && before.tags.has('Plural');
  if (
    before.tags.has('Gerund') &&
    tags.has('Noun') &&
    !/^(morning|evening|spring)$/.test(before.word) &&
    !/s$|^(will|can|make|help)$/.test(word)
  )
    return false;
  if (
    before.tags.has('Adjective') &&
    !before.tags.has('Comparative') &&
    /^(flowers|roots|crops|plants|shoots|sets|grounds|works|forms|starts|looks|cuts|turns|drains|stores)$/.test(word)
  )
    return false;
  if (
    /^(roots?|crops?|shoots?|flowers?|fruits?)$/.test(word) &&
    /^(cuttings?|buds?|stems?|heads?|stalks?|trees?|bushes|set|skins?|juice|growth|system|systems|rot|hormone|powder|mass|length|vegetables?|tips?|balls?|zones?)$/.test(
      tokens[i + 1]?.word ?? '',
    )
  )
    return false;
  if (EFFECT_VERBS.test(word) && !tags.has('Gerund')) return !isNounHere(tokens, i);
  return (
    !isPlantWord(word) &&
    !isThing(word) &&
    !before.tags.has('Adjective') &&
    tags.has('Verb') &&
    tags.has('PresentTense') &&
    !tags.has('Gerund') &&
    !tags.has('Noun') &&
    !tags.has('Infinitive')
  );
}

/** "Root", "feed", "flowers" or "yield" as a thing: another verb of the sentence follows close. */
function isNounHere(tokens: readonly Token[], i: number): boolean {
  const { word } = itemAt(tokens, i);
  if (
    !/^(flowers|roots|crops?|fruits|shoots?|feeds|cuts|yields?|works|blooms?|blossoms?|needs|drains?|stores?|looks?|turns|starts?|stands?|lives|bark|leads|dry|like|burns?|rots?|roots|flower|fruit|root)$/.test(
      word,
    )
  )
    return false;
  const next = tokens[i + 1];
  return next !== undefined && EFFECT_VERBS.test(next.word) && !next.tags.has('Adverb');
}
