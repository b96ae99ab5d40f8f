import { careSchema, happeningSchema, observationsSchema, type SentReading } from '@fern/contract';
import type { Care, Happening } from '@fern/core';
import { ProblemError } from '../ProblemError';
import { getExperiment } from '../services/experiments';
import { addCare, addHappening, appendObservations, listObservations } from '../services/log';
import { param, route } from './Route';

export const logRoutes = [
  route({
    method: 'get',
    path: '/experiments/:id/news',
    who: 'owner',
    handle: async (call) => {
      const id = param(call, 'id');
      await getExperiment(call.database, call.account.id, id);
      if (!call.changes.listen(call.account.id, id, call.response))
        throw new ProblemError(429, 'Too many pages of this account are open. Close some of them.');
    },
  }),
  route({
    method: 'get',
    path: '/experiments/:id/observations',
    who: 'owner',
    handle: (call) => listObservations(call.database, call.account.id, param(call, 'id')),
  }),
  route<{ observations: SentReading[] }>({
    method: 'post',
    path: '/experiments/:id/observations',
    who: 'owner',
    body: observationsSchema,
    handle: async (call) => {
      const id = param(call, 'id');
      const observations = await appendObservations(call.database, call.account.id, id, call.body.observations);
      call.changes.tell(id, { logged: observations.map((content) => ({ kind: 'reading', content })) });
      return { observations };
    },
  }),
  route<Happening>({
    method: 'post',
    path: '/experiments/:id/happenings',
    who: 'owner',
    body: happeningSchema,
    handle: async (call) => {
      const content = await addHappening(call.database, call.account.id, param(call, 'id'), call.body);
      call.changes.tell(param(call, 'id'), { logged: [{ kind: 'happening', content }] });
      return content;
    },
  }),
  route<Care>({
    method: 'post',
    path: '/experiments/:id/care',
    who: 'owner',
    body: careSchema,
    handle: async (call) => {
      const content = await addCare(call.database, call.account.id, param(call, 'id'), call.body);
      call.changes.tell(param(call, 'id'), { logged: [{ kind: 'care', content }] });
      return content;
    },
  }),
];
