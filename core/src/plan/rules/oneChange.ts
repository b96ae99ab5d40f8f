import { controlOf, type Arm, type Experiment } from '../../model';
import type { Finding } from '../../words/findings';

/** A treatment differs from the control in more than one factor, and the arms are not every combination of the levels. */
export function oneChangeRule({ arms }: Experiment): Finding<'one-change'>[] {
  const compared = arms.filter((arm) => arm.role !== 'reference');
  const factors = [...new Set(compared.flatMap((arm) => Object.keys(arm.factors)))];
  const control = controlOf(compared);
  if (factors.length < 2 || !control || isFullFactorial(compared, factors)) return [];
  return compared.flatMap((arm): Finding<'one-change'>[] => {
    const changed = factors.filter((factor) => arm.factors[factor] !== control.factors[factor]);
    if (changed.length < 2) return [];
    return [{ rule: 'one-change', severity: 'serious', facts: { name: arm.name, control: control.name, factors: changed } }];
  });
}

function isFullFactorial(arms: readonly Arm[], factors: readonly string[]): boolean {
  const cells = new Set(arms.map((arm) => JSON.stringify(factors.map((factor) => arm.factors[factor] ?? ''))));
  const all = factors.reduce((product, factor) => product * new Set(arms.map((arm) => arm.factors[factor] ?? '')).size, 1);
  return cells.size === arms.length && cells.size === all;
}
