import { vagueIn, type Vague } from './vague';
import { kindOf } from '../../kinds';
import { formsOf, plants, tooWide } from './plants';
import { promisedMeasures, type Promised } from './measures';

export type Direction = 'more' | 'less' | 'different';
type Part = 'plant' | 'treatment' | 'comparison' | 'measure' | 'direction' | 'size' | 'time';

/** A size that a claim gives: so many times, so many per cent, or so much in a unit. */
interface ClaimedSize {
  readonly words: string;
  /** Treated over control; null where the size is not a ratio. */
  readonly ratio: number | null;
}

/** A claim taken apart. What is null was not found and is asked for, never guessed. */
export interface ReadClaim {
  readonly text: string;
  readonly plant: string | null;
  readonly treatment: string | null;
  readonly comparison: string | null;
  readonly measure: Promised | null;
  readonly direction: Direction | null;
  readonly size: ClaimedSize | null;
  /** Days from the start. */
  readonly days: number | null;
  /** Other things that it promises and that one experiment does not test. */
  readonly alsoPromised: readonly Promised[];
  readonly missing: readonly Part[];
  readonly vague: readonly Vague[];
}

const lessWords =
  /\b(less|fewer|smaller|shorter|lighter|reduc\w*|prevent\w*|stop(s|ped)?|slow(s|er)?|stunt\w*|kill\w*|harm\w*|hurt\w*|worse|poor(er|ly)?|keep(s)? away|repels?|deters?|hinder\w*|delay\w*|never|no (more )?|without any|half as|dies?|protect\w*|drives? away|lose[s]?|not sprout|won't|wont|don't|doesn't)\b/;
const moreWords =
  /\b(more|bigger|larger|taller|higher|heavier|greener|bushier|increas\w*|doubl\w*|tripl\w*|twice|times|better|boost\w*|improv\w*|extra|longer|helps?|makes? .* (grow|flower|bloom|sprout)|huge|giant|sooner|earlier|faster|quicker|speeds?|sweeter|stronger|healthier|surviv\w*|grow\w*|thriv\w*|gives?|brings?|produces?|greens?)\b/;

const effectVerbs =
  'makes?|helps?|gives?|doubles?|triples?|halves|boosts?|speeds? up|stops?|keeps?|prevents?|increases?|reduces?|improves?|slows?|stunts?|kills?|harms?|produces?|brings?|deters?|repels?|protects?|leads? to|causes?|lets?|will|can|yields?|delays?|greens?|saves?|feeds|turns?|works? wonders|drives?';

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
  couple: 2,
  'a couple of': 2,
  half: 0.5,
};
const unitDays: Readonly<Record<string, number>> = {
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
 * Takes a claim in everyday words apart by rules and word lists: no network, no model. What it does not find stays null and is listed as
 * missing.
 * @param text as typed, one sentence or a few
 * @returns what was found, what is missing, and what else the claim promises
 * @example readClaim('Coffee grounds make tomatoes grow twice as fast').size?.ratio // 2
 */
export function readClaim(text: string): ReadClaim {
  const clean = text
    .trim()
    .replaceAll(/[“”"]/g, '')
    .replaceAll('’', "'")
    .replace(/\s+/g, ' ')
    .replace(/[.!?]+$/, '');
  const lower = clean.toLowerCase();
  const promised = promisedMeasures.filter(({ words }) => words.test(lower));
  const measure = pickMeasure(promised, lower);
  const size = findSize(lower);
  const plant = findPlant(lower);
  const comparison = findComparison(clean);
  const treatment = findTreatment(clean, plant, comparison);
  const direction =
    measure === null && size === null
      ? findDirection(lower)
      : (findDirection(lower) ?? (size?.ratio == null ? null : size.ratio > 1 ? 'more' : 'less'));
  const days = findDays(lower, size);
  const parts: readonly (readonly [Part, unknown])[] = [
    ['plant', plant && !tooWide.has(plant) ? plant : null],
    ['treatment', treatment],
    ['comparison', comparison],
    ['measure', measure],
    ['direction', direction],
    ['size', size],
    ['time', days],
  ];
  return {
    text: clean,
    plant,
    treatment,
    comparison,
    measure,
    direction,
    size,
    days,
    alsoPromised: promised.filter((other) => other !== measure && !covers(measure, other)),
    missing: parts.filter(([, found]) => found === null).map(([part]) => part),
    vague: vagueIn(lower).filter(({ word }) => !saidPlainly(word, measure)),
  };
}

/** The measure that is meant: the first promised, but a plain "roots" that a plant's own name brings does not count. */
function pickMeasure(promised: readonly Promised[], lower: string): Promised | null {
  const [first] = promised.filter(
    ({ id }) =>
      id !== 'rooted' || /\b(cutting|root(s|ed|ing)? (better|faster|more|in|with|when)|take root|more .*root|to root|strike)\b/.test(lower),
  );
  return first ?? null;
}

/** "First sprout" says that seeds sprout, and "first flower" that they flower. */
function covers(measure: Promised | null, other: Promised): boolean {
  const inside: Readonly<Record<string, readonly string[]>> = {
    'first-sprout': ['sprouts'],
    'first-flower': ['flowers'],
    ripe: ['harvest'],
    'leaf-colour': ['leaves'],
  };
  return measure !== null && (inside[measure.id] ?? []).includes(other.id);
}

/** "Faster" is not vague where the measure is a day. */
function saidPlainly(word: string, measure: Promised | null): boolean {
  return /^(fast|quick|speed)/.test(word) && measure !== null && measure !== undefined && kindOf(measure.measure).timed;
}

interface NamedPlant {
  readonly plant: string;
  /** A name for many plants. */
  readonly wide: boolean;
  readonly length: number;
  readonly at: number;
}

function beats(lower: string, found: NamedPlant, best: NamedPlant): boolean {
  if (found.wide !== best.wide) return best.wide;
  const [one, other] = [isSubject(lower, found), isSubject(lower, best)];
  if (one !== other) return one;
  // "Garlic planted next to roses": of two that are both beside the point, the later one is the one it is done for.
  return found.at === best.at ? found.length > best.length : !one && found.at > best.at;
}

function findPlant(lower: string): string | null {
  let best: NamedPlant | null = null;
  for (const plant of plants) {
    for (const form of formsOf(plant)) {
      const at = lower.search(new RegExp(`\\b${form}\\b`));
      if (at < 0) continue;
      const found = { plant, wide: tooWide.has(plant), length: form.length, at };
      if (best === null || beats(lower, found, best)) best = found;
    }
  }
  return best?.plant ?? null;
}

/** A plant name that is not what the plants are given ("onion water"), what stands beside them ("next to basil"), or what is said to guard them. */
function isSubject(lower: string, { plant, at }: { plant: string; at: number }): boolean {
  const after = lower.slice(at).replace(new RegExp(`^(${formsOf(plant).join('|')})\\b`), '');
  const before = lower.slice(0, at);
  if (/^ (planted (next to|beside|with)|keeps?|deters?|repels?|protects?|draws?|attracts?)\b/.test(after)) return false;
  return (
    !/^ (water|tea|peels?|skins?|juice|flour|starch|hulls?|bark|straw|extract|husks?|chaff)\b/.test(after) &&
    !/\b(next to|beside|with|near|under|among|between|planting|alongside) (a |an |the |some |your )?$/.test(before)
  );
}

function findComparison(clean: string): string | null {
  const match =
    /\b(?:than|compared (?:with|to)|instead of|rather than|versus|vs\.?|as opposed to)\s+(?:when |with |in |from |by |on |under )?([^,;]+?)(?:\s+(?:within|after|in (?:a|an|one|two|three|four|five|six|\d+))\b.*)?$/i.exec(
      clean,
    ) ?? /\b(?:than|instead of|rather than)\s+([^,;]+?)(?=,|;|$)/i.exec(clean);
  const words = match?.[1]?.replace(new RegExp(`\\s+(?:${effectVerbs})\\b.*$`, 'i'), '').trim();
  return words && !/^(ever|usual|normal|before|you think|average)$/i.test(words) ? tidy(words) : null;
}

function findTreatment(clean: string, plant: string | null, comparison: string | null): string | null {
  const ways = [
    /^(?:if|when) (?:you|one|we) (.+?),/i,
    new RegExp(`^(.+?)\\s+(?:${effectVerbs})\\b`, 'i'),
    /\b(?:grow|grown|sprout|germinate|root|flower|bloom|come up|do|crop|thrive|live|last|ripen|taste|are|get|wilt|die|stay|kept|planted|sown)(?:s|es)?\b.*?\s(?:with|when|in|after|under|if|near|next to|beside|without|on|from|by|at)\s+(?:they are |they're |you |it is |it's )?(.+)$/i,
    /^(?:always |never |you should |try to |just )?((?:soak|water|feed|sow|plant|trim|pinch|prune|bury|add|put|mix|spray|cover|mulch|turn|talk|play|nick|chill|freeze|warm|rub|dip|sprinkle|give|hang|wrap|place|cut|pour|dust)\b.+)$/i,
  ];
  for (const way of ways) {
    const found = way.exec(clean)?.[1];
    const words = found ? trimmed(found, comparison) : '';
    if (words !== '' && !isOnlyPlant(words, plant)) return words;
  }
  return null;
}

/** Without the comparison, the time and the size at its end, and without "they say that" at its beginning. */
function trimmed(words: string, comparison: string | null): string {
  let rest = words
    .replace(/^(?:they say|people say|my \w+ says|everyone says|i heard|it is said|apparently|experts say)(?: that)?,? /i, '')
    .replace(/ (?:is|are|comes?|grows?|sprouts?|flowers?|blooms?|roots?|ripens?)(?: \w+){1,2}$/i, '');
  if (comparison)
    rest = rest.replace(new RegExp(`\\s*\\b(?:than|compared (?:with|to)|instead of|rather than|versus|vs\\.?)\\b.*$`, 'i'), '');
  return tidy(
    rest.replace(
      /\s+(?:within|for|after|in)\s+(?:about |just |only )?(?:a|an|one|two|three|four|five|six|eight|ten|\d+)\s+(?:days?|weeks?|months?)$/i,
      '',
    ),
  );
}

function isOnlyPlant(words: string, plant: string | null): boolean {
  const bare = words
    .toLowerCase()
    .replace(/^(?:your|the|my|all|some|most|a|an)\s+/, '')
    .replace(/\s+(?:seeds?|plants?|seedlings?|cuttings?)$/, '');
  return bare === '' || /^(they|it|this|that|you|we|plants?|seeds?)$/.test(bare) || (plant !== null && formsOf(plant).includes(bare));
}

function findDirection(lower: string): Direction | null {
  if (/\b(makes no difference|no difference|does nothing|do nothing|no effect)\b/.test(lower)) return 'different';
  if (/\bkeeps?\b.*\b(away|off|from)\b/.test(lower)) return 'less';
  if (/\bkeeps?\b.*\b(alive|fresh|green)\b/.test(lower)) return 'more';
  if (
    /\b(affects?|changes?|influences?|matters?|makes? a difference)\b/.test(lower) &&
    !moreWords.test(lower.replace(/\bmakes? a difference\b/, ''))
  )
    return 'different';
  const less = lessWords.exec(lower);
  const more = moreWords.exec(lower);
  if (less && (!more || less.index < more.index || /^(half as|no )/.test(less[0]))) return 'less';
  return more ? 'more' : less ? 'less' : null;
}

function findSize(lower: string): ClaimedSize | null {
  const times = /\b(\d+(?:[.,]\d+)?|two|three|four|five|six|ten) ?(?:times|x|-fold|fold)\b/.exec(lower);
  if (times) return { words: times[0], ratio: numberOf(times[1]) };
  const fixed: readonly (readonly [RegExp, number])[] = [
    [/\b(twice|doubles?|doubled|double)\b/, 2],
    [/\b(triples?|tripled|triple)\b/, 3],
    [/\b(halves|half as (?:many|much|tall|long|big)|by half|half the (?:time|size|height))\b/, 0.5],
    [/\bby a third\b/, 4 / 3],
    [/\bby a quarter\b/, 1.25],
  ];
  for (const [words, ratio] of fixed) {
    const found = words.exec(lower);
    if (found) return { words: found[0], ratio: /third|quarter/.test(found[0]) && lessWords.test(lower) ? 2 - ratio : ratio };
  }
  const percent = /\b(\d+(?:[.,]\d+)?) ?(?:%|per ?cent|percent)/.exec(lower);
  if (percent) {
    const share = numberOf(percent[1]) / 100;
    return { words: percent[0], ratio: lessWords.test(lower) ? Math.max(0, 1 - share) : 1 + share };
  }
  const much =
    /\b(\d+(?:[.,]\d+)?|a|two|three|four|five|ten) ?(cm|mm|g|kg|inch(?:es)?|days?|weeks?) (?:taller|heavier|earlier|sooner|longer|shorter|later|more|less|faster)\b/.exec(
      lower,
    );
  return much ? { words: much[0], ratio: null } : null;
}

function findDays(lower: string, size: ClaimedSize | null): number | null {
  const rest = size ? lower.replace(size.words, ' ') : lower;
  const found =
    /\b(?:within|in|after|by|for|over)\s+(?:about |just |only |the first |as little as )?(\d+|a couple of|an?|one|two|three|four|five|six|seven|eight|ten|twelve)\s+(hour|day|night|week|fortnight|month|season|year)s?\b/.exec(
      rest,
    );
  if (found) return Math.max(1, Math.round(numberOf(found[1]) * unitDays[found[2]]));
  const day = /\bby day (\d+)\b/.exec(rest);
  return day ? Number(day[1]) : null;
}

function numberOf(words: string): number {
  return numbers[words] ?? Number(words.replace(',', '.'));
}

function tidy(words: string): string {
  return words
    .trim()
    .replace(/^(?:that|and|then|by|to)\s+/i, '')
    .replace(/[,;:]+$/, '')
    .trim();
}
