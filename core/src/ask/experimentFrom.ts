import { kindOf } from '../kinds';
import { emptyPlan, emptyWriting, type Experiment, type Measure } from '../model';
import { originOf } from '../study/wordsFollow';
import { layOut } from '../study/bench/layOut';
import type { ReadyQuestion } from './ReadyQuestion';

export interface Beginning {
  /** ISO 8601 date-time of its making. */
  readonly created: string;
  /** Calendar date on which it is to start. */
  readonly startOn: string;
  readonly seed: number;
}

/** Places side by side on a shelf of the bench. */
const SHELF_COLUMNS = 12;

/**
 * A first plan from a ready-made question: its arms shuffled over the bench with the seed given. Still a draft.
 * @param question from the library
 * @param beginning when and for when it is made, and the seed that deals the arms
 * @returns a draft
 */
export function experimentFrom(question: ReadyQuestion, { created, startOn, seed }: Beginning): Experiment {
  const { units, bench } = layOut(
    {
      arms: question.arms,
      unitsPerArm: question.unitsPerArm,
      letter: question.unitWord.charAt(0).toUpperCase(),
      sown: question.sown,
      layout: question.layout,
      blocks: question.blocks,
      columns: SHELF_COLUMNS,
      light: question.light,
    },
    seed,
  );
  const experiment: Experiment = {
    name: question.id,
    title: question.title,
    created,
    question: question.question,
    claim: null,
    hypothesis: question.hypothesis,
    nullHypothesis: question.nullHypothesis,
    claimedRatio: null,
    startedOn: startOn,
    endedOn: null,
    comparison: 'control',
    layout: question.layout,
    blinded: question.measures.some((measure) => measure.primary && kindOf(measure).byEye),
    plan: {
      ...emptyPlan,
      plant: question.plant,
      changed: question.changed,
      unitWord: question.unitWord,
      putIn: question.putIn,
      place: question.place,
      kept: question.kept,
      usuallyKept: question.kept.map(({ what }) => what),
      materials: question.materials,
      steps: question.steps,
      cautions: question.cautions,
      endRule: question.endRule,
      shuffleSeed: seed,
      bench,
      stages: question.stages,
      spreadGuess: question.spreadGuess,
      controlGuess: question.controlGuess,
      controlBars: question.controlBars,
      expectedSurvival: question.expectedSurvival,
      plantsKept: question.plantsKept,
      thinningRule: question.thinningRule,
      canReach: question.canReach,
      notTested: question.notTested,
      troubles: question.troubles,
      decision: question.decision,
    },
    writing: emptyWriting,
    arms: question.arms,
    units,
    measures: question.measures.map(({ usual: _usual, ...measure }): Measure => measure),
  };
  return { ...experiment, plan: { ...experiment.plan, origin: originOf(experiment) } };
}
