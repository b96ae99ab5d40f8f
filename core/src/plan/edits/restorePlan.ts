import { entryOf } from '../../invariant';
import { experimentFields } from '../../model/experiment';
import { same, type Experiment, type Fields, type KitNeeds } from '../../model';

/**
 * A plan as it was before. What is not fixed at the start stays as it is now: the writer's words, what became of each unit, the seal, the
 * predictions, the amendments, the start.
 * @param before whose fixed fields are taken
 * @param now whose free fields are taken
 * @returns the experiment with the plan of before
 */
export function restorePlan(before: Experiment, now: Experiment): Experiment {
  const startedOn = now.plan.lockedOn === null ? before.startedOn : now.startedOn;
  const { plan, ...rest } = restored(experimentFields, before, now) as Experiment;
  return { ...rest, startedOn, plan: { ...plan, kit: kitOfArms(before, now) } };
}

/** What only a group that comes back got comes back with it; the rest of the kit is free, and stays as it is. */
function kitOfArms(before: Experiment, now: Experiment): KitNeeds {
  const codes = ({ arms }: Experiment) => arms.map(({ code }) => code);
  const { additions, solutions, things } = before.plan.kit;
  return same(codes(before), codes(now)) ? now.plan.kit : { ...now.plan.kit, additions, solutions, things };
}

type Values = Readonly<Record<string, unknown>>;

function restored(fields: Fields, before: Values, now: Values): Values {
  return { ...before, ...Object.fromEntries(Object.keys(fields).map((name) => [name, fieldOf(fields, name, before, now)])) };
}

function fieldOf(fields: Fields, name: string, before: Values, now: Values): unknown {
  const { free, shape, nullable } = entryOf(fields, name);
  // The first texts belong to the plan that was made from them.
  if (name === 'templates') return before[name];
  if (free) return now[name];
  if (shape.type === 'record' && !nullable) return restored(shape.fields, before[name] as Values, now[name] as Values);
  if (shape.type !== 'list' || shape.of.type !== 'record' || typeof shape.each !== 'string') return before[name];
  const { each } = shape;
  const inner = shape.of.fields;
  const items = new Map((now[name] as readonly Values[]).map((item) => [item[each], item]));
  return (before[name] as readonly Values[]).map((item) => restored(inner, item, items.get(item[each]) ?? item));
}
