import { blankOf, byCode, type Experiment, type Unit } from '../model';
import { sealFields } from '../model/seal';
import { random, shuffled } from '../stats/random';
import { roundOrder } from '../study/bench/shelves';

/** Letters that are told apart when read aloud and when written by hand. */
const first = ['b', 'd', 'f', 'g', 'k', 'l', 'm', 'n', 'p', 'r', 's', 't', 'v', 'z'];
const vowels = ['a', 'e', 'i', 'o', 'u'];
/** What could be taken for a word, or is none to say in class. */
const UNSAID =
  /^(bi|de|fu|fa|ki|no|pi|po|pu|se|so|su|ti|tu|te|ra|ni|ka)|(fuk|kak|pis|pip|bum|tit|sex|nig|gay|god|die|poo|pee|poop|kill|dik|nazi|rap|pedo|homo)/;

/**
 * Codes that can be said aloud, each two syllables, no two alike in their first three letters where there are enough.
 * @param count how many
 * @param seed the same seed gives the same codes
 * @returns codes in capitals
 * @throws {RangeError} for more than there are
 */
export function spokenCodes(count: number, seed: number): string[] {
  const syllables = first.flatMap((consonant) => vowels.map((vowel) => `${consonant}${vowel}`));
  const words = syllables.flatMap((one) =>
    syllables.flatMap((other) => (one === other || UNSAID.test(`${one}${other}`) ? [] : [`${one}${other}`])),
  );
  const mixed = shuffled(words, random(seed));
  const seen = new Set<string>();
  const apart = mixed.filter((word) => {
    const start = word.slice(0, 3);
    return seen.has(start) ? false : seen.add(start);
  });
  const all = [...apart, ...mixed.filter((word) => !apart.includes(word))];
  if (count > all.length) throw new RangeError(`there are ${all.length} codes, and ${count} are asked for`);
  return all.slice(0, count).map((word) => word.toUpperCase());
}

/**
 * Gives every unit a code that can be said aloud and says nothing of its arm, and has the plan read blind. Before the start alone: what is
 * read is kept under these codes.
 * @param experiment a plan that has not started
 * @param seed chance that deals the codes
 * @returns the plan after the edit; the same where it has started
 */
export function giveBlindCodes(experiment: Experiment, seed: number): Experiment {
  if (experiment.plan.lockedOn !== null) return experiment;
  const order = shuffled(roundOrder(experiment.units), random(seed + 1));
  const codes = spokenCodes(order.length, seed);
  const renamed = new Map(order.map(({ code: unit }, i) => [unit, codes[i]]));
  const units = experiment.units.map((unit): Unit => ({ ...unit, code: renamed.get(unit.code) ?? unit.code }));
  return { ...experiment, blinded: true, units };
}

/** A line of the key. */
export interface KeyLine {
  readonly code: string;
  readonly arm: string;
  readonly name: string;
}

/**
 * The key for the second person: which code is of which arm.
 * @returns by code
 */
export function keyOf({ units, arms }: Experiment): KeyLine[] {
  return [...units]
    .sort((a, b) => (a.code < b.code ? -1 : 1))
    .map(({ code: unit, arm }) => ({ code: unit, arm, name: byCode(arms, arm)?.name ?? arm }));
}

/**
 * Seals the key: from then on no page tells the arms.
 * @param on calendar date
 */
export function sealKey(experiment: Experiment, on: string): Experiment {
  const { plan } = experiment;
  return { ...experiment, plan: { ...plan, seal: { ...blankOf(sealFields), sealedOn: on } } };
}

/**
 * Opens the key; readings from then on are not blind.
 * @param experiment a plan whose key is sealed
 * @param on calendar date
 * @param by who opens it
 * @param reason why
 */
export function openKey(experiment: Experiment, on: string, by: string, reason: string): Experiment {
  const { plan } = experiment;
  return { ...experiment, plan: { ...plan, seal: { ...plan.seal, openedOn: on, openedBy: by, reason } } };
}
