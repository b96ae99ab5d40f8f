import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { changes } from './changes';
import { createApp, type AppOptions } from './createApp';
import { APP_HEADER } from './formerNames';
import { openDatabase, type Database } from './openDatabase';

export interface HttpAnswer {
  readonly status: number;
  readonly body: unknown;
  readonly headers: Headers;
}

/** One person at a browser: keeps the session cookie between calls. */
export interface Caller {
  readonly call: (method: string, path: string, body?: unknown, headers?: Record<string, string | null>) => Promise<HttpAnswer>;
  /** Keeps a stream open. */
  readonly listen: (path: string) => Promise<{ readonly response: Response; readonly stop: () => void }>;
}

export interface TestServer {
  readonly database: Database;
  readonly file: string;
  readonly caller: () => Caller;
  /** Ends it, and with it its data unless they are wanted again. */
  readonly stop: (how?: { readonly keepFiles: boolean }) => Promise<void>;
}

/** A server on a free port over a new database file, or one that is there, for tests. */
export async function startTestServer(options: Partial<AppOptions> = {}, there?: string): Promise<TestServer> {
  const file = there ?? join(mkdtempSync(join(tmpdir(), 'fern-test-')), 'test.sqlite');
  const database = await openDatabase(file);
  const news = changes();
  const server = createApp({ database, demo: false, changes: news, ...options }).listen(0, '127.0.0.1');
  // A test that works for long in this one process must not find its connection closed when it calls again.
  server.keepAliveTimeout = 300_000;
  await new Promise((resolve) => server.once('listening', resolve));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const caller = (): Caller => {
    let cookie = '';
    return {
      listen: async (path) => {
        const ends = new AbortController();
        const response = await fetch(base + path, { headers: { cookie }, signal: ends.signal });
        return { response, stop: () => ends.abort() };
      },
      call: async (method, path, body, headers = {}) => {
        const raw = body instanceof Uint8Array || body instanceof FormData;
        const response = await fetch(base + path, {
          method,
          headers: sent({
            [APP_HEADER]: '2',
            cookie: cookie || null,
            'content-type': body === undefined || raw ? null : 'application/json',
            ...headers,
          }),
          body: bodyOf(body),
        });
        cookie = response.headers.getSetCookie()[0]?.split(';')[0] ?? cookie;
        const type = response.headers.get('content-type') ?? '';
        const content = type.includes('json') ? await response.json() : new Uint8Array(await response.arrayBuffer());
        return { status: response.status, body: content, headers: response.headers };
      },
    };
  };
  return {
    database,
    file,
    caller,
    stop: async ({ keepFiles } = { keepFiles: false }) => {
      news.end();
      const closed = new Promise((resolve) => server.close(resolve));
      // Else one that a browser has just let go would be waited for as long as it may be kept alive.
      server.closeAllConnections();
      await closed;
      await database.close();
      if (!keepFiles) rmSync(dirname(file), { recursive: true, force: true });
    },
  };
}

function bodyOf(body: unknown): NonNullable<RequestInit['body']> | undefined {
  if (body === undefined || body instanceof FormData || typeof body === 'string') return body;
  return body instanceof Uint8Array ? new Uint8Array(body) : JSON.stringify(body);
}

/** Headers without those that are null. */
function sent(headers: Record<string, string | null>): Record<string, string> {
  return Object.fromEntries(Object.entries(headers).filter((entry): entry is [string, string] => entry[1] !== null));
}
