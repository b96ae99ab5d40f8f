import { spawn } from 'node:child_process';
import { root } from './prepare.mjs';

/** Runs the server until it is stopped: the built one, or while developing the sources themselves. */
export function serve(env, { built = true } = {}) {
  const child = spawn(process.execPath, built ? ['server/dist/start.js'] : ['--import', 'tsx', 'server/src/start.ts'], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code) => process.exit(code ?? 0));
}
