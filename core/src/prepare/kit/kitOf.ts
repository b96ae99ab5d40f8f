import { containerOf } from '../../data/containers';
import type { Experiment } from '../../model';
import { containerWord } from '../../study/replicates';
import { plural } from '../../quantities/plural';
import { containerWords } from '../../words/prepare/kitWords';
import type { BareLine, KitLine } from './KitLine';
import { mixLines } from './mix';
import { inAll, perArm, sparedWhole } from './perArm';
import { sownMaterialLines } from './sownMaterial';
import { solutionLines } from './solutions';
import { thingLines } from './thingLines';

/**
 * The kit, worked out from the plan: seeds or cuttings, what they stand in, the mix, solutions, labels, and what else was written down.
 * @returns a line for each thing, with its ticks and prices
 */
export function kitOf(experiment: Experiment): KitLine[] {
  const { ticked, prices } = experiment.plan.kit;
  const there = new Set(ticked);
  const lines = [
    ...sownMaterialLines(experiment),
    ...containerLines(experiment),
    ...mixLines(experiment),
    ...solutionLines(experiment),
    ...labelLines(experiment),
    ...thingLines(experiment),
    ...ownLines(experiment),
  ];
  return lines.map((bare, i) => {
    // The same thing for two groups is two lines.
    const before = lines.slice(0, i).filter(({ id }) => id === bare.id).length;
    const line = before === 0 ? bare : { ...bare, id: `${bare.id} (${before + 1})` };
    const price = prices.find(({ item }) => item === line.id)?.price ?? null;
    const many = line.amount === null ? 1 : line.unit === '' ? line.amount : line.amount / 1000;
    return { ...line, isTicked: there.has(line.id), price, cost: price === null ? null : price * many };
  });
}

function containerLines(experiment: Experiment): BareLine[] {
  const { plan, units } = experiment;
  if (!containerOf(plan.unitNoun).isThing) return [];
  const { containers, containerCount, spare } = plan.kit;
  const line: BareLine = {
    id: 'containers',
    group: 'containers',
    what: containers === '' ? plural(plan.unitNoun) : `${plural(plan.unitNoun)} ${containers}`,
    amount: containerCount ?? sparedWhole(units.length, Math.min(spare, 10)),
    unit: '',
    arms: containerCount === null ? perArm(experiment, () => 1) : [],
    how: containerCount === null ? containerWords.all(units.length) : containerWords.again,
  };
  return [line, ...sharedLines(experiment)];
}

/** Tanks, lamps, trays: what units share, counted once. */
function sharedLines({ units, arms, plan }: Experiment): BareLine[] {
  const names = new Set(units.flatMap(({ container }) => container ?? []));
  if (names.size === 0) return [];
  const word = containerWord(plan);
  const each = arms.flatMap(({ code: arm }) => {
    const amount = new Set(units.filter((unit) => unit.arm === arm).flatMap(({ container }) => container ?? [])).size;
    return amount > 0 ? [{ arm, amount }] : [];
  });
  return [
    {
      id: `shared ${word}`,
      group: 'containers',
      what: names.size === 1 ? word : plural(word),
      amount: names.size,
      unit: '',
      arms: inAll(each) > names.size ? [] : each,
      how: containerWords.shared,
    },
  ];
}

function labelLines({ units, arms, plan }: Experiment): BareLine[] {
  return [
    {
      id: 'labels',
      group: 'labels',
      what: 'labels',
      amount: units.length + arms.length,
      unit: '',
      arms: [],
      how: containerWords.labels(plan.unitNoun),
    },
  ];
}

/** Lines that a person wrote down. */
function ownLines({ plan }: Experiment): BareLine[] {
  return [...new Set(plan.materials.map((line) => line.trim()))]
    .filter((line) => line !== '')
    .map((line) => ({ id: `own ${idOf(line)}`, group: 'own', what: line, amount: null, unit: '', arms: [], how: '' }));
}

/** Numbers are left out, so that a tick stays when they change. */
const idOf = (line: string) => line.replace(/\d+([.,]\d+)?/g, '#').slice(0, 100);

/**
 * What the kit costs.
 * @param lines of a kit
 * @returns in all and an arm; null where nothing has a price
 */
export function kitCost(
  lines: readonly KitLine[],
): { readonly all: number; readonly arms: readonly { readonly arm: string; readonly cost: number }[] } | null {
  const priced = lines.filter(({ cost }) => cost !== null);
  if (priced.length === 0) return null;
  const arms = new Map<string, number>();
  for (const { cost, arms: own } of priced)
    for (const { arm, amount } of own) arms.set(arm, (arms.get(arm) ?? 0) + ((cost ?? 0) * amount) / inAll(own));
  return { all: priced.reduce((sum, { cost }) => sum + (cost ?? 0), 0), arms: [...arms].map(([arm, cost]) => ({ arm, cost })) };
}
