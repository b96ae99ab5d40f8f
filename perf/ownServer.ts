import { spawn } from 'node:child_process';
import { once } from 'node:events';

export interface OwnServer {
  /** Calls it as the one account; throws where it refuses. */
  readonly call: (method: string, path: string, body?: unknown) => Promise<Response>;
  readonly stop: () => Promise<void>;
}

/** The built server with a database of its own and a teacher's account. */
export async function ownServer(port: number, file: string, env: NodeJS.ProcessEnv = process.env): Promise<OwnServer> {
  const server = spawn(process.execPath, ['server/dist/start.js'], {
    env: { ...env, PORT: String(port), HOST: '127.0.0.1', FERN_DEMO: '', FERN_DATABASE: file },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve) => server.stdout.on('data', (text: Buffer) => text.toString().includes('ready') && resolve()));
  let cookie = '';
  const call = async (method: string, path: string, body?: unknown) => {
    const packed = body instanceof Uint8Array;
    const response = await fetch(`http://127.0.0.1:${port}/api${path}`, {
      method,
      headers: { 'x-fern-test': '2', 'content-type': packed ? 'application/zip' : 'application/json', cookie },
      body: body === undefined ? undefined : packed ? new Uint8Array(body) : JSON.stringify(body),
    });
    cookie = response.headers.getSetCookie()[0]?.split(';')[0] ?? cookie;
    if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
    return response;
  };
  await call('POST', '/accounts', { name: 'M. Bracken', password: 'moss and fern' });
  return {
    call,
    stop: async () => {
      server.kill();
      await once(server, 'exit');
    },
  };
}
