import {
  changeSchema,
  experimentSchema,
  sealOpeningSchema,
  sealSchema,
  sownAgainSchema,
  unitStatusSchema,
  type SealOpening,
  type SownAgain,
} from '@fern/contract';
import type { Experiment, Unit } from '@fern/core';
import { createExperiments } from '../services/create';
import { changeExperiment, getExperiment, setSownAgain, setUnitStatus } from '../services/experiments';
import { deleteExperiment } from '../services/bin';
import { listExperiments } from '../services/list';
import { openSeal, seal } from '../services/seal';
import { param, route, sentUnderKey } from './Route';

export const experimentRoutes = [
  route({
    method: 'get',
    path: '/experiments',
    who: 'signed-in',
    handle: ({ database, account }) => listExperiments(database, account.id, new Date().toISOString().slice(0, 10)),
  }),
  route<Experiment>({
    method: 'post',
    path: '/experiments',
    who: 'signed-in',
    body: experimentSchema,
    status: 201,
    handle: (call) => {
      const study = { experiment: call.body, observations: [], happenings: [], care: [], photos: [] };
      return createExperiments(call.database, call.account.id, [{ study }], 'made', sentUnderKey(call));
    },
  }),
  route({
    method: 'get',
    path: '/experiments/:id',
    who: 'owner',
    handle: (call) => getExperiment(call.database, call.account.id, param(call, 'id')),
  }),
  route<{ version: number; experiment: Experiment }>({
    method: 'put',
    path: '/experiments/:id',
    who: 'owner',
    body: changeSchema,
    handle: async (call) => {
      const record = await changeExperiment(call.database, call.account.id, param(call, 'id'), call.body.version, call.body.experiment);
      call.changes.tell(record.id, { version: record.version });
      return record;
    },
  }),
  route<{ on: string }>({
    method: 'post',
    path: '/experiments/:id/seal',
    who: 'owner',
    body: sealSchema,
    handle: async (call) => {
      const record = await seal(call.database, call.account.id, param(call, 'id'), call.body.on);
      call.changes.tell(record.id, { version: record.version });
      return record;
    },
  }),
  route<SealOpening>({
    method: 'post',
    path: '/experiments/:id/seal/opened',
    who: 'owner',
    body: sealOpeningSchema,
    handle: async (call) => {
      const record = await openSeal(call.database, call.account.id, param(call, 'id'), call.account.name, call.body);
      call.changes.tell(record.id, { version: record.version });
      return record;
    },
  }),
  route({
    method: 'delete',
    path: '/experiments/:id',
    who: 'owner',
    status: 204,
    handle: (call) => deleteExperiment(call.database, call.account.id, param(call, 'id')),
  }),
  route<Pick<Unit, 'status' | 'statusReason' | 'lostOn'>>({
    method: 'patch',
    path: '/experiments/:id/units/:unit',
    who: 'owner',
    body: unitStatusSchema,
    handle: async (call) => {
      const record = await setUnitStatus(call.database, call.account.id, param(call, 'id'), param(call, 'unit'), call.body);
      call.changes.tell(record.id, { version: record.version });
      return record;
    },
  }),
  route<SownAgain>({
    method: 'patch',
    path: '/experiments/:id/units/:unit/sown',
    who: 'owner',
    body: sownAgainSchema,
    handle: async (call) => {
      const record = await setSownAgain(call.database, call.account.id, param(call, 'id'), param(call, 'unit'), call.body);
      call.changes.tell(record.id, { version: record.version });
      return record;
    },
  }),
  route({
    method: 'get',
    path: '/experiments/:id/study',
    who: 'owner',
    handle: (call) => {
      const what = call.request.query.as === 'columns' ? 'columns' : 'study';
      call.response.type('application/json');
      return call.readApart({ what, ownerId: call.account.id, id: param(call, 'id') });
    },
  }),
];
