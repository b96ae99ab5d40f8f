import { convert } from '../../quantities/units';
import { isShare } from '../../kinds';
import { byCode, primaryOf, type Experiment, type Measure } from '../../model';

const scaledBy = (factor: number) => (value: number | null) => (value === null ? null : Number((value * factor).toPrecision(12)));
const emptied = () => null;

/** How a number of a measure follows its unit: converted where both units are of one dimension, else gone, since it speaks of something else. */
function followerOf(before: Measure, after: Measure): ((value: number | null) => number | null) | null {
  if (before.unit === after.unit && before.kind === after.kind) return null;
  const factor = before.kind === after.kind ? convert(1, before.unit, after.unit) : null;
  return factor === null ? emptied : scaledBy(factor);
}

/**
 * What was said in numbers of a measure follows when its unit changes, and is asked for anew when it is another kind of thing: what matters,
 * what the control must reach, the guess of the control, what was foretold.
 * @param after the experiment with its measures changed
 */
export function followUnits(before: Experiment, after: Experiment): Experiment {
  return before.measures.reduce((experiment, old) => {
    const measure = byCode(experiment.measures, old.code);
    const follow = measure ? followerOf(old, measure) : null;
    return measure && follow ? withNumbers(experiment, measure, follow) : experiment;
  }, after);
}

function withNumbers(experiment: Experiment, measure: Measure, follow: (value: number | null) => number | null): Experiment {
  const { plan } = experiment;
  const limits = plan.controlLimits.map((own) =>
    own.measure === measure.code ? { ...own, least: follow(own.least), most: follow(own.most) } : own,
  );
  const measures = experiment.measures.map((own) =>
    own.code === measure.code ? { ...own, smallestDifference: follow(own.smallestDifference) } : own,
  );
  const controlLimits = limits.filter(({ least, most }) => least !== null || most !== null);
  if (!measure.primary) return { ...experiment, measures, plan: { ...plan, controlLimits } };
  // A guess of a count of the sown is a share, which has no unit.
  const controlGuess = follow === emptied || !isShare(measure, experiment.units) ? follow(plan.controlGuess) : plan.controlGuess;
  return {
    ...experiment,
    measures,
    plan: { ...plan, controlLimits, controlGuess, predictions: plan.predictions.map((own) => ({ ...own, by: follow(own.by) })) },
  };
}

/**
 * What was said of the measure that decided goes when another does: the guesses behind the power, the claimed size, what was foretold.
 * @param after the experiment with another measure that decides
 */
export function followDeciding(before: Experiment, after: Experiment): Experiment {
  if (primaryOf(before.measures)?.code === primaryOf(after.measures)?.code) return after;
  const predictions = after.plan.predictions.map((own) => ({ ...own, way: null, by: null }));
  return { ...after, claimedRatio: null, plan: { ...after.plan, controlGuess: null, spreadGuess: null, predictions } };
}
