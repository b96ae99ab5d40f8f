import { createHash } from 'node:crypto';
import type { Request, Response } from 'express';
import type { Schema } from 'joi';
import { validate } from 'uuid';
import type { Account } from '@fern/contract';
import type { Changes } from '../changes';
import type { Database } from '../openDatabase';
import { notFound, ProblemError } from '../ProblemError';
import type { Sent } from '../services/create';
import type { Wanted } from '../services/studyBytes';

/** Who may call a route. `owner` routes find only what belongs to the signed-in account: another's is 404. */
type Who = 'anyone' | 'signed-in' | 'owner' | 'demo-only';

export interface Context {
  readonly database: Database;
  readonly demo: boolean;
  /** What must be typed to make the first account; undefined where only this computer can. */
  readonly firstCode?: string;
  /** Reads a study to be sent as it is, without holding up others. */
  readonly readInWorker: (wanted: Wanted) => Promise<Buffer>;
  /** Tells those who have an experiment open. */
  readonly changes: Changes;
}

export interface Call<Body = unknown> extends Context {
  /** The signed-in account; only routes for anyone are called without one. */
  readonly account: Account;
  readonly body: Body;
  readonly request: Request;
  readonly response: Response;
}

/** One line of the table of all routes: what is called, by whom, with which body, and what it answers. */
export interface Route {
  readonly method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  readonly path: string;
  readonly who: Who;
  /** The body must fit this; a route that takes none has no schema. */
  readonly body?: Schema;
  /** The body is a file, taken as bytes. */
  readonly file?: boolean;
  /** The body is a form of a photo and its words. */
  readonly picture?: boolean;
  readonly status?: number;
  /** Costs much or tries a secret: calls that fail are counted, by whom the body names and by address, and too many are refused. */
  readonly limited?: boolean;
  readonly handle: (call: Call) => Promise<unknown>;
}

/** A route whose body has the type that its schema checks. */
export function route<Body>(line: Omit<Route, 'handle'> & { readonly handle: (call: Call<Body>) => Promise<unknown> }): Route {
  return line as Route;
}

/** A named part of the path; what no id or code can be is not found. */
export function param({ request }: Pick<Call, 'request'>, name: string, most = 64): string {
  const value = request.params[name];
  if (typeof value !== 'string' || value.length > most || /\p{Cc}/u.test(value)) throw notFound();
  return value;
}

/**
 * What a client sends to make something, under the key of its header `Idempotency-Key`; null without one.
 * @throws {ProblemError} 422 where the key is no UUID
 */
export function sentUnderKey({ request, body }: Pick<Call, 'request' | 'body'>): Sent | null {
  const key = request.get('idempotency-key');
  if (key === undefined) return null;
  if (!validate(key)) throw new ProblemError(422, 'The header Idempotency-Key must be a UUID. Nothing was stored.');
  const digest = createHash('sha256')
    .update(Buffer.isBuffer(body) ? body : JSON.stringify(body))
    .digest('hex');
  return { key: key.toLowerCase(), digest };
}
