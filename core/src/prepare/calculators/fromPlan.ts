import type { Experiment } from '../../model';
import { shelfRows } from '../../study/bench/shelves';
import { mixEach } from '../../study/mixEach';
import { timesGiven } from '../kit/solutions';
import { expectedShares } from '../kit/sownMaterial';
import type { Filled } from './workOut';

const some = (value: number | null, fill: (value: number) => Filled): Filled => (value === null || value <= 0 ? {} : fill(value));
const whole = (value: number) => String(Math.round(value));

/** The doses of a plan in a unit, each once. */
const doses = ({ arms }: Experiment, unit: string): number[] => [
  ...new Set(arms.flatMap(({ dose, doseUnit }) => (dose !== null && dose > 0 && doseUnit === unit ? [dose] : []))),
];

const lastDay = ({ measures }: Experiment): number => Math.ceil(Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays)));

const fillers: Readonly<Record<string, (experiment: Experiment) => Filled>> = {
  'seeds-to-sow': (experiment) => {
    const { sprout, survive } = expectedShares(experiment);
    const { units, plan } = experiment;
    return {
      ...some(units.length * (plan.plantsKept ?? 1), (plants) => ({ plants: whole(plants) })),
      ...some(sprout, (share) => ({ germination: whole(share * 100) })),
      ...some(survive, (share) => ({ survival: whole(share * 100) })),
      ...some(plan.kit.thousand, (thousand) => ({ thousand: String(thousand) })),
    };
  },
  'parts-by-mass': (experiment) => ({ ...mixTotal(experiment, 'g'), ...parts(experiment) }),
  'parts-by-volume': (experiment) => ({ ...mixTotal(experiment, 'mL'), ...parts(experiment), density: '' }),
  dose: (experiment) => {
    const { amount, unit } = mixEach(experiment);
    const shares = [...doses(experiment, '%'), ...experiment.plan.kit.additions.flatMap((own) => own.share ?? [])];
    // All of it is nothing to blend.
    const [share] = shares.filter((own) => own < 100).sort((a, b) => b - a);
    return { ...(amount > 0 ? { how: unit, total: String(amount) } : {}), ...(share === undefined ? {} : { share: String(share) }) };
  },
  'one-in-many': (experiment): Filled => {
    const { plan, units } = experiment;
    const own = plan.kit.solutions.find(({ made, ratio }) => made === 'ratio' && ratio !== '');
    if (!own) return {};
    const count = units.filter(({ arm }) => own.arms.length === 0 || own.arms.includes(arm)).length;
    return { ratio: own.ratio, volume: `${own.each * timesGiven(own, experiment) * Math.max(1, count)} mL` };
  },
  wetting: ({ plan, units }) =>
    plan.kit.mediumBy === 'g' ? some(plan.kit.mediumEach, (each) => ({ mass: whole(each * units.length) })) : {},
  'lamp-times': (experiment): Filled => {
    const hours = doses(experiment, 'h').filter((own) => own <= 24);
    return hours.length === 0 ? {} : { hours: hours.join(' ') };
  },
  'lamp-cost': (experiment) => ({
    ...some(lastDay(experiment), (days) => ({ days: whole(days) })),
    ...some(experiment.units.length, (trays) => ({ trays: whole(trays) })),
  }),
  'soil-cost': (experiment): Filled => {
    const { amount, unit } = mixEach(experiment);
    return amount > 0 && unit === 'mL' ? { tray: `${amount / 1000} L` } : {};
  },
  'mass-lost': (experiment) => some(lastDay(experiment), (days) => ({ days: whole(days) })),
  'relative-growth': (experiment) => some(lastDay(experiment), (days) => ({ days: whole(days) })),
  'light-survey': ({ plan }): Filled => {
    const [shelf] = shelfRows(plan.bench);
    return shelf === undefined || shelf.shelf.columns > 60
      ? {}
      : {
          places: whole(shelf.shelf.columns),
          readings: Array.from({ length: shelf.shelf.rows * shelf.shelf.columns }, () => '100').join(' '),
        };
  },
};

const parts = ({ plan }: Experiment): Filled =>
  plan.kit.parts.length > 1 ? { parts: plan.kit.parts.map((own) => own.parts).join(' ') } : {};

function mixTotal(experiment: Experiment, wanted: 'g' | 'mL'): Filled {
  const { amount, unit } = mixEach(experiment);
  return amount > 0 && unit === wanted ? { total: `${amount * experiment.units.length} ${unit}` } : {};
}

/**
 * What a plan already knows of what a calculator asks.
 * @param id of the calculator
 * @returns as one would type it, by field; what the plan does not know is left out
 */
export const filledFromPlan = (id: string, experiment: Experiment): Filled => fillers[id]?.(experiment) ?? {};
