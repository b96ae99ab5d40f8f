import { photoSchema } from '@fern/contract';
import type { Photo } from '@fern/core';
import { ProblemError } from '../ProblemError';
import { addPhoto, revisePhoto, readPicture, removePicture } from '../services/photos';
import { logging } from './logging';
import { param, route } from './Route';

const MOST_NAME = 80;

export const photoRoutes = [
  route<Photo>({
    method: 'post',
    path: '/experiments/:id/photos',
    who: 'owner',
    picture: true,
    body: photoSchema,
    handle: async (call) => {
      const { buffer } = call.request.file ?? {};
      if (buffer === undefined) throw new ProblemError(422, 'The photo itself is missing. Nothing was stored.');
      const content = await addPhoto(call.database, call.account.id, param(call, 'id'), call.body, buffer);
      call.changes.tell(param(call, 'id'), { logged: [{ kind: 'photo', content }] });
      return content;
    },
  }),
  logging<Photo>('/experiments/:id/photos/revisions', photoSchema, 'photo', revisePhoto),
  route({
    method: 'get',
    path: '/experiments/:id/photos/:file',
    who: 'owner',
    handle: (call) => {
      // It never changes; a browser asks each time whether it may still show it.
      call.response.type('image/jpeg').setHeader('Cache-Control', 'private, no-cache');
      const size = call.request.query.size === 'small' ? 'small' : 'whole';
      return readPicture(call.database, call.account.id, param(call, 'id'), param(call, 'file', MOST_NAME), size);
    },
  }),
  route({
    method: 'delete',
    path: '/experiments/:id/photos/:file',
    who: 'owner',
    status: 204,
    handle: (call) => removePicture(call.database, call.account.id, param(call, 'id'), param(call, 'file', MOST_NAME)),
  }),
];
