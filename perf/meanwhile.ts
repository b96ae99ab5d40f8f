import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writePackage, zipPackage } from '@fern/core';
import { manyReadings } from './manyReadings';
import { ownServer, type OwnServer } from './ownServer';
import type { Size } from './Size';
import { reportRatio } from './table';

let n = 0;
/** The longest wait of a post and of a read, one after another until the work is done, over 200 ms. */
async function waiting({ call }: OwnServer, what: string, id: string, work: () => Promise<unknown>): Promise<void> {
  let over = false;
  const slowest = async (one: () => Promise<Response>) => {
    let most = 0;
    while (!over) {
      const from = performance.now();
      await (await one()).arrayBuffer();
      most = Math.max(most, performance.now() - from);
    }
    return most;
  };
  const waits = Promise.all([
    slowest(() =>
      call('POST', `/experiments/${id}/observations`, { observations: [{ ...manyReadings(1).observations[0], id: `n${n++}` }] }),
    ),
    slowest(() => call('GET', `/experiments/${id}`)),
  ]);
  const from = performance.now();
  await work().finally(() => (over = true));
  const [post, read] = await waits;
  reportRatio(`${what}: it takes, over 200 ms`, (performance.now() - from) / 200);
  reportRatio(`${what}: the slowest post meanwhile, over 200 ms`, post / 200, { most: 2 });
  reportRatio(`${what}: the slowest read meanwhile, over 200 ms`, read / 200, { most: 2 });
}

/** What others wait while many readings come in, are opened, go out, and go for good. */
export async function meanwhile({ readings }: Size): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'fern-meanwhile-'));
  const server = await ownServer(4399, join(folder, 'meanwhile.sqlite'));
  const { call } = server;
  try {
    const { id } = (await (await call('POST', '/experiments', manyReadings(0).experiment)).json()) as { id: string };
    const zip = zipPackage(writePackage(manyReadings(readings)));
    let large = '';
    await waiting(server, 'import', id, async () => {
      large = ((await (await call('POST', '/packages', zip)).json()) as { id: string }).id;
    });
    await waiting(server, 'opening', id, async () => (await call('GET', `/experiments/${large}/study?as=columns`)).arrayBuffer());
    await waiting(server, 'export', id, async () => (await call('GET', `/experiments/${large}/package`)).arrayBuffer());
    await waiting(server, 'Today', id, async () => (await call('GET', '/experiments')).arrayBuffer());
    await call('DELETE', `/experiments/${large}`);
    await waiting(server, 'gone for good', id, () => call('DELETE', `/bin/${large}`));
  } finally {
    await server.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
