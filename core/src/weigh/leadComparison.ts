import { controlOf, isApart, same, type Arm, type Asked } from '../model';
import type { RowVerdict } from '../compare/judge';
import type { ComparisonRow, EffectRow, MeasureResult } from './Result';
import { armName, withArm, withArms } from '../words/armName';

type Rows = Pick<MeasureResult, 'comparisons' | 'effects'>;

/** A comparison or an effect that answers what was asked. */
interface Answer {
  readonly asked: Asked;
  readonly verdict: RowVerdict;
  /** Whether there is a difference to say. */
  readonly isKnown: boolean;
}

/**
 * What answers each thing asked, in its order.
 * @param asked comparisons, from `askedOf`
 * @param rows of the result
 * @returns without those that the result does not have
 */
export function answersTo(asked: readonly Asked[], { comparisons, effects = [] }: Rows): Answer[] {
  return asked.flatMap((own) => {
    const row = own.factor === null ? rowFor(comparisons, own) : effectFor(effects, own);
    return row ? [{ asked: own, verdict: row.verdict, isKnown: row.difference.value !== null }] : [];
  });
}

/**
 * The comparison of arms that the answer speaks of; of a factor, the control and the arm that differs from it in that level alone.
 * @param result of a measure
 * @param arms of the plan
 * @returns undefined where nothing is compared
 */
export function leadComparison(
  { lead, comparisons }: Pick<MeasureResult, 'lead' | 'comparisons'>,
  arms: readonly Arm[],
): ComparisonRow | undefined {
  if (lead === null || lead.factor === null) return lead ? rowFor(comparisons, lead) : undefined;
  const control = controlOf(arms);
  const factors = { ...control?.factors, [lead.factor]: lead.group };
  const group = arms.find((arm) => same(arm.factors, factors));
  return control && group && rowFor(comparisons, { group: group.code, against: control.code });
}

/**
 * The effect of a factor that the answer speaks of.
 * @param result of a measure
 * @returns undefined where the answer is of two arms
 */
export function leadEffect({ lead, effects = [] }: Pick<MeasureResult, 'lead' | 'effects'>): EffectRow | undefined {
  return lead === null || lead.factor === null ? undefined : effectFor(effects, lead);
}

/** A comparison as sentences speak of it: arms by their names, or levels with their factor. */
export interface LeadRow extends Pick<ComparisonRow, 'arm' | 'versus' | 'difference' | 'p' | 'verdict'> {
  readonly names: readonly [string, string];
  /** The same as a sentence goes on with them: "with tap water", or the words that an arm has of its own. */
  readonly phrases: readonly [string, string];
  /** Both of them: "with 50 mM salt and tap water". */
  readonly both: string;
  /** Null where it is of two arms. */
  readonly factor: string | null;
}

/**
 * What the answer speaks of, whether arms or levels of a factor.
 * @param result of a measure
 * @param arms of the plan, for their names
 * @returns null where nothing is compared
 */
export function leadRow(result: Rows & Pick<MeasureResult, 'lead'>, arms: readonly Arm[]): LeadRow | null {
  const effect = leadEffect(result);
  if (effect) return rowOfLevels(effect);
  const row = leadComparison(result, arms);
  return row ? rowOfArms(row, arms) : null;
}

/**
 * A comparison of two arms as sentences speak of it.
 * @param arms of the plan, for their names
 */
export function rowOfArms(row: ComparisonRow, arms: readonly Arm[]): LeadRow {
  const { arm, versus } = row;
  return {
    ...row,
    factor: null,
    names: [armName(arms, arm), armName(arms, versus)],
    phrases: [withArm(arms, arm), withArm(arms, versus)],
    both: withArms(arms, [arm, versus]),
  };
}

/** What one level of a factor does against another, as sentences speak of it. */
export function rowOfLevels({ level, versus, ...row }: EffectRow): LeadRow {
  return {
    ...row,
    arm: `${row.factor}.${level}`,
    versus,
    names: [level, versus],
    phrases: [`with ${level}`, `with ${versus}`],
    both: `with ${level} and ${versus}`,
  };
}

/**
 * Of what a difference is, after "higher": the group, and what it is compared with where that is not the control.
 * @param arms of the plan
 * @returns "with 100 mM salt", "with felt (pot)", or "with 45 min than with 2 h"
 */
export function withWhat(row: LeadRow, arms: readonly Arm[]): string {
  const [group, against] = row.phrases;
  if (row.factor !== null) return `${group} (${row.factor})`;
  return isBeside(row, arms) ? `${group} than ${against}` : group;
}

/** Whether it is of two treatments, beside the control. */
export const isBeside = ({ factor, versus }: LeadRow, arms: readonly Arm[]): boolean =>
  isApart({ factor, group: '', against: versus }, arms);

const rowFor = (rows: readonly ComparisonRow[], { group, against }: Omit<Asked, 'factor'>) =>
  rows.find(({ arm, versus }) => arm === group && versus === against);
const effectFor = (rows: readonly EffectRow[], own: Asked) =>
  rows.find(({ factor, level, versus }) => factor === own.factor && level === own.group && versus === own.against);
