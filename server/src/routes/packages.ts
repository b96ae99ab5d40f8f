import { ProblemError } from '../ProblemError';
import { createExperiments } from '../services/create';
import { getExperiment } from '../services/experiments';
import { unpackInWorker } from '../services/unpackInWorker';
import { param, route, sentUnderKey } from './Route';

export const packageRoutes = [
  route({
    method: 'get',
    path: '/experiments/:id/package',
    who: 'owner',
    handle: async (call) => {
      const [ownerId, id] = [call.account.id, param(call, 'id')];
      const { experiment } = await getExperiment(call.database, ownerId, id);
      call.response.type('application/zip').attachment(`${experiment.name.replace(/[^a-z0-9-]+/gi, '-')}.zip`);
      return call.readInWorker({ what: 'package', ownerId, id });
    },
  }),
  route<Buffer>({
    method: 'post',
    path: '/packages',
    who: 'signed-in',
    file: true,
    status: 201,
    handle: async (call) => {
      if (!Buffer.isBuffer(call.body)) throw new ProblemError(415, 'Send the package as one .zip file.');
      const arriving = await unpackInWorker(call.body);
      const first = await createExperiments(call.database, call.account.id, arriving, 'imported', sentUnderKey(call));
      return { ...first, made: arriving.length, asked: arriving.flatMap(({ asked = [] }) => asked) };
    },
  }),
];
