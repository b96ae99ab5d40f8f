import { kindOf } from '../../kinds';
import { effectsOf, type Direction, type ClaimedEffect } from './effects';
import { withoutReportingPhrases } from './reportingPhrases';
import { plainText, tokensOf, type Token } from './language';
import { promisedMeasures, type Promised } from './measures';
import { plantIn } from './plantIn';
import { tooWide } from './plants';
import { daysIn, sizeIn, type ClaimedSize } from './sizes';
import { splitClaim } from './splitClaim';
import { vagueIn, type Vague } from '../../ownWords/vague';

type Part = 'plant' | 'treatment' | 'comparison' | 'measure' | 'direction' | 'size' | 'time';

/** A claim taken apart. What is null was not found and is asked for, never guessed. */
export interface ReadClaim {
  readonly text: string;
  /** Who says so, in the claim's own words. */
  readonly who: string | null;
  readonly plant: string | null;
  readonly treatment: string | null;
  readonly comparison: string | null;
  readonly measure: Promised | null;
  /** Of what is measured; where that is the day of something, more is sooner. */
  readonly direction: Direction | null;
  readonly size: ClaimedSize | null;
  /** Days from the start. */
  readonly days: number | null;
  /** Other things that it promises and that one experiment does not test. */
  readonly alsoPromised: readonly Promised[];
  readonly missing: readonly Part[];
  readonly vague: readonly Vague[];
}

/**
 * Takes a claim in everyday words apart: a tagger says what each word is, and the shape of the sentence what is done and what is said to
 * come of it. No network, no model. What it does not find stays null and is listed as missing.
 * @param text as typed, one sentence or a few
 * @returns what was found, what is missing, and what else the claim promises
 * @example readClaim('Coffee grounds make tomatoes ripen twice as fast').size?.ratio // 2
 */
export function readClaim(text: string): ReadClaim {
  const clean = plainText(text).replace(/[.!?]+$/, '');
  const { who, rest } = withoutReportingPhrases(tokensOf(clean));
  const { treatment, comparison, effect } = splitClaim(rest);
  const said = textIn(effect);
  const { effects, overall } = effectsOf(effect);
  const measured = effects.filter(({ id }) => isPromised(id));
  // "Turns the leaves greener": what is said to change stands before what only carries it.
  const first = measured.find(({ direction }) => direction !== null) ?? measured[0] ?? null;
  const measure = first && measureOf(first);
  const size = sizeIn(said, measure !== null && kindOf(measure.measure).timed);
  const straight = first ? (first.direction ?? directionOf(size)) : (overall ?? directionOf(size));
  const direction = /\b(otherwise|or else|or (they|it|your|the))\b/.test(said) ? OTHER_WAY[straight ?? 'none'] : straight;
  const plant = plantIn(effect, treatment);
  const days = daysIn(said, size);
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
    who,
    plant,
    treatment,
    comparison,
    measure,
    direction,
    size,
    days,
    alsoPromised: effects.filter((other) => other !== first).flatMap((other) => measureOf(other) ?? []),
    missing: parts.filter(([, found]) => found === null).map(([part]) => part),
    vague: vagueIn(said).filter(({ word }) => !saidPlainly(word, measure)),
  };
}

/** "Cut them off, otherwise they stay thin." */
const OTHER_WAY: Readonly<Record<Direction | 'none', Direction | null>> = {
  more: 'less',
  less: 'more',
  different: 'different',
  none: null,
};

const textIn = (tokens: readonly Token[]) => tokens.map(({ word }) => word).join(' ');
const measureOf = ({ id }: ClaimedEffect) => promisedMeasures.find((promised) => promised.id === id) ?? null;
const isPromised = (id: string) => promisedMeasures.some((promised) => promised.id === id);

function directionOf(size: ClaimedSize | null): Direction | null {
  return size?.ratio == null ? null : size.ratio > 1 ? 'more' : 'less';
}

/** "Faster" is not vague where the measure is a day. */
function saidPlainly(word: string, measure: Promised | null): boolean {
  return /^(fast|quick|speed)/.test(word) && measure !== null && kindOf(measure.measure).timed;
}
