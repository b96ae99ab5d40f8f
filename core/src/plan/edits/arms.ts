import { itemAt } from '../../invariant';
import { byCode, controlOf, emptyArm, type Arm, type Experiment, type Role } from '../../model';
import type { Factor } from '../../model/factors';
import { crossFactors } from '../crossFactors';
import { nextArmCode, redesign } from '../redesign';
import { armDosedBy, hoursOfDose, redosed } from '../../study/doseTold';

/** The most arms that one experiment is planned with here. */
export const MOST_ARMS = 12;

function editArm(experiment: Experiment, code: string, more: Partial<Arm>): Experiment {
  return { ...experiment, arms: experiment.arms.map((arm) => (arm.code === code ? { ...arm, ...more } : arm)) };
}

/**
 * Gives an arm another name. The words that sentences had for the old one go with it, and the badge that its question gave it.
 * @param code of the arm; an unknown one changes nothing
 * @param name as it will stand on stakes and in the report
 */
export function renameArm(experiment: Experiment, code: string, name: string): Experiment {
  const arms = experiment.arms.map((arm) =>
    arm.code === code ? { ...arm, name, phrase: '', badge: arm.badge === code ? '' : arm.badge } : arm,
  );
  return { ...experiment, arms };
}

/**
 * Says how sentences go on with an arm: "higher in still water".
 * @param code of the arm; an unknown one changes nothing
 * @param phrase empty where "with" and its name do
 */
export function rephraseArm(experiment: Experiment, code: string, phrase: string): Experiment {
  return editArm(experiment, code, { phrase });
}

/**
 * Chooses the badge of an arm.
 * @param code of the arm; an unknown one changes nothing
 * @param badge empty where it follows the dose or the name
 */
export function setBadge(experiment: Experiment, code: string, badge: string): Experiment {
  return editArm(experiment, code, { badge });
}

/**
 * Says what can hurt someone at what an arm gets.
 * @param code of the arm; an unknown one changes nothing
 */
export function setArmHazards(experiment: Experiment, code: string, hazards: Arm['hazards']): Experiment {
  return editArm(experiment, code, { hazards });
}

/**
 * Says how much of the treatment an arm gets. Its name, its words and the step that gives the dose follow where they told the same number.
 * @param code of the arm; an unknown one changes nothing
 * @param dose null takes the dose away
 */
export function setDose(experiment: Experiment, code: string, dose: number | null): Experiment {
  const arm = byCode(experiment.arms, code);
  if (!arm || arm.dose === null || dose === null) return editArm(experiment, code, { dose });
  const [before, unit] = [arm.dose, arm.doseUnit ?? ''];
  const told = (text: string) => redosed(text, before, dose, unit);
  const stages = experiment.plan.stages.map((stage) =>
    armDosedBy(stage, experiment) === arm && stage.hours === hoursOfDose(arm) ? { ...stage, hours: hoursOfDose({ ...arm, dose }) } : stage,
  );
  return editArm({ ...experiment, plan: { ...experiment.plan, stages } }, code, { dose, name: told(arm.name), phrase: told(arm.phrase) });
}

/**
 * Gives an arm another role. There is one control before and after: a new one takes over from the old, and where the control becomes
 * something else the first treatment takes its place.
 * @param code of the arm
 * @param role control, treatment or reference
 */
export function setRole(experiment: Experiment, code: string, role: Role): Experiment {
  const old = controlOf(experiment.arms);
  if (role === 'control' || old?.code !== code) {
    const arms = experiment.arms.map((arm): Arm => {
      if (arm.code === code) return { ...arm, role };
      return role === 'control' && arm === old ? { ...arm, role: 'treatment' } : arm;
    });
    return { ...experiment, arms };
  }
  return {
    ...experiment,
    arms: withControl(
      experiment.arms.map((arm) => (arm.code === code ? { ...arm, role } : arm)),
      code,
    ),
  };
}

/** The same arms with one control: the first treatment takes over where there is none, another than `not` if it can be. */
function withControl(arms: readonly Arm[], not?: string): readonly Arm[] {
  if (arms.some((arm) => arm.role === 'control')) return arms;
  const next = arms.find((arm) => arm.role === 'treatment' && arm.code !== not) ?? arms.find((arm) => arm.role === 'treatment') ?? arms[0];
  return arms.map((arm) => (arm === next ? { ...arm, role: 'control' as const } : arm));
}

/**
 * Adds a treatment with a code of its own, and lays the units out anew.
 * @throws {RangeError} where the bench would hold more units than an experiment may have
 */
export function addArm(experiment: Experiment): Experiment {
  const { arms } = experiment;
  const code = nextArmCode(arms);
  const doseUnit = arms.some(({ dose }) => dose !== null) ? (itemAt(arms, 0).doseUnit ?? '') : null;
  const fresh: Arm = { ...emptyArm, code, name: newName(arms), doseUnit };
  return redesign(experiment, { arms: [...arms, fresh] });
}

function newName(arms: readonly Arm[]): string {
  const taken = new Set(arms.map(({ name }) => name));
  for (let i = 1; ; i++) {
    const name = i === 1 ? 'new group' : `new group ${i}`;
    if (!taken.has(name)) return name;
  }
}

/**
 * Takes an arm away with its units. The last arm stays; where the control goes, the first treatment takes over.
 * @param code of the arm; an unknown one changes nothing
 */
export function removeArm(experiment: Experiment, code: string): Experiment {
  const left = experiment.arms.filter((arm) => arm.code !== code);
  return left.length === 0 || left.length === experiment.arms.length ? experiment : redesign(experiment, { arms: withControl(left) });
}

/**
 * Makes an arm of every combination of two factors, in place of the arms that were there.
 * @param one with its levels, the usual one first
 * @param other with its levels, the usual one first
 * @throws {RangeError} where a factor has fewer than two levels
 */
export function crossTwo(experiment: Experiment, one: Factor, other: Factor): Experiment {
  const plan = { ...experiment.plan, changed: `${one.name} and ${other.name}` };
  const arms = crossFactors(one, other);
  return redesign({ ...experiment, plan }, { arms });
}
