import type { Plan, Stage } from '../model';

/** What can hurt someone, by the words in which a step is written (common practice). */
const dangers: readonly { readonly words: RegExp; readonly caution: string }[] = [
  { words: /boil|hot water|kettle|steam/i, caution: 'Hot water: an adult pours. Long sleeves, the cup stands on the table.' },
  { words: /\b(nick|cut|blade|clip|scissor|knife|trim|pierc)/i, caution: 'Blades and clippers: cut away from the hand, an adult helps.' },
  {
    words: /vinegar|lemon|acid|peroxide|bleach|alcohol|treating solution|bath in the solution/i,
    caution: 'Eyes: goggles and gloves, open window. Mild kitchen acids only. Add to water, never mix two, follow the label.',
  },
  { words: /sand(ed|paper)|rubbed/i, caution: 'Seed dust: no blowing, wash hands afterwards.' },
  {
    words: /refrigerator|°C|cold|chill/i,
    caution: 'Seed and mix are not food: a shelf or a refrigerator of their own, a label on every bag. Never the freezer.',
  },
  { words: /lamp|light/i, caution: 'Electricity near water: residual-current protection, drip loops. Do not stare into the lamp.' },
  { words: /compost|manure|soil|mix|potted|planted|dug/i, caution: 'Soil and mix: gloves, damp the dust down, wash hands, cover cuts.' },
  { words: /rooting powder|hormone|fed|feed/i, caution: 'Read the label of feed or powder, wear gloves, do not breathe the dust in.' },
  { words: /mould|bags? (are )?shaken/i, caution: 'Mould: keep the bag closed, throw it away closed.' },
];

/** The line that always stands with them. */
export const RULES_FIRST =
  'School safety rules, local codes and product labels come first. Ask the responsible adult or a licensed professional.';

/**
 * What to take care of at a step.
 * @returns sentences, the worst first; empty where nothing can hurt
 */
export function stepCautions({ name, kind }: Pick<Stage, 'name' | 'kind'>): string[] {
  const text = `${name} ${kind === 'cold' ? 'cold' : ''}`;
  return dangers.filter(({ words }) => words.test(text)).map(({ caution }) => caution);
}

/**
 * Every caution of a plan, at its steps and beyond them.
 * @param plan with its own cautions
 * @returns each once
 */
export function cautionsOf({ cautions, stages }: Pick<Plan, 'cautions' | 'stages'>): string[] {
  const own = cautions.filter((line) => line.trim() !== '');
  return [...new Set([...own, ...stages.flatMap(stepCautions)])];
}
