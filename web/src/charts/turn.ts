import { pause } from '../stores/pause';

let last = Promise.resolve();

/** One picture is drawn at a time, and the page answers between two of them. */
export function turn(): Promise<void> {
  last = last.then(pause);
  return last;
}
