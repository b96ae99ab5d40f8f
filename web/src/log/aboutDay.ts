import { checkDay, isDate, type Experiment } from '@fern/core';
import { today } from '../stores/today';

/** What is to be said of a day that somebody has chosen; `refused` is in the way. */
interface AboutDay {
  readonly refused: boolean;
  readonly words: string;
}

/**
 * What is to be said of the day of an entry; null where nothing is.
 * @param day as it was chosen
 * @param within the start and end outside which a reading is unusual; null where any day will do
 */
export function aboutDay(day: string, within: Pick<Experiment, 'startedOn' | 'endedOn'> | null): AboutDay | null {
  if (!isDate(day)) return { refused: true, words: 'Choose a day, like 2026-04-14.' };
  const [odd] = checkDay(day, { start: within?.startedOn ?? null, end: within?.endedOn ?? null, latest: today() }, '');
  return odd ? { refused: odd.answer === 'refused', words: odd.detail } : null;
}

/** What keeps an entry from being of a day; null where nothing does. */
export const wrongDay = (day: string): string | null => aboutDay(day, null)?.words ?? null;
