/** A number that a person typed, as it stands in a sentence. */
export interface TypedNumber {
  readonly from: number;
  readonly to: number;
  readonly value: number;
  /** What follows it: "%", "points", "cm", "times", "dishes"; '' where nothing does. */
  readonly unit: string;
  /** How far from it a true value may lie and still be what was meant, by how it was rounded. */
  readonly slack: number;
  readonly about: 'exactly' | 'about' | 'over' | 'under';
  /** For "12 of 25": what it is out of. */
  readonly of: number | null;
}

const small = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
].concat(['fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen']);
const tens = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];
const numberWord = `(?:${tens.join('|')})(?:[- ](?:${small.slice(1, 10).join('|')}))?|${[...small].reverse().join('|')}|none|a hundred|one hundred`;
/** Parts and multiples, as shares of one. */
const parts: readonly (readonly [RegExp, number])[] = [
  [/^(?:three|3) quarters$/, 0.75],
  [/^(?:two|2) thirds$/, 2 / 3],
  [/^(?:a|one) quarter$/, 0.25],
  [/^(?:a|one) third$/, 1 / 3],
  [/^(?:a|one) fifth$/, 0.2],
  [/^(?:a|one) tenth$/, 0.1],
  [/^(?:one and a half(?: times)?|half as \w+ again)$/, 1.5],
  [/^half$/, 0.5],
  [/^(?:twice|double|doubled)$/, 2],
  [/^(?:three times|thrice|triple|tripled)$/, 3],
];
const partWord =
  'one and a half(?: times)?|half as \\w+ again|(?:three|3) quarters|(?:two|2) thirds|(?:a|one) (?:quarter|third|fifth|tenth)|half|twice|doubled?|thrice|tripled?';
const digits = '\\d{1,3}(?:,\\d{3})+(?:\\.\\d+)?|\\d+(?:[.,]\\d+)?';
const pattern = new RegExp(
  `(?<![\\w.,/-])(?:(?<part>${partWord})|(?<number>${digits}|${numberWord}))(?![\\w/-])(?:\\s*(?:out )?of (?:the )?(?<of>\\d+|${numberWord})(?![\\w.]))?(?:\\s*(?!in\\s+[a-z])(?<unit>%|[a-zµ°]+(?:[²³]|\\b)))?`,
  'gi',
);
const hedges: readonly (readonly [RegExp, TypedNumber['about']])[] = [
  [/\b(about|around|roughly|nearly|almost|some|approximately|circa|close to|just over|just under|only about)\s*$/i, 'about'],
  [/\b(more than|over|above|at least)\s*$/i, 'over'],
  [/\b(less than|fewer than|under|below|at most|up to|not even)\s*$/i, 'under'],
];

/**
 * The numbers in a sentence: digits, words, parts and multiples, with what follows them and how exactly they are meant.
 * @param text a sentence
 * @returns in the order in which they stand
 * @example numbersIn('about 12,5 cm') // value 12.5, unit 'cm', about
 */
export function numbersIn(text: string): TypedNumber[] {
  return [...text.matchAll(pattern)].map((match) => {
    const { part, number = '', of, unit = '' } = match.groups ?? {};
    const before = text.slice(0, match.index);
    const about = hedges.find(([words]) => words.test(before))?.[1] ?? 'exactly';
    const value = part === undefined ? valueOf(number) : partOf(part);
    const follows = unit.toLowerCase();
    const isPart = part !== undefined && !isMeasure(follows);
    return {
      from: match.index,
      to: match.index + (isPart ? part : match[0]).trimEnd().length,
      value,
      unit: isPart ? 'part' : follows,
      slack: slackOf(part ?? number, value, about),
      about,
      of: of === undefined ? null : valueOf(of),
    };
  });
}

const isMeasure = (unit: string) => unit === '%';

function partOf(words: string): number {
  return parts.find(([own]) => own.test(words.toLowerCase()))?.[1] ?? 1;
}

function valueOf(words: string): number {
  const plain = words.toLowerCase();
  if (/^\d/.test(plain)) return Number(/^\d{1,3}(,\d{3})+/.test(plain) ? plain.replaceAll(',', '') : plain.replace(',', '.'));
  if (plain === 'none') return 0;
  if (plain.endsWith('hundred')) return 100;
  const [first = '', second = ''] = plain.split(/[- ]/);
  const ten = tens.indexOf(first);
  return ten < 0 ? small.indexOf(first) : 10 * (ten + 2) + (second ? small.indexOf(second) : 0);
}

/** Half of the last figure typed; of round numbers, and of those said to be about, more. */
function slackOf(typed: string, value: number, about: TypedNumber['about']): number {
  const decimals = /[.,](\d{1,2})$/.exec(typed)?.[1]?.length ?? 0;
  const last = 0.5 * 10 ** -decimals;
  const isPart = /[a-z]/i.test(typed) && !Number.isInteger(value);
  if (isPart) return value * 0.16;
  const isRound = decimals === 0 && value >= 20 && value % 10 === 0;
  const round = isRound ? 5 : decimals === 0 && value >= 20 && value % 5 === 0 ? 2.5 : last;
  return about === 'about' ? Math.max(round, 0.1 * value) : round;
}
