import { withoutWays } from '../../study/foretold';
import { convert } from '../../quantities/units';
import { byCode, primaryOf, type Experiment, type Measure } from '../../model';

type Convert = (value: number | null) => number | null;

/** How numbers said of a measure follow its unit. */
interface Follow {
  /** Of what it comes to, as what the control must reach. */
  readonly level: Convert;
  /** Of how far two differ, as what matters: five degrees Celsius apart are nine degrees Fahrenheit apart. */
  readonly difference: Convert;
  /** They spoke of something else. */
  readonly isGone: boolean;
}

const gone: Follow = { level: () => null, difference: () => null, isGone: true };

/** Null where nothing changed, or where the unit was only missing. */
function followOf(before: Measure, after: Measure): Follow | null {
  if (before.kind !== after.kind) return gone;
  if (before.unit === after.unit || before.unit.trim() === '') return null;
  const none = convert(0, before.unit, after.unit);
  if (none === null) return gone;
  const inNew = (less: number): Convert => {
    const to = (value: number) => (convert(value, before.unit, after.unit) ?? 0) - less;
    return (value) => (value === null ? null : Number(to(value).toPrecision(12)));
  };
  return { level: inNew(0), difference: inNew(none), isGone: false };
}

/**
 * What was said in numbers of a measure follows when its unit changes, and is asked for anew when it is another kind of thing: what matters,
 * what the control must reach, the guesses behind the power, what was foretold.
 * @param after the experiment with its measures changed
 */
export function followUnits(before: Experiment, after: Experiment): Experiment {
  return before.measures.reduce((experiment, old) => {
    const measure = byCode(experiment.measures, old.code);
    const follow = measure ? followOf(old, measure) : null;
    return measure && follow ? withNumbers(experiment, measure, follow) : experiment;
  }, after);
}

function withNumbers(experiment: Experiment, { code, primary }: Measure, { level, difference, isGone }: Follow): Experiment {
  const { plan } = experiment;
  const measures = experiment.measures.map((own) =>
    own.code === code ? { ...own, smallestDifference: difference(own.smallestDifference) } : own,
  );
  const controlLimits = plan.controlLimits
    .map((own) => (own.measure === code ? { ...own, least: level(own.least), most: level(own.most) } : own))
    .filter(({ least, most }) => least !== null || most !== null);
  const guesses = { controlGuess: level(plan.controlGuess), spreadGuess: isGone ? null : plan.spreadGuess };
  const predictions = plan.predictions.map((own) => ({ ...own, by: difference(own.by) }));
  return { ...experiment, measures, plan: { ...plan, controlLimits, ...(primary ? { ...guesses, predictions } : {}) } };
}

/**
 * What was said of the measure that decided goes when another does: the guesses behind the power, the claimed size, what was foretold.
 * @param after the experiment with another measure that decides
 */
export function followDeciding(before: Experiment, after: Experiment): Experiment {
  if (primaryOf(before.measures)?.code === primaryOf(after.measures)?.code) return after;
  const { plan } = withoutWays(after);
  return { ...after, claimedRatio: null, plan: { ...plan, controlGuess: null, spreadGuess: null } };
}
