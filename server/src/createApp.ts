import { itemAt } from '@fern/core';
import compression from 'compression';
import express, {
  type ErrorRequestHandler,
  type Express,
  type NextFunction,
  type Request,
  type RequestHandler,
  type Response,
} from 'express';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import pino from 'pino';
import { pinoHttp } from 'pino-http';
import { fieldErrors, type Account } from '@fern/contract';
import { changes, type Changes } from './changes';
import { codeOf } from './databaseFile';
import { onlyUnder } from './hosts';
import { APP_HEADER, inNamesOf, toPathOfNow } from './formerNames';
import { limits } from './limits';
import { withoutValues } from './withoutValues';
import { notFound, ProblemError } from './ProblemError';
import { routes } from './routes/index';
import type { Context, Route } from './routes/Route';
import { sessionToken } from './routes/session';
import { takePicture } from './takePicture';
import { accountOfSession } from './services/accounts';
import { readInWorker } from './services/readInWorker';

const MOST_FILE_BYTES = 100 * 1024 * 1024;
const MOST_TOLD_BYTES = 256 * 1024;

export interface AppOptions extends Omit<Context, 'readInWorker' | 'changes'> {
  readonly changes?: Changes;
  /** Folder of the built pages; none in tests of the API alone. */
  readonly pages?: string;
  readonly logLevel?: string;
  /** Where the log goes; the console where there is none. */
  readonly logTo?: NodeJS.WritableStream;
  /** Names under which it may be called; any where there are none. */
  readonly hosts?: ReadonlySet<string>;
  /** Failed sign-ins allowed in a quarter of an hour. */
  readonly signInAttempts?: number;
}

export function createApp({ pages, logLevel = 'silent', logTo, signInAttempts = 20, hosts, ...context }: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  // A proxy on this computer says who calls, and whether by https; nobody else is believed.
  app.set('trust proxy', 'loopback');
  app.use(pinoHttp({ logger: pino({ level: logLevel, serializers: withoutValues }, logTo ?? process.stdout), serializers: withoutValues }));
  if (hosts) app.use(onlyUnder(hosts));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          workerSrc: ["'self'", 'blob:'],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(
    '/api',
    compression(),
    api({ ...context, changes: context.changes ?? changes(), readInWorker: readInWorker(context.database) }, signInAttempts),
  );
  if (pages && existsSync(pages)) {
    const headers = (res: { setHeader: (name: string, value: string) => unknown }, path: string) =>
      res.setHeader('Cache-Control', path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache');
    const compressed = expressStaticGzip(pages, {
      enableBrotli: true,
      orderPreference: ['br', 'gzip'],
      index: false,
      serveStatic: { setHeaders: headers },
    });
    app.use(compressed);
    // Every other address is a page of the app, which finds its own way.
    app.get('/{*path}', (req, res, next) => {
      req.url = '/index.html';
      compressed(req, res, next);
    });
  }
  app.use(answerError);
  return app;
}

function api(context: Context, signInAttempts: number): express.Router {
  const router = express.Router();
  router.use((_req, res, next) => {
    res.setHeader('Cache-Control', 'no-store');
    next();
  });
  router.use((req, _res, next) => {
    const changes = !['GET', 'HEAD', 'OPTIONS'].includes(req.method);
    next(
      changes && req.headers[APP_HEADER] === undefined
        ? new ProblemError(403, `Calls that change something need the header ${APP_HEADER}.`)
        : undefined,
    );
  });
  router.use(toPathOfNow);
  const limited = limits(signInAttempts);
  for (const line of routes)
    router[line.method](line.path, admit(line, context), ...bodyOf(line), ...(line.limited ? limited : []), answer(line, context));
  for (const path of new Set(routes.map((line) => line.path)))
    router.all(path, (_request, response) => {
      const allowed = routes.filter((line) => line.path === path).map(({ method }) => method.toUpperCase());
      response.setHeader('Allow', allowed.join(', '));
      throw new ProblemError(405, `Only ${allowed.join(' and ')} can be called at this address.`);
    });
  router.use(() => {
    throw notFound();
  });
  return router;
}

/** How what is sent is read. */
function bodyOf({ file, picture }: Route): readonly (RequestHandler | ErrorRequestHandler)[] {
  if (picture) return takePicture(refuseUnstorable);
  return [file ? express.raw({ type: () => true, limit: MOST_FILE_BYTES }) : express.json({ limit: '4mb', reviver: refuseUnstorable })];
}

/** The database ends a text at NUL, and half of a pair of characters cannot be written as UTF-8. */
function refuseUnstorable(key: string, value: unknown): unknown {
  if ([key, value].some((text) => typeof text === 'string' && /\0|\p{Surrogate}/u.test(text)))
    throw new SyntaxError('a text holds a character that cannot be stored');
  return value;
}

/** Checks who calls, before anything that they send is read. */
function admit(line: Route, context: Context): RequestHandler {
  return async (request, response, next) => {
    if (line.who === 'demo-only' && !context.demo) throw notFound();
    const open = line.who === 'anyone' || line.who === 'demo-only';
    const account = open ? null : await accountOfSession(context.database, sessionToken(request));
    if (account === null && !open) throw new ProblemError(401, 'Sign in, then try again.');
    const meant = request.get('x-fern-account');
    if (account !== null && meant !== undefined && meant !== account.id)
      throw new ProblemError(401, 'Someone else has signed in in this browser. Nothing was stored; sign in again.');
    response.locals.account = account ?? { id: '', name: '' };
    next();
  };
}

/** Checks what was sent, then answers with what the route says. */
function answer(line: Route, context: Context) {
  return async (request: Request, response: Response): Promise<void> => {
    if (line.body && !line.picture && request.is('application/json') === false)
      throw new ProblemError(415, 'Send the content as JSON (application/json).');
    const body: unknown = line.body ? checked(line.body, request) : request.body;
    const account = response.locals.account as Account;
    const result = await line.handle({ ...context, account, body, request, response });
    // A stream that goes on has been begun by its route.
    if (response.headersSent) return;
    response.status(line.status ?? 200);
    if (line.status === 204) response.end();
    else if (Buffer.isBuffer(result)) response.send(result);
    else response.json(inNamesOf(request, result));
  };
}

/** Of a body that is wrong all problems are told; of a very large one the first, so that a list of them cannot hold up everyone. */
function checked(schema: NonNullable<Route['body']>, { body, headers }: Request): unknown {
  const large = Number(headers['content-length'] ?? Infinity) > MOST_TOLD_BYTES;
  const { value, error } = schema.validate(body ?? {}, { abortEarly: large, errors: { wrap: { label: false } } });
  if (error) throw new ProblemError(422, `${itemAt(error.details, 0).message} Nothing was stored.`, fieldErrors(error));
  return value;
}

function answerError(error: unknown, request: Request, response: Response, next: NextFunction): void {
  if (response.headersSent) return next(error);
  const { problem } = error instanceof ProblemError ? error : asProblem(error, request);
  response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
}

function asProblem(error: unknown, request: Request): ProblemError {
  const status = typeof error === 'object' && error !== null && 'status' in error ? Number(error.status) : 500;
  if (status === 413)
    return new ProblemError(
      413,
      `This is larger than can be taken (${request.originalUrl.startsWith('/api/packages') ? '100 MB for a package' : '4 MB'}). Nothing was stored.`,
    );
  if (status === 415) return new ProblemError(415, 'This kind of content is not taken here.');
  if (status >= 400 && status < 500)
    return new ProblemError(400, 'The request cannot be read: it is not JSON as expected, or its address is not written correctly.');
  request.log?.error(error);
  if (codeOf(error) === 'SQLITE_FULL')
    return new ProblemError(507, 'The disk of the computer that keeps the data is full. Nothing was stored: make room, then try again.');
  return new ProblemError(500, 'Something went wrong on this computer. Nothing was stored; try again.');
}
