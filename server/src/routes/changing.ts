import type { ExperimentRecord } from '@fern/contract';
import { param, route, type Call, type Route } from './Route';

/**
 * A route that changes an experiment, and tells everyone who has it open that there is another version.
 * @param change stores it
 */
export function changing<Body>(
  line: Pick<Route, 'method' | 'path' | 'body'>,
  change: (call: Call<Body>, id: string) => Promise<ExperimentRecord>,
): Route {
  return route<Body>({
    ...line,
    who: 'owner',
    handle: async (call) => {
      const record = await change(call, param(call, 'id'));
      call.changes.tell(record.id, { version: record.version });
      return record;
    },
  });
}
