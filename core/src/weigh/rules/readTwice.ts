import type { Study } from '../../model';
import { duplicateReadings } from '../../study/duplicateReadings';
import type { Finding } from '../../words/findings';

/** Units that two people, or two devices, read differently on one day. */
export function readTwiceRule(study: Study): Finding<'read-twice'>[] {
  const cells = duplicateReadings(study).map(({ unit, on, measure, readings }) => ({
    unit,
    on,
    measure: measure.name,
    values: readings.map(({ value }) => value),
  }));
  return cells.length === 0 ? [] : [{ rule: 'read-twice', severity: 'caution', facts: { cells } }];
}
