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
  /** @returns whether it may: false where too many pages of the account listen already */
  readonly listen: (who: Session, experimentId: string, response: Response) => boolean;
  /** Ends the streams of sessions that have ended: those of an account for which `is` holds. */
  readonly leave: (accountId: string, is?: (token: string) => boolean) => void;
  /** Ends all streams, so that the server can stop. */
  readonly end: () => void;
}

interface Session {
  readonly accountId: string;
  readonly token: string;
}

interface Listener extends Session {
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
    listen(who, experimentId, response) {
      // Who has gone already closes no second time, and would be counted for ever.
      if (response.closed) return true;
      if ([...listeners].filter(({ accountId }) => accountId === who.accountId).length >= MOST_OPEN) return false;
      const listener = { ...who, experimentId, response, since: Date.now() };
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
    leave(accountId, is = () => true) {
      for (const listener of listeners) if (listener.accountId === accountId && is(listener.token)) listener.response.end();
    },
    end() {
      clearInterval(still);
      for (const { response } of listeners) response.end();
    },
  };
}
