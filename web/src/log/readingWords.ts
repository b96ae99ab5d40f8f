import { isValued, noneWords, type Measure, type Observation } from '@fern/core';

/** What a reading says, in a word: "12", "nothing there". */
export function readingWords(reading: Observation, measure: Pick<Measure, 'none'>): string {
  if (isValued(reading)) return String(reading.value);
  return reading.absent === 'nothing-there' ? noneWords(measure) : 'not read';
}
