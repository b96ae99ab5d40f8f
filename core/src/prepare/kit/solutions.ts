import type { Experiment, Solution } from '../../model';
import { typedRatio } from '../calculators/typedRatio';
import { ratioVolume } from '../dilution';
import { badgeOf } from '../../words/badge';
import { solutionWords } from '../../words/prepare/kitWords';
import type { BareLine } from './KitLine';
import { inAll, perArm, spared, type ArmAmount } from './perArm';

/** Units under which an arm's dose is grams in a litre. */
const GRAMS = 'g/L';

/** What is poured: as was said, or the doses where they are grams a litre. */
function solutionsOf({ plan, arms }: Experiment): readonly Solution[] {
  if (plan.kit.solutions.length > 0 || !arms.some(({ dose, doseUnit }) => dose !== null && doseUnit === GRAMS)) return plan.kit.solutions;
  return [
    {
      name: 'the dose',
      arms: arms.map(({ code: arm }) => arm),
      each: 50,
      times: 1,
      aWeek: null,
      onSteps: false,
      made: 'grams',
      ratio: '',
      grams: null,
    },
  ];
}

/**
 * How often a solution is given until the last reading.
 * @param solution so many times in all, or a week, or on the days of the steps of its arms
 * @returns at least once
 */
export function timesGiven(
  { times, aWeek, onSteps, arms }: Pick<Solution, 'times' | 'aWeek' | 'onSteps' | 'arms'>,
  { measures, plan }: Pick<Experiment, 'measures' | 'plan'>,
): number {
  if (onSteps) {
    const steps = plan.stages.filter((stage) => arms.length === 0 || stage.arms.some((own) => arms.includes(own)));
    return Math.max(1, new Set(steps.flatMap(({ days }) => days)).size);
  }
  if (aWeek === null) return times;
  const last = Math.max(0, ...measures.flatMap(({ readingDays }) => readingDays));
  return Math.max(1, Math.ceil((last * aWeek) / 7 - 1e-9));
}

/** Solutions, with what they are made of: so much to each unit, so many times, from a stock, or so many grams a litre. */
export function solutionLines(experiment: Experiment): BareLine[] {
  const { spare } = experiment.plan.kit;
  return solutionsOf(experiment).flatMap((solution) => {
    const { name, arms: own, each } = solution;
    const aWeek = solution.onSteps ? null : solution.aWeek;
    const times = timesGiven(solution, experiment);
    const all = perArm(experiment, ({ arm }) => (own.length === 0 || own.includes(arm) ? each * times : 0));
    if (all.length === 0) return [];
    const line = (id: string, what: string, arms: readonly ArmAmount[], unit: string, how: string): BareLine => ({
      id: `${id} ${name}`,
      group: 'solutions',
      what,
      amount: spared(inAll(arms), spare),
      unit,
      arms,
      how,
    });
    const whole = line(
      'solution',
      solutionWords.what(solution),
      all,
      'mL',
      solutionWords.each(each, solutionWords.often(times, aWeek), spare),
    );
    return [whole, ...madeOf(experiment, solution, all, line)];
  });
}

type Liner = (id: string, what: string, arms: readonly ArmAmount[], unit: string, how: string) => BareLine;

function madeOf({ arms: plan }: Experiment, { name, made, ratio, grams }: Solution, all: readonly ArmAmount[], line: Liner): BareLine[] {
  if (made === 'ratio') {
    const read = typedRatio(ratio);
    if ('wrong' in read) return [];
    const part = (amount: number) => ratioVolume(read.parts, amount, read.style) ?? 0;
    const stock = all.map(({ arm, amount }) => ({ arm, amount: part(amount) }));
    const water = all.map(({ arm, amount }) => ({ arm, amount: amount - part(amount) }));
    return [
      line('stock', solutionWords.stock(name, ratio), stock, 'mL', solutionWords.part(read.parts, read.style === 'in-total')),
      line('water', solutionWords.water(name), water, 'mL', solutionWords.fills),
    ];
  }
  if (made === 'grams') {
    const gramsOf = (code: string) => grams ?? plan.find(({ code: arm }) => arm === code)?.dose ?? 0;
    const solid = all.flatMap(({ arm, amount }) => (gramsOf(arm) > 0 ? [{ arm, amount: (gramsOf(arm) * amount) / 1000 }] : []));
    const told = solutionWords.grams(solid.map(({ arm }) => ({ badge: badgeOf(plan, arm), grams: gramsOf(arm) })));
    return solid.length === 0 ? [] : [line('solid', solutionWords.solid(name), solid, 'g', told)];
  }
  return [];
}
