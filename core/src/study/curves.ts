import { kindOf, type Daily, type Readings } from '../kinds';
import { curveOf } from '../kinds/dailyValues';
import { untilDay } from '../kinds/unitEnd';
import {
  addDays,
  daysBetween,
  byCode,
  isValued,
  type CurvePoint,
  type Experiment,
  type Measure,
  type Observation,
  type Study,
  type Unit,
  type UnitData,
  type Valued,
} from '../model';
import { cell } from './readings';
import { memoize } from './memoize';
import { unitsRead } from './unitsRead';

/**
 * Day 0 of a unit: its own start, else the experiment's, else null.
 * @param unit any unit
 * @returns a calendar date
 */
export function startOf(unit: Pick<Unit, 'startedOn'>, experiment: Pick<Experiment, 'startedOn'>): string | null {
  return unit.startedOn ?? experiment.startedOn;
}

interface KnownCurve {
  readonly measure: Measure;
  readonly start: string | null;
  readonly curve: readonly CurvePoint[];
}

// By the readings that a curve was made of: a new reading elsewhere leaves it as it is.
const curves = new WeakMap<readonly Observation[], KnownCurve>();

/**
 * A unit's curve of a measure, in order of days after its start.
 * @param study the unit's own
 * @param measure one that is typed or derived
 * @param unit of the study
 * @returns a value a day
 */
export function unitCurve(study: Study, measure: Measure, unit: Unit): readonly CurvePoint[] {
  const start = startOf(unit, study.experiment);
  const kind = kindOf(measure);
  const { live } = cell(study, measure.code, unit.code);
  const known = kind.hasFormula ? undefined : curves.get(live);
  if (known && known.measure === measure && known.start === start) return known.curve;
  const curve = curveOf(kind.daily(measure, readingsOfUnit(study, unit, start)), kind.plants);
  if (!kind.hasFormula && live.length > 0) curves.set(live, { measure, start, curve });
  return curve;
}

const valued = memoize((live: readonly Observation[]): readonly Valued[] => live.filter(isValued));

/** @param placed puts each reading on the day that counts */
function readingsOfUnit(study: Study, unit: Unit, start: string | null, placed = (live: readonly Valued[]) => live): Readings {
  const named = (code: string) => byCode(study.experiment.measures, code);
  const readings: Readings = {
    start,
    of: (code) => placed(valued(cell(study, code, unit.code).live)),
    unit: (code) => named(code)?.unit ?? '',
    daily: (code): Daily => {
      const measure = named(code);
      return measure ? kindOf(measure).daily(measure, readings) : new Map();
    },
    once: (code) => (named(code)?.readingDays.length ?? 0) <= 1,
  };
  return readings;
}

/**
 * Every unit's curve of a measure, in the order of the units; of what they share one, where that is what is read.
 * @param measure one that is typed or derived
 * @returns a curve a unit
 */
export function unitData(study: Study, measure: Measure): UnitData[] {
  return unitsRead(study.experiment, measure).map((unit) => ({
    unit,
    curve: unitCurve(study, measure, unit),
    ...lateOnRounds(study, measure, unit),
    nothingFrom: nothingFrom(study, measure, unit),
  }));
}

/**
 * Where the value of a planned day counts, what was read late for a walk is that walk's all the same; and plants of one walk that were read on
 * two days are of one walk.
 */
function lateOnRounds(study: Study, measure: Measure, unit: Unit): Pick<UnitData, 'onWalks'> {
  const start = startOf(unit, study.experiment);
  const kind = kindOf(measure);
  const read = kind.from(measure).flatMap((code) => valued(cell(study, code, unit.code).live));
  const counts = untilDay(measure.when) < Infinity || (measure.when === 'final' && read.some(({ plant }) => plant !== null));
  if (start === null || !counts) return {};
  const dayOfRound = ({ plannedDay, observedOn }: Valued) =>
    plannedDay === null ? observedOn.slice(0, 10) : addDays(start, Math.floor(plannedDay));
  const isLate = (seen: Valued) => dayOfRound(seen) !== observedDay(seen);
  if (!read.some(isLate)) return {};
  const placed = (live: readonly Valued[]) => live.map((seen) => ({ ...seen, observedOn: dayOfRound(seen) }));
  return { onWalks: curveOf(kind.daily(measure, readingsOfUnit(study, unit, start, placed)), kind.plants) };
}

const observedDay = ({ observedOn }: Valued) => observedOn.slice(0, 10);

/** From the last reading on: what came up again after an empty pot is there again. */
function nothingFrom(study: Study, measure: Measure, unit: Unit): number | null {
  const start = startOf(unit, study.experiment);
  const days = kindOf(measure)
    .from(measure)
    .flatMap((code) => lastOf(cell(study, code, unit.code).live) ?? [])
    .filter(({ absent }) => absent === 'nothing-there')
    .map(({ observedOn }) => (start === null ? 0 : daysBetween(start, observedOn)));
  return days.length === 0 ? null : Math.min(...days);
}

const lastOf = (live: readonly Observation[]) =>
  live.reduce<Observation | null>((last, seen) => (last === null || seen.observedOn >= last.observedOn ? seen : last), null);
