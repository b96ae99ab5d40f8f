import { comparedArms } from '../compare/comparedArms';
import { isShare, kindOf, mattersAs } from '../kinds';
import {
  askedOf,
  expectedOf,
  primaryOf,
  type Arm,
  type Asked,
  type Comparison,
  type Experiment,
  type Layout,
  type Measure,
} from '../model';

/** An experiment as it is played through: its arms, and what one replicate of them reads. */
export interface Design {
  /** The comparison that is asked for first. */
  readonly asked: Asked;
  /** Compared arms: the control, then the one that is asked about. */
  readonly arms: readonly Arm[];
  readonly layout: Layout;
  readonly comparison: Comparison;
  readonly blocks: number;
  readonly measure: Measure;
  /** A count compared as shares of so many sown. */
  readonly share: boolean;
  readonly sown: number;
  /** What the control comes to, how far replicates differ by themselves (SD), and what would matter: in the unit of the values. */
  readonly control: number;
  readonly spread: number;
  readonly matters: number;
  /** How far what is asked about is from the control: by what matters, or not at all where they are expected to be alike. */
  readonly difference: number;
}

/** What of a design does not come from guesses. */
function framed(experiment: Experiment, measure: Measure): Omit<Design, 'control' | 'spread' | 'matters' | 'difference'> | null {
  const { layout, comparison, units } = experiment;
  const [asked] = askedOf(experiment);
  if (!asked) return null;
  const arms = comparedArms(experiment.arms);
  const rank = ({ role, code }: Arm) => (role === 'control' ? 0 : asked.factor === null && code === asked.group ? 1 : 2);
  return {
    asked,
    arms: [...arms].sort((a, b) => rank(a) - rank(b)),
    layout,
    comparison,
    blocks: Math.max(1, new Set(units.map(({ block }) => block)).size),
    measure,
    share: isShare(measure, units),
    sown: Math.max(1, ...units.map(({ sown }) => sown ?? 1)),
  };
}

/**
 * The design of a plan, from its guesses.
 * @returns null where the control's value or the spread was not guessed, no difference matters, or there are not two arms
 */
export function designOf(experiment: Experiment): Design | null {
  const primary = primaryOf(experiment.measures);
  const { controlGuess, spreadGuess } = experiment.plan;
  if (!primary || controlGuess === null || !spreadGuess) return null;
  const share = isShare(primary, experiment.units);
  // The spread of a share is in points, that of anything else a part of what the control comes to.
  return designWith(experiment, primary, controlGuess, share ? spreadGuess : spreadGuess * Math.abs(controlGuess));
}

/**
 * The design of an experiment with what was seen in it in place of guesses.
 * @param experiment with its arms and units
 * @param measure that decides
 * @param control what the control came to
 * @param spread how far replicates of one arm differ by themselves (SD)
 * @returns null where no difference matters, nothing differs, or there are not two arms
 */
export function designWith(experiment: Experiment, measure: Measure, control: number, spread: number): Design | null {
  const frame = framed(experiment, measure);
  if (frame === null) return null;
  const matters = mattersAs(measure, frame.share);
  const [first, treated] = frame.arms;
  if (matters === null || !(spread > 0) || first?.role !== 'control' || !treated) return null;
  const { byEye } = kindOf(measure);
  if (byEye && measure.rubric.length < 2) return null;
  const expected = expectedOf(measure);
  const top = frame.share ? 1 : byEye ? Math.max(...measure.rubric.map(({ value }) => value)) : Infinity;
  // Either way means the way in which there is room: nothing sprouts above all.
  const isDown = expected === 'less' || (expected === 'different' && control + matters > top);
  return { ...frame, control, spread, matters, difference: expected === 'alike' ? 0 : isDown ? -matters : matters };
}
