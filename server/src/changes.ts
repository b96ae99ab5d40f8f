import type { Response } from 'express';
import type { News } from '@fern/contract';

/** Proxies and browsers give up on a stream in which nothing is said for about a minute. */
const STILL_HERE_MS = 20_000;
/** After this a stream is begun anew, so that nobody is told for long who may not be any more. */
const MOST_MS = 10 * 60_000;
/** The most pages that one account has open at once; the next is told no more, and asks when it is looked at. */
const MOST_OPEN = 60;

/** Tells everyone who has an experiment open what others changed in it. */
export interface Changes {
  readonly tell: (experimentId: string, news: News) => void;
  /** @returns whether it listens from now on */
  readonly listen: (accountId: string, experimentId: string, response: Response) => boolean;
  /** Ends all streams, so that the server can stop. */
  readonly end: () => void;
}

interface Listener {
  readonly accountId: string;
  readonly experimentId: string;
  readonly response: Response;
  readonly since: number;
}

/** Server-sent events (WHATWG HTML, section 9.2), kept in the memory of this one process. */
export function changes(): Changes {
  const listeners = new Set<Listener>();
  const still = setInterval(() => {
    for (const { response, since } of listeners)
      if (Date.now() - since > MOST_MS) response.end();
      else response.write(': still here\n\n');
  }, STILL_HERE_MS);
  still.unref();
  return {
    tell(experimentId, news) {
      const line = `data: ${JSON.stringify(news)}\n\n`;
      for (const listener of listeners) if (listener.experimentId === experimentId) listener.response.write(line);
    },
    listen(accountId, experimentId, response) {
      if ([...listeners].filter((own) => own.accountId === accountId).length >= MOST_OPEN) return false;
      const listener = { accountId, experimentId, response, since: Date.now() };
      listeners.add(listener);
      response.on('close', () => listeners.delete(listener));
      // A stream that is packed would wait for more to pack.
      response.writeHead(200, {
        'content-type': 'text/event-stream',
        'cache-control': 'no-store, no-transform',
        'x-accel-buffering': 'no',
      });
      response.write('retry: 2000\n\n');
      return true;
    },
    end() {
      clearInterval(still);
      for (const { response } of listeners) response.end();
    },
  };
}
