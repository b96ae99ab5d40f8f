import { kindOf } from '../kinds';
import { addDays, emptyPlan, emptyWriting, primaryOf, unwordedTexts, type Experiment, type Measure, type Unit } from '../model';
import { cropNamed } from '../study/crop';
import { layOut } from '../study/bench/layOut';
import { writeTemplates } from '../words/followTemplates';
import { writeUnworded } from '../words/unworded';
import { sharedAsKept } from '../words/ask/questionWords';
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
 */
export function experimentFrom(question: ReadyQuestion, { created, startOn, seed }: Beginning): Experiment {
  const { units: dealt, bench } = layOut(
    {
      arms: question.arms,
      unitsPerArm: question.unitsPerArm,
      letter: question.unitNoun.charAt(0).toUpperCase(),
      sown: question.sown,
      layout: question.layout,
      blocks: question.blocks,
      columns: SHELF_COLUMNS,
      light: question.light,
    },
    seed,
  );
  const units = inBatches(inContainers(named(dealt, question.blockNames), question.shares), question.batches, startOn);
  const kept = [...question.kept, ...question.shares.map(sharedAsKept)];
  const experiment: Experiment = {
    name: question.id,
    title: question.title,
    created,
    question: '',
    claim: null,
    hypothesis: '',
    nullHypothesis: '',
    claimedRatio: null,
    asked: [],
    startedOn: startOn,
    endedOn: null,
    comparison: 'control',
    layout: question.layout,
    blinded: question.blind || question.measures.some((measure) => measure.primary && kindOf(measure).byEye),
    plan: {
      ...emptyPlan,
      plant: question.plant,
      crop: cropNamed(question.plant)?.crop.code ?? '',
      changed: question.changed,
      unitNoun: question.unitNoun,
      propagule: question.propagule,
      place: question.place,
      kept,
      usuallyKept: question.kept.map(({ what }) => what),
      kit: { ...emptyPlan.kit, ...question.kit },
      onPurpose: question.onPurpose,
      containerNoun: sharedIn(question.shares)?.what ?? '',
      templates: {
        question: `${decidedBy(question.measures)}${question.question}`,
        endRule: question.endRule,
        steps: question.steps,
        commonMistakes: question.commonMistakes,
        notTested: question.notTested,
        kept: kept.map(({ how }) => how),
      },
      hazards: question.hazards,
      cautions: question.cautions,
      randomisationSeed: seed,
      bench,
      stages: question.stages,
      spreadGuess: question.spreadGuess,
      controlGuess: question.controlGuess,
      controlLimits: question.controlLimits,
      expectedSurvival: question.expectedSurvival,
      plantsKept: question.plantsKept,
      thinningRule: question.thinningRule,
      spilloverRoutes: question.spilloverRoutes,
      decision: question.decision,
      unworded: unwordedTexts,
    },
    writing: emptyWriting,
    arms: question.arms,
    units,
    measures: question.measures.map(({ usual: _usual, ...measure }): Measure => measure),
  };
  return writeUnworded(writeTemplates(experiment));
}

/** A question is about what decides. */
const decidedBy = (measures: readonly Measure[]) => `{decidedBy:${primaryOf(measures)?.name ?? ''}}`;

/** Blocks under their own names. */
function named(units: readonly Unit[], names: readonly string[]): readonly Unit[] {
  const letters = [...new Set(units.map(({ block }) => block))];
  return units.map((unit) => ({ ...unit, block: names[letters.indexOf(unit.block)] ?? unit.block }));
}

const sharedIn = (shares: ReadyQuestion['shares']) => shares.find(({ by }) => by === 'arm' || by === 'block');

/** Units that share a lamp, a tank, a box: by block for all arms, or several an arm, in turn. */
function inContainers(units: readonly Unit[], shares: ReadyQuestion['shares']): readonly Unit[] {
  const shared = sharedIn(shares);
  if (!shared) return units;
  const seen = new Map<string, number>();
  return units.map((unit) => {
    if (shared.by === 'block') return { ...unit, container: `${shared.what} ${unit.block ?? 'A'}` };
    const before = seen.get(unit.arm) ?? 0;
    seen.set(unit.arm, before + 1);
    return { ...unit, container: `${shared.what} ${unit.arm}.${(before % (shared.many ?? 1)) + 1}` };
  });
}

/** Blocks one after another; of a pair each arm comes first in turn. */
function inBatches(units: readonly Unit[], batches: ReadyQuestion['batches'], startOn: string): readonly Unit[] {
  if (!batches) return units;
  const { everyDays, armsApart = 0 } = batches;
  const blocks = [...new Set(units.map(({ block }) => block))];
  const arms = [...new Set(units.map(({ arm }) => arm))].sort();
  return units.map((unit) => {
    const block = blocks.indexOf(unit.block);
    const turn = (arms.indexOf(unit.arm) + block) % arms.length;
    return { ...unit, startedOn: addDays(startOn, block * everyDays + turn * armsApart) };
  });
}
