import type { Arm } from './arm';
import type { Experiment } from './experiment';
import { crossedFactors } from './factors';
import { maybe, text, type RecordOf } from './fields';
import { controlOf } from './lookUp';

export const askedFields = {
  /** The factor whose levels are compared, over the levels of the others; null for two groups. */
  factor: maybe(text({ words: 'factor', most: 60 })),
  /** Code of the group, or the level of the factor, that is asked about. */
  group: text({ words: 'group', least: 1, most: 120 }),
  /** What it is compared with. */
  against: text({ words: 'what it is compared with', least: 1, most: 120 }),
};

/** One comparison that is asked for: it leads wherever the answer is given. All are of the measurement that decides, on its day. */
export type Asked = RecordOf<typeof askedFields>;

/**
 * What is asked, in the order in which it is answered. Where nobody has chosen, each treatment against the control, or each level of a factor
 * against the control's.
 * @returns comparisons of arms and levels that are there, and are made; empty without a control
 */
export function askedOf({ asked, arms, comparison }: Pick<Experiment, 'asked' | 'arms' | 'comparison'>): readonly Asked[] {
  const possible = comparisonsOf(arms).filter((one) => comparison === 'all-pairs' || !isApart(one, arms));
  const chosen = asked.filter((own) => possible.some((one) => isSame(one, own)));
  return chosen.length > 0 ? chosen : usuallyAsked(arms);
}

/**
 * All that can be asked of some arms.
 * @returns each treatment against the control, in order, then treatments against one another; with crossed factors each level against the
 * control's
 */
export function comparisonsOf(arms: readonly Arm[]): readonly Asked[] {
  const treatments = treatmentsOf(arms);
  const usual = usuallyAsked(arms);
  if (usual.some(({ factor }) => factor !== null)) return usual;
  return [
    ...usual,
    ...treatments.flatMap(({ code }, i) =>
      treatments.slice(0, i).map((earlier): Asked => ({ factor: null, group: code, against: earlier.code })),
    ),
  ];
}

/** What is asked where nobody has chosen. */
function usuallyAsked(arms: readonly Arm[]): readonly Asked[] {
  const control = controlOf(arms);
  const factors = control ? crossedFactors([control, ...treatmentsOf(arms)]) : [];
  if (factors.length === 0) return eachAgainstControl(arms);
  return factors.flatMap(({ name, levels: [first = '', ...others] }) =>
    others.map((level) => ({ factor: name, group: level, against: first })),
  );
}

/**
 * Whether a comparison is of two treatments, beside a control: then all arms are compared in pairs, and held together.
 * @param arms of the plan
 */
export const isApart = ({ factor, against }: Asked, arms: readonly Arm[]): boolean => factor === null && against !== controlOf(arms)?.code;

/**
 * Each treatment against the control, whatever factors they cross.
 * @returns in the order of the plan; empty without a control
 */
export function eachAgainstControl(arms: readonly Arm[]): readonly Asked[] {
  const control = controlOf(arms);
  return control ? treatmentsOf(arms).map(({ code }) => ({ factor: null, group: code, against: control.code })) : [];
}

const treatmentsOf = (arms: readonly Arm[]) => arms.filter(({ role }) => role === 'treatment');

/**
 * Whether both sides of a comparison are there: arms, or levels that some arm has.
 * @param arms of the plan
 */
export function sidesThere({ factor, group, against }: Asked, arms: readonly Arm[]): boolean {
  const known = factor === null ? arms.map(({ code }) => code) : arms.map(({ factors }) => factors[factor]);
  return known.includes(group) && known.includes(against);
}

/** Whether two comparisons are the same, in the same direction. */
export const isSame = (one: Asked, other: Asked): boolean =>
  one.factor === other.factor && one.group === other.group && one.against === other.against;
