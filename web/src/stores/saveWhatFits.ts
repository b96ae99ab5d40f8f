import type { ExperimentRecord } from '@fern/contract';
import { revertAt, same, type Experiment } from '@fern/core';
import { CallError } from './api';

/** Each round takes back one thing more; a plan has no more than this that is refused together. */
const MOST_ROUNDS = 12;

/** What was stored, and why not all of it: null where it was. */
export interface Stored {
  readonly record: ExperimentRecord | null;
  readonly refusal: CallError | null;
}

/**
 * Saves all of it, or all but the places that the server refuses.
 * @param stored as the server has it
 * @param put one save
 * @param whole all of it or nothing: a start, an amendment
 * @throws {CallError} where nothing can be stored: no network, a conflict, a refusal that names no place
 */
export async function saveWhatFits(
  stored: Experiment,
  wanted: Experiment,
  put: (sent: Experiment) => Promise<ExperimentRecord>,
  whole: boolean,
): Promise<Stored> {
  let sent = wanted;
  let refusal: CallError | null = null;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    if (refusal !== null && same(sent, stored)) return { record: null, refusal };
    try {
      return { record: await put(sent), refusal };
    } catch (problem) {
      if (!(problem instanceof CallError) || problem.status !== 422 || whole) throw problem;
      refusal ??= problem;
      sent = without(stored, sent, problem);
    }
  }
  return { record: null, refusal };
}

/** @throws {CallError} where what is refused cannot be taken out by itself */
function without(stored: Experiment, sent: Experiment, refusal: CallError): Experiment {
  // From the last backwards: what is taken out of a list moves those after it.
  const places = [...placesOf(refusal)].sort((a, b) => b.localeCompare(a, 'en', { numeric: true }));
  let left = sent;
  for (const place of places) left = revertAt(stored, left, place) ?? left;
  if (left === sent || places.some((place) => /^\/plan\/(lockedOn|amendments)/.test(place))) throw refusal;
  return left;
}

/** JSON pointers into the experiment. */
const placesOf = ({ errors }: CallError): string[] =>
  errors.flatMap(({ pointer }) => (pointer.startsWith('/experiment/') ? [pointer.slice('/experiment'.length)] : []));
