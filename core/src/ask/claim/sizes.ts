import { entryOf } from '../../invariant';

/** A size that a claim gives: so many times, so many per cent, or so much in a unit. */
export interface ClaimedSize {
  readonly words: string;
  /** Treated over control, for days their speed; null where the size is not a ratio. */
  readonly ratio: number | null;
}

const numbers: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fourteen: 14,
  twenty: 20,
  thirty: 30,
  fifty: 50,
  couple: 2,
  'a couple of': 2,
  'a few': 3,
  half: 0.5,
};
const NUMBER = '\\d+(?:[.,]\\d+)?|a couple of|a|an|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fourteen|twenty|thirty|fifty';
const LESS =
  /\b(less|fewer|smaller|shorter|lighter|lower(s|ed)?|reduc\w*|cut(s|ting)?|decreas\w*|slow\w*|delay\w*|later|drop(s|ped)?|los(e|es|ing)|kill(s|ed)?|halv\w*|stunt\w*|shrink\w*|prevent\w*)\b/;
const COMPARED =
  'more|less|fewer|bigger|larger|smaller|taller|shorter|heavier|lighter|higher|lower|longer|faster|slower|quicker|sooner|earlier|later|better|greener|wider|thicker|thinner|sweeter|deeper|increase|improvement|reduction|boost|drop|extra';
const FRACTIONS: Readonly<Record<string, number>> = { third: 1 / 3, quarter: 0.25, half: 0.5, fifth: 0.2, tenth: 0.1 };

/**
 * The size that a claim promises. "Half come up" or "80% germinate" is a rate, and "twice a week" a habit: neither is a size.
 * @param lower what it is said to do, in small letters
 * @param ofTime what is measured is the day of something
 * @returns null where it gives none
 */
export function sizeIn(lower: string, ofTime: boolean): ClaimedSize | null {
  return (ofTime ? halfTheTime(lower) : null) ?? timesIn(lower) ?? fractionIn(lower) ?? percentIn(lower) ?? muchIn(lower);
}

function halfTheTime(lower: string): ClaimedSize | null {
  const found = /\b(?:in|takes?) half the time\b/.exec(lower);
  return found && { words: found[0], ratio: 2 };
}

function timesIn(lower: string): ClaimedSize | null {
  const times = new RegExp(`\\b(${NUMBER}) ?(?:times|x|-?fold)\\b(?! (?:a|per|each|every|daily|weekly)\\b)`).exec(lower);
  if (times) {
    const ratio = numberOf(times[1] ?? '');
    return {
      words: times[0],
      ratio: /^ (less|fewer|smaller|shorter|slower)\b/.test(lower.slice(times.index + times[0].length)) ? 1 / ratio : ratio,
    };
  }
  const fixed: readonly (readonly [RegExp, number])[] = [
    [/\btwice (?:as (?:(?:many|much) )?\w+|(?:the|their|its) \w+|what)\b/, 2],
    [/\bdoubl(?:es?|ed|ing)\b/, 2],
    [/\btripl(?:es?|ed|ing)\b/, 3],
    [/\bquadrupl(?:es?|ed|ing)\b/, 4],
    [
      /\b(?:halves|halved|halve|half as (?:many|much|tall|long|big|heavy|fast)|by half|in half(?! the time)|half the (?!time)\w+|kills? half)\b/,
      0.5,
    ],
  ];
  for (const [words, ratio] of fixed) {
    const found = words.exec(lower);
    if (found) return { words: found[0], ratio };
  }
  return null;
}

function fractionIn(lower: string): ClaimedSize | null {
  const found = new RegExp(
    `\\b(?:(?:by )?(a|an|one|two|three|four) (third|quarter|fifth|tenth)s?|half)(?: (?:again )?(${COMPARED}|as)\\b)?`,
  ).exec(lower);
  if (!found || (!found[0].startsWith('by ') && !found[3] && !/\b(kill|destroy|los|prevent)\w*\b/.test(lower.slice(0, found.index))))
    return null;
  const share = entryOf(FRACTIONS, found[2] ?? 'half') * numberOf(found[1] ?? 'a');
  return { words: found[0], ratio: LESS.test(lower) ? 1 - share : 1 + share };
}

function percentIn(lower: string): ClaimedSize | null {
  const range = /\bfrom (\d+)(?: ?%| per ?cent| percent)? to (\d+)\b/.exec(lower);
  if (range) return { words: range[0], ratio: Number(range[2]) / Number(range[1]) };
  const found = new RegExp(
    `\\b(by |by about |by up to |by at least )?(\\d+(?:[.,]\\d+)?) ?(?:%|per ?cent\\b|percent\\b)(?: (${COMPARED})\\b)?`,
  ).exec(lower);
  if (
    !found ||
    (!found[1] &&
      !found[3] &&
      !/\b(increas|reduc|boost|improv|cut|rais|lower|decreas|add|kill|destroy|prevent)\w*\b/.test(lower.slice(0, found.index)))
  )
    return null;
  const share = numberOf(found[2] ?? '') / 100;
  return { words: found[0].trim(), ratio: LESS.test(lower) ? Math.max(0, 1 - share) : 1 + share };
}

function muchIn(lower: string): ClaimedSize | null {
  const much =
    new RegExp(
      `\\b(?:by )?(${NUMBER}|a few) ?(cm|mm|g|kg|centimet\\w+|grams?|inch(?:es)?|hours?|days?|weeks?|months?|leaves|degrees?) (?:(?:more|${COMPARED})\\b)`,
    ).exec(lower) ?? new RegExp(`\\bby (${NUMBER}) ?(cm|mm|g|kg|inch(?:es)?|hours?|days?|weeks?)\\b`).exec(lower);
  return much ? { words: much[0], ratio: null } : null;
}

const unitDays: Readonly<Record<string, number>> = {
  minute: 1 / 1440,
  hour: 1 / 24,
  day: 1,
  night: 1,
  week: 7,
  fortnight: 14,
  month: 30,
  season: 120,
  year: 365,
};

/**
 * The day by which it is said to be seen.
 * @param lower what it is said to do, in small letters
 * @param size which may have days of its own: "two weeks earlier"
 * @returns days from the start, at least one; null where it says none
 */
export function daysIn(lower: string, size: ClaimedSize | null): number | null {
  const rest = size ? lower.replace(size.words, ' ') : lower;
  const found = new RegExp(
    `\\b(?:within|in|after|by|for|over)\\s+(?:about |just |only |the first |as little as |under |less than )?(${NUMBER}|a few)\\s+(minute|hour|day|night|week|fortnight|month|season|year)s?\\b`,
  ).exec(rest);
  if (found) return Math.max(1, Math.round(numberOf(found[1] ?? '') * entryOf(unitDays, found[2] ?? '')));
  const named = /\bby day (\d+)\b/.exec(rest);
  return named ? Number(named[1]) : /\bovernight\b/.test(rest) ? 1 : null;
}

function numberOf(words: string): number {
  return numbers[words] ?? Number(words.replace(',', '.'));
}
