import { sidesThere, type Arm, type Experiment } from '../model';

/**
 * Takes arms that are no more out of what names them: steps, their moments, the kit, what the control must reach, orders that were foretold.
 * A step that only they went through goes with them; no arms at all would mean every arm.
 * @param left arms that stay
 */
export function withoutArms(experiment: Experiment, left: readonly Arm[]): Experiment {
  const known = new Set(left.map(({ code: arm }) => arm));
  const { plan } = experiment;
  const kept = <Item extends { readonly arms: readonly string[] }>(items: readonly Item[]): Item[] =>
    items.flatMap((item) => {
      const arms = item.arms.filter((arm) => known.has(arm));
      return arms.length === 0 && item.arms.length > 0 ? [] : [arms.length === item.arms.length ? item : { ...item, arms }];
    });
  return {
    ...experiment,
    asked: experiment.asked.filter((own) => sidesThere(own, left)),
    plan: {
      ...plan,
      stages: kept(plan.stages),
      timing: { ...plan.timing, pins: plan.timing.pins.filter(({ arm }) => known.has(arm)) },
      kit: { ...plan.kit, additions: kept(plan.kit.additions), solutions: kept(plan.kit.solutions), things: kept(plan.kit.things) },
      controlLimits: plan.controlLimits.filter(({ arm }) => arm === null || known.has(arm)),
      predictions: plan.predictions.map((own) => ({ ...own, ranking: own.ranking.filter((arm) => known.has(arm)) })),
    },
  };
}
