import { byCode, type Arm, type Asked } from '../model';

/**
 * A comparison in words.
 * @param arms of the plan, for their names
 * @returns "100 mM salt against tap water", or "straw 5 cm against no mulch (mulch)"
 */
export function askedWords({ factor, group, against }: Asked, arms: readonly Arm[]): string {
  if (factor !== null) return `${group} against ${against} (${factor})`;
  const name = (code: string) => byCode(arms, code)?.name ?? code;
  return `${name(group)} against ${name(against)}`;
}
