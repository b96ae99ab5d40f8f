import { containerOf } from '../../data/containers';
import { isSeed } from '../../data/putIn';
import { expectedOf, primaryOf, type Experiment } from '../../model';
import { kindOf } from '../../kinds';
import { wordsOf } from '../../quantities/wordsOf';
import { cropName, cropOf } from '../../study/crop';
import { many, plural, singular } from '../../quantities/plural';
import { num } from '../calculators/makers';
import { seedsToSow } from '../seedsToSow';
import type { BareLine } from './KitLine';
import { inAll, perArm, sparedWhole } from './perArm';

/**
 * Shares that the kit calculates with: what was said, else what the plan guesses.
 * @returns shares from 0 to 1; null where nothing is known
 */
export function expectedShares({ plan, measures }: Pick<Experiment, 'plan' | 'measures'>): {
  readonly sprout: number | null;
  readonly survive: number;
} {
  const deciding = primaryOf(measures);
  const guessed = deciding && kindOf(deciding).ofSown && expectedOf(deciding) !== 'less' ? plan.controlGuess : null;
  return { sprout: plan.kit.sprout === null ? guessed : plan.kit.sprout / 100, survive: (plan.kit.survive ?? 100) / 100 };
}

/**
 * Seeds, cuttings or plants: what goes in, and what to get so that it is enough. Where numbers are sown they are the plan's; where plants
 * are kept or wanted, the fewest that give them 9 times in 10.
 */
export function sownMaterialLines(experiment: Experiment): BareLine[] {
  const { plan, units } = experiment;
  const { propagule, plantsKept, kit } = plan;
  const { sprout, survive } = expectedShares(experiment);
  const sown = perArm(experiment, (unit) => unit.sown ?? 0);
  const counted = units.some((unit) => unit.sown !== null);
  const wanted = perArm(experiment, () => plantsKept ?? 1);
  const arms = counted
    ? sown
    : sprout === null
      ? wanted
      : wanted.map(({ arm, amount }) => ({ arm, amount: seedsToSow(amount, sprout, survive)?.forSure ?? amount }));
  const into = inAll(arms);
  // Bags that are buried are what they are put into, and where no plant is named nothing is put in.
  if (into === 0 || (propagule === plural(plan.unitNoun) && containerOf(plan.unitNoun).isThing) || (plan.plant === '' && !counted))
    return [];
  const what = `${plainWords(plan)}${kit.lot === '' ? '' : ` ${kit.lot}`}`;
  if (!counted && plantsKept === null && isSeed(propagule))
    return [
      {
        id: 'put in',
        group: 'put in',
        what,
        amount: null,
        unit: '',
        arms: [],
        how: `not counted out: weigh the same grams for each ${plan.unitNoun}, or say in Plan how many are sown`,
      },
    ];
  const get = sparedWhole(into, kit.spare);
  const how = counted
    ? `${into} go in; with ${num(kit.spare)}% to spare`
    : sprout === null
      ? `${into} wanted, one for each; with ${num(kit.spare)}% to spare`
      : `${num(inAll(wanted))} wanted ÷ (${num(sprout)} × ${num(survive)}), 9 times in 10 enough in each group; with ${num(kit.spare)}% to spare`;
  const line: BareLine = {
    id: 'put in',
    group: 'put in',
    what,
    amount: get,
    unit: '',
    arms,
    how: `${how}${enoughWords(experiment, sprout)}${massWords(plan, get)}`,
  };
  if (kit.thousand === null) return [line];
  const { thousand } = kit;
  return [
    line,
    {
      ...line,
      id: 'put in by mass',
      what: `${propagule}, weighed`,
      amount: (get * thousand) / 1000,
      unit: 'g',
      arms: arms.map(({ arm, amount }) => ({ arm, amount: (amount * thousand) / 1000 })),
      how: `${get} × ${num(thousand)} g ÷ 1000`,
    },
  ];
}

/** "lupin seeds" of lupin seed and seeds, "basil seeds" of basil seedlings where the crop is known. */
function plainWords(plan: Experiment['plan']): string {
  const { plant, propagule } = plan;
  const name = cropName(plan);
  if (name === '') return propagule;
  const [last] = wordsOf(name).slice(-1);
  const [putIn] = wordsOf(propagule).slice(-1);
  return cropOf(plan) === null && last === putIn ? many(plant) : `${singular(name)} ${propagule}`;
}

/** Where more is sown than is kept: in how many units at least as many come up. */
function enoughWords({ units, plan }: Experiment, sprout: number | null): string {
  const sown = units.map((unit) => unit.sown).filter((n) => n !== null);
  const [first] = sown;
  if (plan.plantsKept === null || sprout === null || first === undefined || sown.some((n) => n !== first)) return '';
  const needed = seedsToSow(plan.plantsKept, sprout, 1);
  if (needed === null || first >= needed.forSure) return '';
  return `. With ${first} in each, some will have fewer than ${plan.plantsKept}: ${needed.forSure} in each are enough 9 times in 10`;
}

/** What so many seeds of the crop weigh, where nobody has said what a thousand of them do. */
function massWords({ crop, propagule, kit }: Experiment['plan'], seeds: number): string {
  const aGram = cropOf({ crop })?.seedsPerGram ?? null;
  if (kit.thousand !== null || aGram === null || !isSeed(propagule)) return '';
  return `; about ${num(Number((seeds / aGram).toPrecision(2)))} g, at ${aGram} to the gram`;
}
