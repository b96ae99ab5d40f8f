import { careSchema, incidentSchema, observationsSchema, type SentReading } from '@fern/contract';
import type { Care, Incident } from '@fern/core';
import { ProblemError } from '../ProblemError';
import { getExperiment } from '../services/experiments';
import { addCare, addIncident, appendObservations, listObservations } from '../services/log';
import { logging } from './logging';
import { param, route } from './Route';
import { sessionToken } from './session';

export const logRoutes = [
  route({
    method: 'get',
    path: '/experiments/:id/news',
    who: 'owner',
    handle: async (call) => {
      const id = param(call, 'id');
      await getExperiment(call.database, call.account.id, id);
      const who = { accountId: call.account.id, token: sessionToken(call.request) ?? '' };
      if (!call.changes.listen(who, id, call.response))
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
      const { observations, asked } = await appendObservations(call.database, call.account.id, id, call.body.observations);
      call.changes.tell(id, { logged: observations.map((content) => ({ kind: 'reading', content })) });
      return { observations, asked };
    },
  }),
  logging<Incident>('/experiments/:id/incidents', incidentSchema, 'incident', addIncident),
  logging<Care>('/experiments/:id/care', careSchema, 'care', addCare),
];
