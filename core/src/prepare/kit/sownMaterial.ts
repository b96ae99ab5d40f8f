import { containerOf } from '../../data/containers';
import { isSeed } from '../../data/putIn';
import { expectedOf, primaryOf, type Experiment } from '../../model';
import { kindOf } from '../../kinds';
import { cropOf } from '../../study/crop';
import { plural } from '../../quantities/plural';
import { putInWords } from '../../words/prepare/kitWords';
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
  const what = putInWords.what(plan);
  if (!counted && plantsKept === null && isSeed(propagule))
    return [
      {
        id: 'put in',
        group: 'put in',
        what,
        amount: null,
        unit: '',
        arms: [],
        how: putInWords.notCounted(plan.unitNoun),
      },
    ];
  const get = sparedWhole(into, kit.spare);
  const how = counted
    ? putInWords.goIn(into, kit.spare)
    : sprout === null
      ? putInWords.wanted(into, kit.spare)
      : putInWords.sureOf(inAll(wanted), sprout, survive, kit.spare);
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
      what: putInWords.weighed(propagule),
      amount: (get * thousand) / 1000,
      unit: 'g',
      arms: arms.map(({ arm, amount }) => ({ arm, amount: (amount * thousand) / 1000 })),
      how: `${get} × ${num(thousand)} g ÷ 1000`,
    },
  ];
}

/** Where more is sown than is kept: in how many units at least as many come up. */
function enoughWords({ units, plan }: Experiment, sprout: number | null): string {
  const sown = units.map((unit) => unit.sown).filter((n) => n !== null);
  const [first] = sown;
  if (plan.plantsKept === null || sprout === null || first === undefined || sown.some((n) => n !== first)) return '';
  const needed = seedsToSow(plan.plantsKept, sprout, 1);
  if (needed === null || first >= needed.forSure) return '';
  return putInWords.tooFew(first, plan.plantsKept, needed.forSure);
}

/** What so many seeds of the crop weigh, where nobody has said what a thousand of them do. */
function massWords({ crop, propagule, kit }: Experiment['plan'], seeds: number): string {
  const aGram = cropOf({ crop })?.seedsPerGram ?? null;
  if (kit.thousand !== null || aGram === null || !isSeed(propagule)) return '';
  return putInWords.about(Number((seeds / aGram).toPrecision(2)), aGram);
}
