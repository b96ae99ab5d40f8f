import { asksInFormerNames } from '../formerNames';
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
import { changing } from './changing';
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
      const study = { experiment: call.body, observations: [], incidents: [], care: [], photos: [] };
      return createExperiments(call.database, call.account.id, [{ study }], 'made', sentUnderKey(call));
    },
  }),
  route({
    method: 'get',
    path: '/experiments/:id',
    who: 'owner',
    handle: (call) => getExperiment(call.database, call.account.id, param(call, 'id')),
  }),
  changing<{ version: number; experiment: Experiment }>(
    { method: 'put', path: '/experiments/:id', body: changeSchema },
    ({ database, account, body }, id) => changeExperiment(database, account.id, id, body.version, body.experiment),
  ),
  changing<{ on: string }>({ method: 'post', path: '/experiments/:id/seal', body: sealSchema }, ({ database, account, body }, id) =>
    seal(database, account.id, id, body.on),
  ),
  changing<SealOpening>(
    { method: 'post', path: '/experiments/:id/seal/opened', body: sealOpeningSchema },
    ({ database, account, body }, id) => openSeal(database, account.id, id, account.name, body),
  ),
  route({
    method: 'delete',
    path: '/experiments/:id',
    who: 'owner',
    status: 204,
    handle: (call) => deleteExperiment(call.database, call.account.id, param(call, 'id')),
  }),
  changing<Pick<Unit, 'status' | 'statusReason' | 'lostOn'>>(
    { method: 'patch', path: '/experiments/:id/units/:unit', body: unitStatusSchema },
    (call, id) => setUnitStatus(call.database, call.account.id, id, param(call, 'unit'), call.body),
  ),
  changing<SownAgain>({ method: 'patch', path: '/experiments/:id/units/:unit/sown', body: sownAgainSchema }, (call, id) =>
    setSownAgain(call.database, call.account.id, id, param(call, 'unit'), call.body),
  ),
  route({
    method: 'get',
    path: '/experiments/:id/study',
    who: 'owner',
    handle: (call) => {
      const what = call.request.query.as === 'columns' ? 'columns' : 'study';
      call.response.type('application/json');
      return call.readInWorker({ what, ownerId: call.account.id, id: param(call, 'id'), former: asksInFormerNames(call.request) });
    },
  }),
];
