import { blankOf, stageFields, type Experiment, type KeptSame, type Plan, type Prediction, type Stage, type Writing } from '../../model';
import { convert } from '../../quantities/units';
import { armDosedBy, hoursOfDose } from '../../study/doseTold';
import { setDose } from './arms';
import { cropNamed } from '../../study/crop';

/** Changes what the plan says beyond arms, units and measures. With another plant goes its crop, where the plant's name says it. */
export function changePlan(experiment: Experiment, more: Partial<Plan>): Experiment {
  const crop = more.plant === undefined ? experiment.plan.crop : (cropNamed(more.plant)?.crop.code ?? '');
  return { ...experiment, plan: { ...experiment.plan, crop, ...more } };
}

function changeItem<Item>(items: readonly Item[], index: number, more: Partial<Item>): Item[] {
  return items.map((item, i) => (i === index ? { ...item, ...more } : item));
}

const without = <Item>(items: readonly Item[], index: number) => items.filter((_, i) => i !== index);

/** Adds a line to what is kept the same. */
export function addKept(experiment: Experiment): Experiment {
  return changePlan(experiment, { kept: [...experiment.plan.kept, { what: '', how: '' }] });
}

/**
 * Changes a line of what is kept the same.
 * @param index of the line, from 0
 */
export function changeKept(experiment: Experiment, index: number, more: Partial<KeptSame>): Experiment {
  return changePlan(experiment, { kept: changeItem(experiment.plan.kept, index, more) });
}

/**
 * Takes away a line of what is kept the same.
 * @param index of the line, from 0
 */
export function removeKept(experiment: Experiment, index: number): Experiment {
  return changePlan(experiment, { kept: without(experiment.plan.kept, index) });
}

/** Adds a soak that the treatments go through. */
export function addStage(experiment: Experiment): Experiment {
  const arms = experiment.arms.filter(({ role }) => role === 'treatment').map(({ code: arm }) => arm);
  const soak: Stage = { ...blankOf(stageFields), name: 'soak', kind: 'soak', arms };
  return changePlan(experiment, { stages: [...experiment.plan.stages, soak] });
}

/**
 * Changes a stage of the treatment. The dose of its arm follows where it is that very length.
 * @param index of the stage, from 0
 */
export function changeStage(experiment: Experiment, index: number, more: Partial<Stage>): Experiment {
  const stage = experiment.plan.stages[index];
  const arm = stage && armDosedBy(stage, experiment);
  const dose = more.hours == null || !arm || hoursOfDose(arm) !== stage.hours ? null : convert(more.hours, 'h', arm.doseUnit ?? '');
  const dosed = arm && dose !== null ? setDose(experiment, arm.code, dose) : experiment;
  return changePlan(dosed, { stages: changeItem(dosed.plan.stages, index, more) });
}

/**
 * Lets an arm go through a stage, or no longer.
 * @param index of the stage, from 0
 * @param arm its code
 */
export function toggleStageArm(experiment: Experiment, index: number, arm: string): Experiment {
  return changeStage(experiment, index, { arms: toggled(experiment.plan.stages[index]?.arms ?? [], arm) });
}

/**
 * Takes a stage of the treatment away.
 * @param index of the stage, from 0
 */
export function removeStage(experiment: Experiment, index: number): Experiment {
  return changePlan(experiment, { stages: without(experiment.plan.stages, index) });
}

/**
 * Adds what someone expects, and why.
 * @param prediction with its person
 */
export function addPrediction(experiment: Experiment, prediction: Prediction): Experiment {
  return changePlan(experiment, { predictions: [...experiment.plan.predictions, prediction] });
}

/**
 * Takes a prediction away, as one may before the first reading.
 * @param index of the prediction, from 0
 */
export function removePrediction(experiment: Experiment, index: number): Experiment {
  return changePlan(experiment, { predictions: without(experiment.plan.predictions, index) });
}

/**
 * Writes into the report, as typed.
 * @param experiment an experiment at any step
 * @param more what is changed of the writer's own
 * @returns the experiment with the words in it
 */
export function write(experiment: Experiment, more: Partial<Writing>): Experiment {
  return { ...experiment, writing: { ...experiment.writing, ...more } };
}

/**
 * Puts a photo into the report, or takes it out.
 * @param experiment an experiment at any step
 * @param file of the photo
 * @returns the experiment with the choice in it
 */
export function toggleReportPhoto(experiment: Experiment, file: string): Experiment {
  const { writing } = experiment;
  return { ...experiment, writing: { ...writing, photos: toggled(writing.photos, file) } };
}

/**
 * The list without the item where it is there, else with it.
 * @param items a list without doubles
 * @param item what goes in or out
 * @example toggled(['water', 'light'], 'light') // ['water']
 */
export function toggled<Item>(items: readonly Item[], item: Item): Item[] {
  return items.includes(item) ? items.filter((other) => other !== item) : [...items, item];
}
