import { kindOf } from '../../kinds';
import { primaryOf, type Experiment, type Measure } from '../../model';
import { isVagueName } from '../../ownWords/vague';
import type { Finding } from '../../words/findings';

/** No primary measure, no end rule, no smallest difference that matters, or a measure that two people could not repeat. */
export function measureRule({ measures, plan, endedOn }: Experiment): Finding<'measure'>[] {
  const finding = (facts: Finding<'measure'>['facts'], severity: Finding['severity'] = 'serious'): Finding<'measure'> => ({
    rule: 'measure',
    severity,
    facts,
  });
  const primary = primaryOf(measures);
  if (!primary) return [finding({ is: 'no-main' })];
  const endless = plan.endRule.trim() === '' && endedOn === null && primary.readingDays.length === 0;
  const judged = measures.filter(cannotRepeat).map(({ name }) => name);
  return [
    ...(endless ? [finding({ is: 'no-end' })] : []),
    ...(primary.smallestDifference === null ? [finding({ is: 'no-smallest', measure: primary.name })] : []),
    ...(judged.length > 0 ? [finding({ is: 'judged', measures: judged })] : []),
    ...measures.flatMap((measure) => {
      const wrong = kindOf(measure).misplanned(measure, measures);
      return wrong === null ? [] : [finding({ is: 'formula', wrong }, 'blocker')];
    }),
  ];
}

function cannotRepeat(m: Measure): boolean {
  return !kindOf(m).byEye && isVagueName(m.name) && (m.unit === '' || m.unit === '1');
}
