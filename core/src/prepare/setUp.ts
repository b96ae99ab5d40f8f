import { findArm, type Experiment, type Study, type Unit } from '../model';
import { inSystemWords, type UnitSystem } from '../quantities/inSystem';
import { lengthWords } from '../study/lengthWords';
import { roundOrder } from '../study/bench/shelves';
import { liveCare, SET_UP } from '../study/liveEntries';
import { comesBefore, goesThrough } from '../study/schedule/schedule';
import type { KitLine } from './kit/KitLine';
import { kitOf } from './kit/kitOf';
import { couldSpread } from '../study/hazardsOf';

/** What stands in a place, and what it gets. */
export interface SetUpItem {
  readonly unit: Unit;
  readonly isDone: boolean;
}

/**
 * The units in the order in which they are put out: along the bench, so that it is walked once; where a treatment could get into the
 * control, the control first and then one arm after another, each along the bench.
 * @param study with what was put out already
 * @returns a stop for each active unit
 */
export function setUpOrder({ experiment, care }: Pick<Study, 'experiment' | 'care'>): SetUpItem[] {
  const done = new Set(liveCare({ care }).flatMap(({ step, units }) => (step === SET_UP ? units : [])));
  const along = roundOrder(experiment.units.filter(({ status }) => status === 'active'));
  const arms = [...experiment.arms].sort((a, b) => Number(b.role === 'control') - Number(a.role === 'control')).map(({ code: arm }) => arm);
  const order = couldSpread(experiment) ? arms.flatMap((arm) => along.filter((unit) => unit.arm === arm)) : along;
  return order.map((unit) => ({ unit, isDone: done.has(unit.code) }));
}

const perUnit = ({ group, id, unit }: KitLine) =>
  group !== 'labels' && (group !== 'own' || unit !== '') && !id.startsWith('shared') && !id.startsWith('stock') && !id.startsWith('solid');

/**
 * What one unit of an arm gets, a line for each thing.
 * @param code of the arm
 * @param system grams or ounces
 * @returns lines to read at the bench
 */
export function recipeOf(experiment: Experiment, code: string, system: UnitSystem): string[] {
  const count = experiment.units.filter(({ arm }) => arm === code).length;
  const amounts = kitOf(experiment).flatMap((line) => {
    const own = findArm(line.arms, code);
    return own && perUnit(line) && line.id !== 'containers' ? [`${inSystemWords(own.amount / count, line.unit, system)} ${line.what}`] : [];
  });
  const steps = experiment.plan.stages
    .filter((stage) => comesBefore(stage) && goesThrough(stage, code))
    .map(({ name, hours, hoursMost }) => `${name}${hours === null ? '' : ` (${lengthWords(hours, hoursMost)})`}`);
  return [...amounts, ...steps];
}
