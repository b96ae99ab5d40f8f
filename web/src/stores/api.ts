import type { FieldError, ProblemDetails } from '@fern/contract';

/** A call that was answered with a problem, or not at all. */
export class CallError extends Error {
  readonly status: number;
  readonly errors: readonly FieldError[];

  constructor(status: number, detail: string, errors: readonly FieldError[] = []) {
    super(detail);
    this.status = status;
    this.errors = errors;
  }

  /** No answer came: no network, or the server is not running. */
  get offline(): boolean {
    return this.status === 0;
  }
}

interface CallOptions {
  /** Finishes even when the page is closed meanwhile; only small bodies. */
  readonly keepalive?: boolean;
  /** Names what is made, so that sending it again makes nothing more. */
  readonly key?: string;
  /** Whose it is: the server refuses it where someone else has signed in meanwhile. */
  readonly account?: string;
}

declare global {
  /** What was asked before the app was there, by its path; each answer is used once. */
  var earlyAnswers: Map<string, Promise<Response | null>> | undefined;
}

/** The answer to what was asked early, where it is good; whatever changes something makes them all old. */
async function early(method: string, path: string): Promise<Response | null> {
  if (method !== 'GET') globalThis.earlyAnswers?.clear();
  const asked = globalThis.earlyAnswers?.get(path);
  // Before waiting: two who ask at once must not read one answer.
  globalThis.earlyAnswers?.delete(path);
  const response = (await asked) ?? null;
  return response?.ok ? response : null;
}

let signedOut: () => void = () => undefined;
/** Tells when the server no longer knows who calls. */
export function whenSignedOut(then: () => void): void {
  signedOut = then;
}

async function call(
  method: string,
  path: string,
  body?: unknown,
  { keepalive = false, key, account }: CallOptions = {},
): Promise<Response> {
  const raw = body instanceof Blob || body instanceof FormData;
  let response: Response;
  try {
    const asked = await early(method, path);
    if (asked) return asked;
    response = await fetch(`/api${path}`, {
      method,
      keepalive,
      headers: {
        'x-fern-test': '2',
        ...(body === undefined || raw ? {} : { 'content-type': 'application/json' }),
        ...(key === undefined ? {} : { 'idempotency-key': key }),
        ...(account === undefined ? {} : { 'x-fern-account': account }),
      },
      body: body === undefined ? undefined : raw ? body : JSON.stringify(body),
    });
  } catch {
    throw new CallError(0, 'No answer from the server. Check the network, then try again.');
  }
  if (response.ok) return response;
  const problem = (await response.json().catch(() => null)) as ProblemDetails | null;
  if (problem && response.status === 401 && path !== '/session') signedOut();
  // A gateway that answers in the server's place has no problem to tell.
  throw new CallError(
    problem ? response.status : 0,
    problem?.detail ?? 'No answer from the server. Try again in a moment.',
    problem?.errors,
  );
}

/** Calls the server; throws CallError. */
export const api = {
  get: async <T>(path: string): Promise<T> => (await call('GET', path)).json() as Promise<T>,
  post: async <T>(path: string, body: unknown, options?: CallOptions): Promise<T> =>
    (await call('POST', path, body, options)).json() as Promise<T>,
  put: async <T>(path: string, body: unknown, options?: CallOptions): Promise<T> => answered<T>(await call('PUT', path, body, options)),
  patch: async <T>(path: string, body: unknown, options?: CallOptions): Promise<T> =>
    (await call('PATCH', path, body, options)).json() as Promise<T>,
  delete: async (path: string): Promise<void> => void (await call('DELETE', path)),
};

/** What was answered; nothing where the answer is empty. */
async function answered<T>(response: Response): Promise<T> {
  return (response.status === 204 ? undefined : await response.json()) as T;
}

/** What went wrong, in words for the screen. */
export function wordsFor(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong.';
}
