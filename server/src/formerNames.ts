import { experimentFields, withFormerNames, type Experiment, type Study } from '@fern/core';
import type { Request, RequestHandler } from 'express';

/** The header that the app sends with every call that changes something: another site's form cannot. It says in which names it speaks. */
export const APP_HEADER = 'x-fern-test';
/** How a page of the version before calls itself: with `arm.arm`, `unit.unit` and `measure.measure`. */
const BEFORE = '1';

/** Whether a page asks that was opened before an update: it goes on in its own names until it is loaded again. */
export const asksInFormerNames = (request: Request): boolean => request.get(APP_HEADER) === BEFORE;

/** An answer with an experiment in it, in the names of the version before. */
export function inFormerNames({ incidents, ...answer }: Partial<Pick<Study, 'incidents'>> & { readonly experiment: Experiment }): object {
  const experiment = withFormerNames(experimentFields, answer.experiment);
  return { ...answer, ...(incidents ? { happenings: incidents } : {}), experiment };
}

/** A request under its address of now. */
export const toPathOfNow: RequestHandler = (request, _response, next) => {
  if (asksInFormerNames(request))
    request.url = request.url.replace(/\/happenings$/, '/incidents').replace(/\/photos\/mended$/, '/photos/revisions');
  next();
};

/** What a route answers, in the names of who asked. */
export function inNamesOf(request: Request, answer: unknown): unknown {
  return asksInFormerNames(request) && hasExperiment(answer) ? inFormerNames(answer) : answer;
}

function hasExperiment(answer: unknown): answer is { readonly experiment: Experiment } {
  return typeof answer === 'object' && answer !== null && 'experiment' in answer;
}
