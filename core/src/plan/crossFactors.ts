import { emptyArm, type Arm } from '../model';
import type { Factor } from '../model/factors';

/**
 * Every combination of two factors as an arm: the first level of both is the control. Arms that are there already keep their code and
 * name.
 * @param one with its levels, the usual one first
 * @param other with its levels, the usual one first
 * @param known arms that are there already
 * @returns levels of `one` × levels of `other` arms
 * @throws {RangeError} where a factor has fewer than two levels
 */
export function crossFactors(one: Factor, other: Factor, known: readonly Arm[] = []): Arm[] {
  if (one.levels.length < 2 || other.levels.length < 2) throw new RangeError('a factor needs at least two levels');
  const taken = new Set(known.map((arm) => arm.code));
  const fresh = (i: number, j: number): string => {
    const code = i === 0 && j === 0 ? 'C' : `${String.fromCharCode(65 + i)}${j + 1}`;
    return taken.has(code) ? `${code}x` : code;
  };
  return one.levels.flatMap((a, i) =>
    other.levels.map((b, j): Arm => {
      const there = known.find((arm) => arm.factors[one.name] === a && arm.factors[other.name] === b);
      const role: Arm['role'] = i === 0 && j === 0 ? 'control' : 'treatment';
      if (there) return { ...there, role };
      return { ...emptyArm, code: fresh(i, j), name: `${a}, ${b}`, role, factors: { [one.name]: a, [other.name]: b } };
    }),
  );
}
