import { createServer, type AddressInfo } from 'node:net';

/** A port that was free a moment ago: what another run left behind is in nobody's way. */
export async function freePort(): Promise<number> {
  const listener = createServer().listen(0, '127.0.0.1');
  await new Promise((resolve) => listener.once('listening', resolve));
  const { port } = listener.address() as AddressInfo;
  await new Promise((resolve) => listener.close(resolve));
  return port;
}
