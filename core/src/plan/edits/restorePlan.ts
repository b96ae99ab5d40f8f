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
  const [known, there] = [codes(before), codes(now)];
  if (same(known, there)) return now.plan.kit;
  const back = <Item extends ForArms>(was: readonly Item[], is: readonly Item[], isSame: (one: Item, other: Item) => boolean) => {
    const gone = was.filter((own) => own.arms.length > 0 && !is.some((other) => isSame(own, other)));
    return [...is.map((own) => ({ own, old: was.find((other) => isSame(own, other)) })), ...gone.map((old) => ({ own: old, old }))].flatMap(
      ({ own, old }) => {
        const arms = known.filter((code) => (there.includes(code) ? own : old)?.arms.includes(code));
        return own.arms.length > 0 && arms.length === 0 ? [] : [{ ...own, arms }];
      },
    );
  };
  const [was, is] = [before.plan.kit, now.plan.kit];
  return {
    ...is,
    additions: back(was.additions, is.additions, sameName),
    solutions: back(was.solutions, is.solutions, sameName),
    things: back(was.things, is.things, (one, other) => one.what === other.what),
  };
}

interface ForArms {
  readonly arms: readonly string[];
}

const sameName = (one: { readonly name: string }, other: { readonly name: string }) => one.name === other.name;

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
