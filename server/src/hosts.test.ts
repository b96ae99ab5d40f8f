import { request } from 'node:http';
import { expect, it } from 'vitest';
import type { AddressInfo } from 'node:net';
import { createApp } from './createApp';
import { onlyUnder, ownNames } from './hosts';
import { startTestServer } from './testServer';

it('a computer goes by its own names and addresses, and by those that it was given', () => {
  const names = ownNames('garden.school, tablet-1 ');
  for (const name of ['localhost', '127.0.0.1', '::1', 'garden.school', 'tablet-1']) expect(names.has(name), name).toBe(true);
  expect(names.has('')).toBe(false);
  expect(names.has('elsewhere.example')).toBe(false);
});

it.each([
  ['localhost:4173', 200],
  ['127.0.0.1', 200],
  ['[::1]:4173', 200],
  ['LOCALHOST', 200],
  ['elsewhere.example', 421],
  ['localhost.elsewhere.example:4173', 421],
])('called as “%s” it answers %d', async (host, expected) => {
  const { database, stop } = await startTestServer();
  const server = createApp({ database, demo: false, hosts: ownNames() }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as AddressInfo;
  const status = await new Promise<number | undefined>((resolve, reject) =>
    request({ port, path: '/api/session', headers: { host } }, (response) => resolve(response.resume().statusCode))
      .on('error', reject)
      .end(),
  );
  expect(status).toBe(expected);
  await new Promise((resolve) => server.close(resolve));
  await stop();
});

it('a call without any name is refused', () => {
  let said: unknown;
  void onlyUnder(ownNames())({ headers: {} } as never, {} as never, (error: unknown) => (said = error));
  expect(String(said)).toContain('does not go by the name');
});
