import type { Study } from '../../model';
import { careTotals } from '../../study/careTotals';
import type { Finding } from '../../words/findings';

const MOST = 0.1;

/** Water or feed a unit differs by over a tenth between the arms, and is not what is tested. */
export function careDiffersRule(study: Study): Finding<'care-differs'>[] {
  const { experiment } = study;
  return (['water', 'feed'] as const).flatMap((kind): Finding<'care-differs'>[] => {
    if (experiment.plan.onPurpose.includes(kind)) return [];
    // Amounts that do not add are left alone.
    const totals = careTotals(study, kind);
    if (totals === null) return [];
    const amounts = totals.arms.map(({ each }) => each);
    const [low, high] = [Math.min(...amounts), Math.max(...amounts)];
    if (amounts.length < 2 || high === 0 || (high - low) / high <= MOST) return [];
    const groups = totals.arms.map(({ name, each }) => ({ name, each }));
    return [{ rule: 'care-differs', severity: 'serious', facts: { what: kind, unit: totals.unit, groups } }];
  });
}
