import type { OnPurpose, WorksBy } from '../../model';

// From the trade: words by which people say how something works (common practice).
const ways: readonly (readonly [WorksBy, RegExp])[] = [
  ['ground', /\b(ground(ed)?|earth(ed)?|soil life|worms|fung(us|i)|mycorrhiza\w*|antenna|aerial)\b/i],
  ['sky', /\b(moon\w*|starlight|sky|sun(light)?|atmospher\w*|weather|rain)\b/i],
  ['air', /\b(smell\w*|scent|vapou?r|gas|fumes?|breath\w*|smoke|perfume)\b/i],
  ['sound', /\b(music|sound\w*|sing\w*|talk\w*|speech|noise|vibrat\w*|loud)\b/i],
  ['nearness', /\b(near|next to|beside|around|companion|neighbou?r\w*|magnet\w*|electric\w*|field|wire|coil|light|lamp)\b/i],
];

const purposes: readonly (readonly [OnPurpose, RegExp])[] = [
  ['seed', /\b(seed|lot|variety|mother|kind)s?\b/i],
  ['start', /\b(date|day|time|moon|when|timing)\b/i],
  ['water', /\b(water|wet|moist|drought|dry)/i],
  ['feed', /\b(feed|fertil|nutrient|food)/i],
];

const found = <Code>(rows: readonly (readonly [Code, RegExp])[], text: string): Code[] =>
  rows.filter(([, words]) => words.test(text)).map(([code]) => code);

/**
 * Through what a claim is said to work: a first guess, which its person can change.
 * @param said the claim, how it is said to work, and what is done
 */
export const worksByIn = (said: string): WorksBy[] => found(ways, said);

/**
 * What a treatment makes differ on purpose: a first guess, which its person can change.
 * @param treatment as the claim names it
 */
export const onPurposeIn = (treatment: string): OnPurpose[] => found(purposes, treatment);
