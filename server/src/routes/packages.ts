import { ProblemError } from '../ProblemError';
import { createExperiment, getStudy } from '../services/experiments';
import { packStudy, unpackStudy } from '../services/packages';
import { param, route } from './Route';

export const packageRoutes = [
  route({
    method: 'get',
    path: '/experiments/:id/package',
    who: 'owner',
    handle: async (call) => {
      const study = await getStudy(call.database, call.account.id, param(call, 'id'));
      call.response.type('application/zip').attachment(`${study.experiment.name.replace(/[^a-z0-9-]+/gi, '-')}.zip`);
      return Buffer.from(packStudy(study));
    },
  }),
  route<Buffer>({
    method: 'post',
    path: '/packages',
    who: 'signed-in',
    file: true,
    status: 201,
    handle: async ({ database, account, body }) => {
      if (!Buffer.isBuffer(body)) throw new ProblemError(415, 'Send the package as one .zip file.');
      return createExperiment(database, account.id, unpackStudy(body));
    },
  }),
];
