import { itemAt } from '../../invariant';
import type { Study } from '../../model';
import { kindOf } from '../../kinds';
import { unitData } from '../../study/curves';
import type { Finding } from '../../words/findings';

/** More came up than were sown, or a total so far went down. */
export function denominatorRule(study: Study): Finding<'denominator'>[] {
  return study.experiment.measures
    .filter((measure) => kindOf(measure).ofSown)
    .flatMap((measure) => {
      const data = unitData(study, measure);
      const over = data.filter(({ unit, curve }) => unit.sown !== null && curve.some((point) => point.value > (unit.sown ?? 0)));
      const fell = data.filter(({ curve }) => curve.some((point, i) => i > 0 && point.value < itemAt(curve, i - 1).value));
      const finding = (is: 'over' | 'fell', found: typeof data): Finding<'denominator'>[] => {
        const units = found.map(({ unit }) => unit.code);
        return units.length === 0 ? [] : [{ rule: 'denominator', severity: 'serious', facts: { is, measure: measure.name, units } }];
      };
      return [...finding('over', over), ...finding('fell', fell)];
    });
}
