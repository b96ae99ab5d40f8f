import type { Experiment, Kept, Plan, Prediction, Stage, Writing } from '../../model';

/** Changes what the plan says beyond arms, units and measures. */
export function changePlan(experiment: Experiment, more: Partial<Plan>): Experiment {
  return { ...experiment, plan: { ...experiment.plan, ...more } };
}

/** Freezes the plan at its start. */
export function startOn(experiment: Experiment, startedOn: string, frozenOn: string): Experiment {
  return changePlan({ ...experiment, startedOn }, { frozenOn });
}

function changeItem<Item>(items: readonly Item[], index: number, more: Partial<Item>): Item[] {
  return items.map((item, i) => (i === index ? { ...item, ...more } : item));
}

const without = <Item>(items: readonly Item[], index: number) => items.filter((_, i) => i !== index);

export function addKept(experiment: Experiment): Experiment {
  return changePlan(experiment, { kept: [...experiment.plan.kept, { what: '', how: '' }] });
}

export function changeKept(experiment: Experiment, index: number, more: Partial<Kept>): Experiment {
  return changePlan(experiment, { kept: changeItem(experiment.plan.kept, index, more) });
}

export function removeKept(experiment: Experiment, index: number): Experiment {
  return changePlan(experiment, { kept: without(experiment.plan.kept, index) });
}

/** Adds a soak that the treatments go through. */
export function addStage(experiment: Experiment): Experiment {
  const arms = experiment.arms.filter(({ role }) => role === 'treatment').map(({ arm }) => arm);
  const soak: Stage = { name: 'soak', kind: 'soak', arms, hours: null, tested: false };
  return changePlan(experiment, { stages: [...experiment.plan.stages, soak] });
}

export function changeStage(experiment: Experiment, index: number, more: Partial<Stage>): Experiment {
  return changePlan(experiment, { stages: changeItem(experiment.plan.stages, index, more) });
}

/** Lets an arm go through a stage, or no longer. */
export function toggleStageArm(experiment: Experiment, index: number, arm: string): Experiment {
  return changeStage(experiment, index, { arms: toggled(experiment.plan.stages[index]?.arms ?? [], arm) });
}

export function removeStage(experiment: Experiment, index: number): Experiment {
  return changePlan(experiment, { stages: without(experiment.plan.stages, index) });
}

export function addPrediction(experiment: Experiment, prediction: Prediction): Experiment {
  return changePlan(experiment, { predictions: [...experiment.plan.predictions, prediction] });
}

export function removePrediction(experiment: Experiment, index: number): Experiment {
  return changePlan(experiment, { predictions: without(experiment.plan.predictions, index) });
}

/** Writes a part of the report, as typed. */
export function write(experiment: Experiment, part: keyof Writing, text: string): Experiment {
  return { ...experiment, writing: { ...experiment.writing, [part]: text } };
}

/** The list without the item where it is there, else with it. */
export function toggled<Item>(items: readonly Item[], item: Item): Item[] {
  return items.includes(item) ? items.filter((other) => other !== item) : [...items, item];
}
