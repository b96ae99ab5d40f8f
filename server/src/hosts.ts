import type { RequestHandler } from 'express';
import { hostname, networkInterfaces } from 'node:os';
import { ProblemError } from './ProblemError';

/**
 * The names under which this computer may be called: itself, its own name, its addresses, and those that were given.
 * @param given names or addresses, separated by spaces or commas
 */
export function ownNames(given = ''): ReadonlySet<string> {
  const own = hostname().toLowerCase();
  const addresses = Object.values(networkInterfaces()).flatMap((list) => (list ?? []).map(({ address }) => address.replace(/%.*/, '')));
  const more = given.toLowerCase().split(/[\s,]+/);
  return new Set(['localhost', '127.0.0.1', '::1', own, `${own}.local`, ...addresses, ...more].filter((name) => name !== ''));
}

/** Refuses calls under another name: a page elsewhere whose name is made to point here could else read what is here. */
export function onlyUnder(names: ReadonlySet<string>): RequestHandler {
  return (request, _response, next) => {
    const name = (request.headers.host ?? '')
      .toLowerCase()
      .replace(/:\d+$/, '')
      .replace(/^\[|\]$/g, '');
    next(
      names.has(name)
        ? undefined
        : new ProblemError(
            421,
            `This computer does not go by the name ${name.slice(0, 100)}. Whoever runs it can add the name with FERN_HOSTS.`,
          ),
    );
  };
}
