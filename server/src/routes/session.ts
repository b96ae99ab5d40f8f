import { parseCookie } from 'cookie';
import type { Request } from 'express';
import { credentialsSchema, demoEntrySchema, newAccountSchema, type Credentials, type NewAccount, type SessionState } from '@fern/contract';
import { notFound, ProblemError } from '../ProblemError';
import {
  accountOfSession,
  createFirstAccount,
  listDemoAccounts,
  endSession,
  findByCredentials,
  isFirstStart,
  SESSION_DAYS,
  startSession,
} from '../services/accounts';
import { route, type Call } from './Route';

const COOKIE = 'fern_session';

/** The token that the browser sent; undefined where it sent none. */
export const sessionToken = ({ headers }: Pick<Request, 'headers'>): string | undefined => parseCookie(headers.cookie ?? '')[COOKIE];

async function enter(call: Call, accountId: string): Promise<void> {
  const token = await startSession(call.database, accountId);
  call.response.cookie(COOKIE, token, {
    httpOnly: true,
    sameSite: 'lax',
    path: '/',
    maxAge: SESSION_DAYS * 86_400_000,
    secure: call.request.secure,
  });
}

async function state({ database, demo, firstCode }: Call, account: SessionState['account']): Promise<SessionState> {
  return {
    account,
    firstStart: await isFirstStart(database),
    needsCode: firstCode !== undefined,
    demo: demo ? await listDemoAccounts(database) : [],
  };
}

export const sessionRoutes = [
  route({
    method: 'get',
    path: '/session',
    who: 'anyone',
    handle: async (call) => state(call, await accountOfSession(call.database, sessionToken(call.request))),
  }),
  route<NewAccount>({
    method: 'post',
    path: '/accounts',
    who: 'anyone',
    limited: true,
    body: newAccountSchema,
    status: 201,
    handle: async (call) => {
      if (call.firstCode !== undefined && call.body.code.trim() !== call.firstCode)
        throw new ProblemError(403, 'Type the code that the server printed where it was started.', [
          { pointer: '/code', detail: 'Type the code that the server printed where it was started.' },
        ]);
      const account = await createFirstAccount(call.database, call.body);
      await enter(call, account.id);
      return state(call, account);
    },
  }),
  route<Credentials>({
    method: 'post',
    path: '/session',
    who: 'anyone',
    limited: true,
    body: credentialsSchema,
    handle: async (call) => {
      const account = await findByCredentials(call.database, call.body);
      if (!account)
        throw new ProblemError(401, 'That name and password do not belong together.', [
          { pointer: '/password', detail: 'That name and password do not belong together.' },
        ]);
      await enter(call, account.id);
      return state(call, account);
    },
  }),
  route<{ account: string }>({
    method: 'post',
    path: '/session/demo',
    who: 'demo-only',
    body: demoEntrySchema,
    handle: async (call) => {
      const account = (await listDemoAccounts(call.database)).find(({ id }) => id === call.body.account);
      if (!account) throw notFound();
      await enter(call, account.id);
      return state(call, account);
    },
  }),
  route({
    method: 'delete',
    path: '/session',
    who: 'signed-in',
    handle: async (call) => {
      const token = sessionToken(call.request);
      await endSession(call.database, token);
      call.changes.leave(call.account.id, (own) => own === token);
      call.response.clearCookie(COOKIE, { path: '/' });
      return state(call, null);
    },
  }),
];
