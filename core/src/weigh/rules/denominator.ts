import { itemAt } from '../../invariant';
import type { Finding, Study } from '../../model';
import { kindOf } from '../../kinds';
import { unitData } from '../../study/curves';

/** More came up than were sown, or a total so far went down. */
export function denominatorRule(study: Study): Finding[] {
  return study.experiment.measures
    .filter((measure) => kindOf(measure).ofSown)
    .flatMap((measure) => {
      const data = unitData(study, measure);
      const over = data.filter(({ unit, curve }) => unit.sown !== null && curve.some((point) => point.value > (unit.sown ?? 0)));
      const fell = data.filter(({ curve }) => curve.some((point, i) => i > 0 && point.value < itemAt(curve, i - 1).value));
      const finding = (message: string, remedy: string): Finding => ({ rule: 'denominator', severity: 'serious', message, remedy });
      const codes = (list: typeof data) => list.map(({ unit }) => unit.code).join(', ');
      return [
        ...(over.length > 0
          ? [
              finding(
                `“${measure.name}” is higher than the number sown in ${codes(over)}. These are left out.`,
                'Correct the count or the number sown.',
              ),
            ]
          : []),
        ...(fell.length > 0
          ? [
              finding(
                `“${measure.name}” went down in ${codes(fell)}, though it is the total so far.`,
                'Correct the reading, or note that some died.',
              ),
            ]
          : []),
      ];
    });
}
