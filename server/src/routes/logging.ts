import type { Schema } from 'joi';
import type { LoggedNews } from '@fern/contract';
import type { Database } from '../openDatabase';
import { param, route } from './Route';

type Entry = Exclude<LoggedNews, { readonly kind: 'reading' }>['content'];

/**
 * A route that writes down one entry and tells everyone who has the experiment open.
 * @param kind of entry, as the pages know it
 * @param add stores it; the same again is the same one
 */
export function logging<Content extends Entry>(
  path: string,
  body: Schema,
  kind: Exclude<LoggedNews['kind'], 'reading'>,
  add: (database: Database, ownerId: string, experimentId: string, entry: Content) => Promise<Content>,
) {
  return route<Content>({
    method: 'post',
    path,
    who: 'owner',
    body,
    handle: async (call) => {
      const id = param(call, 'id');
      const content = await add(call.database, call.account.id, id, call.body);
      call.changes.tell(id, { logged: [{ kind, content } as LoggedNews] });
      return content;
    },
  });
}
