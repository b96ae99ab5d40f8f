import { byCode, type Arm, type KitThing, type Plan, type Solution } from '../../model';
import { num } from '../../prepare/calculators/makers';
import { counted, plural, singular } from '../../quantities/plural';
import { wordsOf } from '../../quantities/wordsOf';
import { cropName, cropOf } from '../../study/crop';
import type { MixEach } from '../../study/mixEach';

const withSpare = (how: string, spare: number) => `${how}; with ${num(spare)}% to spare`;

/** What is put in, and what follows from how much comes up. */
export const putInWords = {
  /** "lupin seeds" of lupin seed and seeds, "basil seeds" of basil seedlings where the crop is known. */
  what: (plan: Plan): string => {
    const { plant, propagule, kit } = plan;
    const name = cropName(plan);
    const [last] = wordsOf(name).slice(-1);
    const [putIn] = wordsOf(propagule).slice(-1);
    const bare = name === '' ? propagule : cropOf(plan) === null && last === putIn ? plural(plant) : `${singular(name)} ${propagule}`;
    return kit.lot === '' ? bare : `${bare} ${kit.lot}`;
  },
  notCounted: (unit: string) => `not counted out: weigh the same grams for each ${unit}, or say in Plan how many are sown`,
  goIn: (number: number, spare: number) => withSpare(`${number} go in`, spare),
  wanted: (number: number, spare: number) => withSpare(`${number} wanted, one for each`, spare),
  sureOf: (wanted: number, sprout: number, survive: number, spare: number) =>
    withSpare(`${num(wanted)} wanted ÷ (${num(sprout)} × ${num(survive)}), 9 times in 10 enough in each group`, spare),
  tooFew: (sown: number, kept: number, enough: number) =>
    `. With ${sown} in each, some will have fewer than ${kept}: ${enough} in each are enough 9 times in 10`,
  about: (grams: number, aGram: number) => `; about ${num(grams)} g, at ${aGram} to the gram`,
  weighed: (putIn: string) => `${putIn}, weighed`,
};

/** What units stand in, and what they share. */
export const containerWords = {
  all: (units: number) => `${units} and a few to spare, all of one kind`,
  again: 'used again, batch after batch',
  shared: 'shared, as the plan says',
  labels: (unit: string) => `one for each ${unit} and one for each group`,
};

/** The mix, its parts, what is blended in and what wets it. */
export const mixWords = {
  part: (name: string) => `${name}, for the mix`,
  blended: (name: string) => `${name}, blended in`,
  wet: 'water to wet the mix',
  each: (amount: number, unit: string, usual: string, isLess: boolean, spare: number) =>
    withSpare(`${num(amount)} ${unit} in each${usual}${isLess ? ', less what is blended in' : ''}`, spare),
  usual: (unitNoun: string, usual: MixEach['usual']) => {
    if (usual === null) return '';
    return usual.crop === null ? `, as such a ${unitNoun} usually holds` : `, as ${usual.crop} usually needs to its harvest`;
  },
  shares: (each: number, unit: string, of: readonly { readonly badge: string; readonly share: number }[]) =>
    `share of the mix; ${of
      .map(({ badge, share }) => `${badge}: ${num(share * 100)}% of ${num(each)} ${unit} is ${num(share * each)} ${unit}`)
      .join('; ')}`,
};

/** What is poured, sprayed or soaked in. */
export const solutionWords = {
  /** What is dissolved stands on a line of its own. */
  what: ({ name, made }: Solution) => (made === 'grams' ? `water with ${name}` : name),
  each: (mL: number, often: string, spare: number) => withSpare(`${num(mL)} mL to each${often}`, spare),
  often: (times: number, aWeek: number | null) => {
    if (aWeek !== null) return ` ${counted(aWeek, 'time')} a week, ${counted(times, 'time')} in all`;
    return times > 1 ? `, ${times} times` : '';
  },
  stock: (name: string, ratio: string) => `stock of ${name}, ${ratio}`,
  water: (name: string) => `water for ${name}`,
  fills: 'fills up',
  part: (parts: number, isInTotal: boolean) => (isInTotal ? `one part in ${num(parts)} of the mix` : `one part and ${num(parts)} of water`),
  solid: (name: string) => `${name}, to weigh out`,
  grams: (of: readonly { readonly badge: string; readonly grams: number }[]) =>
    of.map(({ badge, grams }) => `${badge}: ${num(grams)} g/L`).join('; '),
};

/** For whom a thing is got, and how many each: "one for each pot: salt; tap water". */
export function thingWords({ each, per, unit, arms: own }: KitThing, arms: readonly Arm[], unitNoun: string): string {
  // A group's name may have commas of its own.
  const whose = own.map((code) => byCode(arms, code)?.name ?? code).join('; ');
  if (each === null || per === 'all') return whose === '' ? '' : `for ${whose}`;
  const number = each === 1 && unit === '' ? 'one' : `${num(each)}${unit === '' ? '' : ` ${unit}`}`;
  return `${number} for each ${per === 'unit' ? unitNoun : per}${whose === '' ? '' : `: ${whose}`}`;
}
