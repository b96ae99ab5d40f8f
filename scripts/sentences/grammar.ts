import { plural, type Study } from '@fern/core';

/** Words that the product does not use (docs and screens say the other): one a line with what is said in its place. */
const never = /\b(arms?|gaps?|told apart|dealt|anew|foretold|reckon\w*|as good as alike|put right|which may be luck)\b/i;

/** What is wrong with a sentence by rules of grammar and style; empty where nothing is. */
export function faultsOf(text: string, { experiment: { plan, arms, measures } }: Study): string[] {
  // People's own words and names are theirs.
  const own = [plan.plant, ...arms.flatMap(({ name, phrase }) => [phrase, name]), ...measures.map(({ name }) => name)]
    .filter((name) => name.length > 1)
    .sort((a, b) => b.length - a.length);
  const bare = own.reduce((rest, name) => rest.replaceAll(name, 'thing'), text).replaceAll(/“[^”]*”/g, '“thing”');
  const word = plan.unitNoun;
  const many = plural(word);
  const rules: readonly (readonly [string, boolean])[] = [
    ['begins with a small letter', /^\p{Ll}.*\.$/u.test(text) && !text.includes(': ')],
    ['a word stands twice', /\b(with|in|than|of|to|the|an?|and|for|is|are|on) \1\b/i.test(bare)],
    ['one in the plural', new RegExp(`(?<![\\d.,–-])1 (?:${many}|days|groups|readings|pairs|blocks|units)\\b`).test(bare)],
    [
      'several in the singular',
      word !== many && new RegExp(`(?<![\\d.,:#])(?:[2-9]|\\d\\d+) (?:${word}|day|group|reading|pair)\\b(?![ -]thing)`).test(bare),
    ],
    ['a sign of the program', /undefined|NaN|\[object|Infinity|10\^/.test(text)],
    ['spacing', / {2}| [,;.](?!\d)|,,|\.\.(?!\.)|\( | \)/.test(text)],
    ['a word that is not used', never.test(bare)],
    ['a space before %', /\d %/.test(bare)],
  ];
  return rules.flatMap(([rule, isBroken]) => (isBroken ? [rule] : []));
}
