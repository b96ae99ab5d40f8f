import { byCode, type Measure } from '../model';
import { commensurable, dimensions, usualUnit } from '../quantities/dimensions';
import { evaluate, FormulaError, readFormula, unitOfFormula, type Formula } from '../quantities/formula';
import type { Daily, Kind, Readings } from './Kind';
import { measured } from './measured';

/** Worked out from other measures of the same unit and day by a formula; never typed. */
export const derivedKind: Kind = {
  ...measured,
  label: 'worked out by a formula',
  verb: 'Work out',
  entry: 'none',
  seconds: 0,
  question: ({ name }) => name,
  hasFormula: true,
  fresh: { ...measured.fresh, derived: '' },
  refuse: () => 'This is worked out from other measures and never typed.',
  misplanned,
  from: ({ derived: formula }) => remembered(formula ?? '')?.names ?? [],
  daily: workedOut,
};

/** What is wrong with the formula, its names or its units; null where nothing is. */
function misplanned(measure: Measure, all: readonly Measure[]): string | null {
  const read = all.filter(({ kind }) => kind !== measure.kind);
  const known = read.map(({ code: code }) => code).join(', ');
  try {
    const formula = readFormula(measure.derived ?? '');
    const stranger = formula.names.find((name) => read.every(({ code: code }) => code !== name));
    if (stranger !== undefined)
      return `“${stranger}” is no measure that is read here. There ${read.length === 1 ? 'is' : 'are'}: ${known || 'none yet'}.`;
    if (formula.names.length === 0)
      return `A formula needs at least one measure in it. There ${read.length === 1 ? 'is' : 'are'}: ${known || 'none yet'}.`;
    const unit = unitOfFormula(formula, (name) => dimensions(unitOf(read, name)));
    if (commensurable(unit, dimensions(measure.unit))) return null;
    const comes = usualUnit(unit);
    return comes === ''
      ? `“${measure.name}” comes out as a plain number, not in ${measure.unit}. Leave its unit empty.`
      : `“${measure.name}” comes out in ${comes}, not ${measure.unit === '' ? 'as a plain number' : `in ${measure.unit}`}. Set its unit to ${comes}.`;
  } catch (error) {
    if (error instanceof FormulaError) return error.message;
    throw error;
  }
}

/**
 * The unit in which a measure that is worked out comes out.
 * @param measure of any kind
 * @param all measures of the plan
 * @returns its own where that fits, or where nothing can be worked out
 */
export function unitThatFits(measure: Measure, all: readonly Measure[]): string {
  if (measure.derived === null) return measure.unit;
  try {
    const unit = unitOfFormula(readFormula(measure.derived), (name) => dimensions(unitOf(all, name)));
    return commensurable(unit, dimensions(measure.unit)) ? measure.unit : usualUnit(unit);
  } catch (error) {
    if (error instanceof FormulaError) return measure.unit;
    throw error;
  }
}

function unitOf(measures: readonly Measure[], code: string): string {
  return byCode(measures, code)?.unit ?? '';
}

/**
 * On each day on which every name was read: plant by plant where plants were read one by one, else for the unit. What is read once holds from
 * its day on, so that two weighings weeks apart make one loss.
 */
function workedOut(measure: Measure, readings: Readings): Daily {
  const formula = remembered(measure.derived ?? '');
  if (formula === null || formula.names.length === 0) return new Map();
  const parts = new Map(
    formula.names.map((name) => [name, { daily: readings.daily(name), factor: dimensions(readings.unit(name)).factor }] as const),
  );
  const all = [...new Set([...parts.values()].flatMap(({ daily }) => [...daily.keys()]))].sort((a, b) => a - b);
  for (const [name, part] of parts) if (readings.once(name)) parts.set(name, { ...part, daily: heldOn(all, part.daily) });
  const { factor } = dimensions(measure.unit);
  const [first, ...others] = [...parts.values()].map(({ daily }) => daily);
  if (first === undefined) throw new RangeError('A formula names one measure at least.');
  const days = new Map<number, Map<string, number>>();
  for (const day of first.keys()) {
    if (!others.every((daily) => daily.has(day))) continue;
    const plants = plantsOn([first, ...others], day);
    const values = plants.flatMap((plant): [string, number][] => {
      const value = evaluate(formula, (name) => {
        const part = parts.get(name);
        const read = part?.daily.get(day);
        return (read?.get(plant) ?? read?.get('') ?? NaN) * (part?.factor ?? 1);
      });
      return Number.isFinite(value) ? [[plant, value / factor]] : [];
    });
    if (values.length > 0) days.set(day, new Map(values));
  }
  return new Map([...days].sort(([a], [b]) => a - b));
}

/** What was read last, on each of the days from its own on. */
function heldOn(days: readonly number[], daily: Daily): Daily {
  const read = [...daily].sort(([a], [b]) => a - b);
  return new Map(
    days.flatMap((day) => {
      const last = read.findLast(([own]) => own <= day);
      return last ? [[day, last[1]] as const] : [];
    }),
  );
}

/** Plants that were read one by one on a day; the unit itself where none was. */
function plantsOn(parts: readonly Daily[], day: number): string[] {
  const plants = new Set(parts.flatMap((daily) => [...(daily.get(day)?.keys() ?? [])]).filter((plant) => plant !== ''));
  return plants.size > 0 ? [...plants] : [''];
}

const MOST_REMEMBERED = 100;
const known = new Map<string, Formula | null>();

/** The same formula is asked for by every unit. Null for what is no formula. */
function remembered(text: string): Formula | null {
  const found = known.get(text);
  if (found !== undefined) return found;
  let formula: Formula | null;
  try {
    formula = readFormula(text);
  } catch (error) {
    if (!(error instanceof FormulaError)) throw error;
    formula = null;
  }
  if (known.size < MOST_REMEMBERED) known.set(text, formula);
  return formula;
}
