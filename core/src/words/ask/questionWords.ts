import { upperFirst } from 'lodash-es';
import { kindOf } from '../../kinds';
import { primaryOf, type KeptSame } from '../../model';
import { plural } from '../../quantities/plural';
import type { ReadyQuestion, SharedThing } from '../../ask/ReadyQuestion';
import { sized } from '../sized';

/**
 * What units have in common, or each by itself, as a thing that is kept the same.
 * @param thing of a question
 * @returns the thing, and a template of how it is shared out
 */
export function sharedAsKept({ what, by, many = 1 }: SharedThing): KeptSame {
  const how = {
    all: 'one and the same for all',
    block: 'one per block, shared by all groups',
    arm: `${many} per group, shared with no other group`,
    unit: 'one to each {unit}',
  }[by];
  return { what, how };
}

/**
 * How sure a question can get as it is set up, in a sentence.
 * @returns the difference that it sees, and in how many of ten runs
 */
export function powerSentence({ measures, chance, unsure, sown }: ReadyQuestion): string {
  const primary = primaryOf(measures);
  if (!primary || primary.smallestDifference === null) return unsure;
  const { unit } = kindOf(primary).wording(primary, kindOf(primary).ofSown && sown !== null);
  const size = sized(String(primary.smallestDifference), unit);
  const sees = `Sees a difference of ${size} in ${Math.min(9, Math.floor(chance * 10))} of 10 runs.`;
  return [sees, unsure].filter((words) => words !== '').join(' ');
}

/**
 * What is shared in a question, in a sentence.
 * @returns "One lamp a block, one cup to each tray."
 */
export function sharedWords({ shares, unitNoun }: ReadyQuestion): string {
  const parts = shares.map(({ what, by, many = 1 }) =>
    by === 'all'
      ? `one ${what} for all`
      : by === 'block'
        ? `one ${what} a block`
        : by === 'arm'
          ? `${many} ${many === 1 ? what : plural(what)} per group`
          : `${what === unitNoun ? `each ${what} by itself` : `one ${what} to each ${unitNoun}`}`,
  );
  const sentence = parts.join(', ');
  return sentence === '' ? '' : `${upperFirst(sentence)}.`;
}
