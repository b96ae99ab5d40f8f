import { careSchema, happeningSchema, observationsSchema, type SentReading } from '@fern/contract';
import type { Care, Happening } from '@fern/core';
import { addCare, addHappening, appendObservations, listObservations } from '../services/log';
import { param, route } from './Route';

export const logRoutes = [
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
    handle: async (call) => ({
      observations: await appendObservations(call.database, call.account.id, param(call, 'id'), call.body.observations),
    }),
  }),
  route<Happening>({
    method: 'post',
    path: '/experiments/:id/happenings',
    who: 'owner',
    body: happeningSchema,
    handle: (call) => addHappening(call.database, call.account.id, param(call, 'id'), call.body),
  }),
  route<Care>({
    method: 'post',
    path: '/experiments/:id/care',
    who: 'owner',
    body: careSchema,
    handle: (call) => addCare(call.database, call.account.id, param(call, 'id'), call.body),
  }),
];
