import { passwordChangeSchema, personSchema, type PasswordChange } from '@fern/contract';
import { ProblemError } from '../ProblemError';
import { changePassword, endAllSessions } from '../services/accounts';
import { emptyOne, readBin, restoreExperiment } from '../services/bin';
import { readHistory, remember } from '../services/history';
import { erasePerson, listPeople, dataOf } from '../services/people';
import { experimentsOf } from '../services/studyBytes';
import { param, route } from './Route';
import { sessionToken } from './session';

/** As long as an observer's name may be. */
const MOST_NAME = 120;

/** What a person can do about their own data and their own account. */
export const accountRoutes = [
  route<PasswordChange>({
    method: 'put',
    path: '/password',
    who: 'signed-in',
    limited: true,
    body: passwordChangeSchema,
    status: 204,
    handle: async (call) => {
      const token = sessionToken(call.request);
      if (!(await changePassword(call.database, call.account.id, token, call.body)))
        throw new ProblemError(422, 'That is not the password that you have now.', [
          { pointer: '/password', detail: 'That is not the password that you have now.' },
        ]);
      call.changes.leave(call.account.id, (own) => own !== token);
    },
  }),
  route({
    method: 'delete',
    path: '/sessions',
    who: 'signed-in',
    status: 204,
    handle: async ({ database, account, changes }) => {
      await endAllSessions(database, account.id);
      changes.leave(account.id);
    },
  }),
  route({ method: 'get', path: '/history', who: 'signed-in', handle: ({ database, account }) => readHistory(database, account.id) }),
  route({ method: 'get', path: '/bin', who: 'signed-in', handle: ({ database, account }) => readBin(database, account.id) }),
  route({
    method: 'post',
    path: '/bin/:id',
    who: 'owner',
    handle: (call) => restoreExperiment(call.database, call.account.id, param(call, 'id')),
  }),
  route({
    method: 'delete',
    path: '/bin/:id',
    who: 'owner',
    status: 204,
    handle: (call) => emptyOne(call.database, call.account.id, param(call, 'id')),
  }),
  route({
    method: 'get',
    path: '/everything',
    who: 'signed-in',
    handle: async ({ database, account, response, readInWorker }) => {
      const bytes = await readInWorker({ what: 'everything', ownerId: account.id });
      const count = (await experimentsOf(database, account.id)).length;
      await database.write((tables) => remember(tables, account.id, { what: 'exported', detail: `${count} experiments` }));
      response.type('application/zip').attachment('all-experiments.zip');
      return bytes;
    },
  }),
  route({ method: 'get', path: '/people', who: 'signed-in', handle: ({ database, account }) => listPeople(database, account.id) }),
  route({
    method: 'get',
    path: '/people/:name',
    who: 'owner',
    handle: async (call) => {
      const data = await dataOf(call.database, call.account.id, param(call, 'name', MOST_NAME));
      call.response.attachment('one-person.json');
      return data;
    },
  }),
  route<{ name: string }>({
    method: 'post',
    path: '/people/erased',
    who: 'signed-in',
    body: personSchema,
    handle: async ({ database, account, body }) => ({ pseudonym: await erasePerson(database, account.id, body.name) }),
  }),
];
