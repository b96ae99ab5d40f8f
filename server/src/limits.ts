import type { Request, RequestHandler } from 'express';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import { ProblemError } from './ProblemError';

const WINDOW = 15 * 60_000;
/** A class behind one address may mistype this many times as often as one person. */
const PEOPLE = 15;

/**
 * Limits what costs much or tries a secret. Calls that fail are counted by account and address together, so that one child cannot shut out
 * a class, and by address alone, so that nobody can go through all names.
 * @param attempts failed calls that one account may make from one address in a quarter of an hour
 */
export function limits(attempts: number): RequestHandler[] {
  const address = (request: Request) => ipKeyGenerator(request.ip ?? '');
  return [counted(attempts * PEOPLE, address), counted(attempts, (request) => `${address(request)} ${named(request.body)}`)];
}

function counted(limit: number, keyGenerator: (request: Request) => string): RequestHandler {
  return rateLimit({
    windowMs: WINDOW,
    limit,
    keyGenerator,
    skipSuccessfulRequests: true,
    standardHeaders: true,
    legacyHeaders: false,
    handler: (_request, response, next) => {
      const seconds = Number(response.getHeader('RateLimit-Reset') ?? WINDOW / 1000);
      const minutes = Math.max(1, Math.ceil(seconds / 60));
      next(new ProblemError(429, `Too many attempts that failed. Try again in ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}.`));
    },
  });
}

/** Whom a call is about, as far as its body says. */
function named(body: unknown): string {
  return typeof body === 'object' && body !== null && 'name' in body ? String(body.name).trim().toLowerCase().slice(0, 100) : '';
}
