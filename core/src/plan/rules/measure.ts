import { kindOf } from '../../kinds';
import { inList } from '../../quantities/inList';
import { primaryOf, type Experiment, type Finding, type Measure } from '../../model';

const vague = /\b(better|worse|nicer|healthier|healthy|happier|best|well|good|strength|vigou?r|does|success)\b/i;

/** No primary measure, no end rule, no smallest difference that matters, or a measure that two people could not repeat. */
export function measureRule({ measures, plan, endedOn }: Experiment): Finding[] {
  const finding = (message: string, remedy: string): Finding => ({ rule: 'measure', severity: 'serious', message, remedy });
  const primary = primaryOf(measures);
  if (!primary)
    return [finding('No measure is the one that decides.', 'Choose the one measure that carries the verdict, before the start.')];
  const findings: Finding[] = [];
  if (plan.endRule.trim() === '' && endedOn === null && primary.readingDays.length === 0) {
    findings.push(
      finding(
        'Nothing says when the experiment ends, so one could stop when it looks good.',
        'Write down the day or the rule for the end.',
      ),
    );
  }
  if (primary.smallestDifference === null) {
    findings.push(
      finding(
        'Nothing says how big a difference would matter to you.',
        `Set the smallest difference in “${primary.name}” that would change what you do.`,
      ),
    );
  }
  const judged = measures.filter(cannotRepeat).map(({ name }) => `“${name}”`);
  if (judged.length > 0)
    findings.push(
      finding(
        `${inList(judged)} ${judged.length === 1 ? 'is a judgement' : 'are judgements'} that two people would make differently.`,
        'Say what is counted, measured with a ruler, or weighed, and in which unit.',
      ),
    );
  for (const m of measures) {
    const misplanned = kindOf(m).misplanned(m, measures);
    if (misplanned !== null) findings.push({ ...finding(misplanned, 'Mend the formula or the unit.'), severity: 'blocker' });
  }
  return findings;
}

function cannotRepeat(m: Measure): boolean {
  return !kindOf(m).byEye && vague.test(m.name) && (m.unit === '' || m.unit === '1');
}
