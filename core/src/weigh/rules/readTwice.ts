import { inList } from '../../quantities/inList';
import { shortDate, type Finding, type Study } from '../../model';
import { duplicateReadings } from '../../study/duplicateReadings';

const MOST_NAMED = 6;

/** Units that two people, or two devices, read differently on one day. */
export function readTwiceRule(study: Study): Finding[] {
  const found = duplicateReadings(study);
  if (found.length === 0) return [];
  const named = found.slice(0, MOST_NAMED).map(({ unit, on, measure, readings }) => {
    const values = inList(readings.map(({ value }) => String(value ?? 'nothing')));
    return `“${measure.name}” of ${unit} on ${shortDate(on)}: ${values}`;
  });
  const more = found.length > MOST_NAMED ? [`and ${found.length - MOST_NAMED} more`] : [];
  return [
    {
      rule: 'read-twice',
      severity: 'caution',
      message: `Read twice, with different values: ${[...named, ...more].join('; ')}. Until someone says which is right, the one that came last counts.`,
      remedy: 'In the log, choose which reading is right; the other stays in the history.',
    },
  ];
}
