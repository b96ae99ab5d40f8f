import { itemAt } from '../../invariant';
import { kindOf } from '../../kinds';
import { unitThatFits } from '../../kinds/derived';
import { readFormula } from '../../quantities/formula';
import { followDeciding, followUnits } from './deciding';
import { blankOf, measureFields, type Experiment, type Measure, type MeasureKind } from '../../model';

/**
 * Changes what is said of a measure; numbers in its unit follow. What is worked out from it takes the unit in which it then comes out.
 * @param code of the measure; an unknown one changes nothing
 * @param more what changes; which one decides is `decideBy`
 */
export function changeMeasure(experiment: Experiment, code: string, more: Partial<Omit<Measure, 'code' | 'primary'>>): Experiment {
  const measures = experiment.measures.map((measure) => (measure.code === code ? { ...measure, ...more } : measure));
  const followers = measures.map((measure) => (measure.code === code ? measure : { ...measure, unit: unitThatFits(measure, measures) }));
  return followUnits(experiment, { ...experiment, measures: followers });
}

/**
 * Makes a measure of another kind, with what that kind starts with.
 * @param code of the measure; an unknown one changes nothing
 * @param kind count, amount, rating, event, harvest or derived
 */
export function setMeasureKind(experiment: Experiment, code: string, kind: MeasureKind): Experiment {
  return changeMeasure(experiment, code, { kind, ...kindOf({ kind }).fresh });
}

/**
 * Makes a measure the one that decides; what was said of the other goes.
 * @param code of the measure
 */
export function decideBy(experiment: Experiment, code: string): Experiment {
  const measures = experiment.measures.map((measure) => ({ ...measure, primary: measure.code === code }));
  return followDeciding(experiment, { ...experiment, measures });
}

/**
 * The last day on which anything is read, a week at the least.
 * @returns days after the start
 */
export function lastReadingDay({ measures }: Pick<Experiment, 'measures'>): number {
  return Math.max(7, ...measures.flatMap((measure) => measure.readingDays));
}

/** Adds an amount that is read on the last day. */
export function addMeasure(experiment: Experiment): Experiment {
  const taken = new Set(experiment.measures.map((measure) => measure.code));
  let n = experiment.measures.length + 1;
  while (taken.has(`m${n}`)) n++;
  const fresh: Measure = {
    ...blankOf(measureFields),
    ...kindOf({ kind: 'amount' }).fresh,
    code: `m${n}`,
    name: 'Height',
    primary: experiment.measures.length === 0,
    readingDays: [lastReadingDay(experiment)],
  };
  return { ...experiment, measures: [...experiment.measures, fresh] };
}

/**
 * Takes a measure away, and with it what is worked out from it. The last one stays; where the one that decides goes, the first of the others decides.
 * @param code of the measure; an unknown one changes nothing
 */
export function removeMeasure(experiment: Experiment, code: string): Experiment {
  const gone = withDerived(experiment.measures, code);
  const left = experiment.measures.filter(({ code: measure }) => !gone.has(measure));
  if (left.length === 0 || left.length === experiment.measures.length) return experiment;
  const next = { ...experiment, measures: left };
  return left.some((measure) => measure.primary) ? next : decideBy(next, itemAt(left, 0).code);
}

/** A measure and all that are worked out from it, and from those. */
function withDerived(measures: readonly Measure[], code: string): ReadonlySet<string> {
  const gone = new Set([code]);
  for (let before = 0; before < gone.size;) {
    before = gone.size;
    for (const { code: measure, derived } of measures) if (namesIn(derived).some((name) => gone.has(name))) gone.add(measure);
  }
  return gone;
}

function namesIn(derived: string | null): readonly string[] {
  try {
    return derived === null ? [] : readFormula(derived).names;
  } catch {
    // A formula that cannot be read names nothing; the plan's own check says so.
    return [];
  }
}
