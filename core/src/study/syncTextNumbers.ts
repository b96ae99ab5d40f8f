import { escapeRegExp, upperFirst } from 'lodash-es';
import type { Experiment, Origin, Plan } from '../model';
import { plural, singular } from '../quantities/plural';

/** What the texts of a plan speak of. */
type Said = Omit<Origin, 'lines'>;

/**
 * What a first plan says, kept with it so that its texts can follow when the plant, the words or the numbers become others.
 * @param experiment as it was made
 * @returns the words and numbers of that moment, and every text that speaks of them
 */
export function originOf(experiment: Experiment): Origin {
  const { question, plan } = experiment;
  const lines = [question, ...lineSlots.flatMap((slot) => plan[slot]), ...plan.kept.map(({ how }) => how)];
  return { ...saidBy(experiment), lines: [...new Set(lines.filter((line) => line !== ''))] };
}

const lineSlots = ['materials', 'steps', 'commonMistakes', 'notTested'] as const satisfies readonly (keyof Plan)[];

/**
 * Lets the texts of a plan follow an edit: where one still says what the app had written, it says the same of the new plant, words and
 * numbers. What the person has typed stays.
 * @param before the plan before the edit
 * @param after the plan after it
 * @returns the plan after the edit with its texts
 */
export function syncTextNumbers(before: Experiment, after: Experiment): Experiment {
  const { origin } = after.plan;
  if (origin === null || sameSaid(saidBy(before), saidBy(after))) return after;
  const was = rewriter(origin, saidBy(before));
  const is = rewriter(origin, saidBy(after));
  const following = new Map(origin.lines.map((line) => [was(line), is(line)]));
  const follow = (text: string) => following.get(text) ?? text;
  const { plan } = after;
  return {
    ...after,
    question: follow(after.question),
    hypothesis: follow(after.hypothesis),
    nullHypothesis: follow(after.nullHypothesis),
    plan: {
      ...plan,
      ...Object.fromEntries(lineSlots.map((slot) => [slot, plan[slot].map(follow)])),
      kept: plan.kept.map((kept) => ({ ...kept, how: follow(kept.how) })),
    },
  };
}

/**
 * The texts that the app wrote and nobody has typed in since, as they read now.
 * @returns empty where every text is a person's
 */
export function writtenByApp(experiment: Experiment): ReadonlySet<string> {
  const { origin } = experiment.plan;
  return new Set(origin === null ? [] : origin.lines.map(rewriter(origin, saidBy(experiment))));
}

function saidBy({ arms, units, plan }: Experiment): Said {
  const counts = new Set(arms.map(({ code: arm }) => units.filter((unit) => unit.arm === arm).length));
  const sown = new Set(units.map((unit) => unit.sown));
  const alone = (numbers: ReadonlySet<number | null>) => (numbers.size === 1 ? ([...numbers][0] ?? null) : null);
  const { plant, changed, unitNoun, propagule } = plan;
  return { plant, changed, unitNoun, propagule, units: units.length, unitsPerArm: alone(counts), sown: alone(sown) };
}

const sameSaid = (one: Said, other: Said) => JSON.stringify(one) === JSON.stringify(other);

/** Writes a text of the origin anew for other words and numbers, all in one pass, so that nothing is replaced twice. */
function rewriter(origin: Said, now: Said): (text: string) => string {
  const words = phrases(origin, now);
  const forms = [...words.keys()].sort((a, b) => b.length - a.length).map(escapeRegExp);
  const token = new RegExp(
    `(?<![\\p{L}\\p{N}.])(${[...forms, '\\d+(?:\\.\\d+)?', ...numberWords.slice(1)].join('|')})(?![\\p{L}\\p{N}])`,
    'giu',
  );
  return (text) =>
    text.replace(token, (found: string, _group: string, at: number) => {
      const word = words.get(found) ?? null;
      return word ?? otherNumber(found, text.slice(0, at), text.slice(at + found.length), origin, now) ?? found;
    });
}

/** Every form of every word that has become another, with its new one. */
function phrases(origin: Said, now: Said): Map<string, string> {
  const found = new Map<string, string>();
  const add = (old: string, next: string) => {
    if (old === '' || next === '' || found.has(old)) return;
    found.set(old, next);
    found.set(upperFirst(old), upperFirst(next));
  };
  add(withoutArticle(origin.changed), withoutArticle(now.changed));
  for (const [old, next] of [
    [origin.plant, now.plant],
    [bare(origin.plant), bare(now.plant)],
  ] as const) {
    add(singular(old), singular(next));
    add(plural(singular(old)), isMass(next) ? next : plural(singular(next)));
  }
  for (const [old, next] of [
    [origin.propagule, now.propagule],
    [plural(origin.unitNoun), plural(now.unitNoun)],
    [origin.unitNoun, now.unitNoun],
  ] as const)
    if (old !== '' && next !== '' && !found.has(old)) found.set(old, next);
  return found;
}

const withoutArticle = (text: string) => text.replace(/^(the|an?) /, '');

/** The plant itself: "lettuce" of "lettuce seedlings", "pea" of "pea seed". */
function bare(plant: string): string {
  return plant.replace(/ (seeds?|seedlings?|cuttings?|plants?|in water)$/, '');
}

/** Names that people use of many and of one alike. */
const isMass = (plant: string) => /(cress|lettuce|basil|spinach|maize|mint|sage|rice|barley|wheat|grass|corn)$/.test(plant);

const numberWords = ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const MEASURED = /^\s*([:%°]|(days?|weeks?|months?|hours?|h|d|min|minutes?|cm|mm|m|g|kg|mg|mL|L|litres?|ppm|a week|places)\b)/;

/** Where a kit list tells how many: at the start of a line or of a part of it, before a word. */
const TELLS_HOW_MANY = /(^|, | and )$/;

/** A number of units or seeds as it is now; null where the number is of something else. */
function otherNumber(found: string, before: string, behind: string, origin: Said, now: Said): string | null {
  const inWords = numberWords.indexOf(found.toLowerCase());
  const number = inWords > 0 ? inWords : Number(found);
  if (MEASURED.test(behind)) return null;
  const [next, noun] = /^ (?:[\p{L}-]+ )?([\p{L}]+)/u.exec(behind) ?? ['', ''];
  const nouns = [...next.trim().split(' '), noun].filter((word) => word !== '');
  const isPutIn = nouns.some((word) => [origin.propagule, plural(singular(bare(origin.plant)))].includes(word));
  const isUnit = nouns.some((word) => [origin.unitNoun, plural(origin.unitNoun), 'labels'].includes(word));
  const isOfKit = inWords < 0 && TELLS_HOW_MANY.test(before) && /^ (?!and |or )\p{L}/u.test(behind);
  if (!isPutIn && !isUnit && !isOfKit) return null;
  const countsSeeds = isPutIn || (!isUnit && origin.sown !== 1);
  const counts: readonly (readonly [of: number | null, is: number | null, fits: boolean])[] = [
    [origin.sown, now.sown, isPutIn && !isUnit],
    [times(origin.units, origin.sown), times(now.units, now.sown), countsSeeds],
    [times(origin.unitsPerArm, origin.sown), times(now.unitsPerArm, now.sown), countsSeeds],
    [origin.units, now.units, true],
    [origin.unitsPerArm, now.unitsPerArm, number > 4 || isUnit],
  ];
  const is = counts.find(([was, , fits]) => was === number && fits)?.[1] ?? null;
  if (is === null) return null;
  return inWords > 0 && is < numberWords.length ? cased(numberWords[is] ?? '', found) : String(is);
}

const times = (one: number | null, other: number | null) => (one === null || other === null ? null : one * other);
const cased = (word: string, like: string) => (/^[A-Z]/.test(like) ? upperFirst(word) : word);
