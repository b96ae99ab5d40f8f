import { isDate } from '@fern/core';
import { today } from '../stores/today';

/**
 * What is wrong with the day of an entry; null where nothing is.
 * @param what it did on that day: `happened`, `was done`
 */
export function wrongDay(day: string, what: string): string | null {
  return isDate(day) && day <= today() ? null : `Choose the day on which it ${what}: today or before.`;
}
