import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const places = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

/** Path of a Chromium for the browser tests; on Debian it is installed where it is missing. */
export function findChromium() {
  const found = () => places.find((path) => path && existsSync(path));
  if (found()) return found();
  const apt = existsSync('/usr/bin/apt-get');
  if (apt) {
    const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
    const run = (...args) =>
      spawnSync([...sudo, 'apt-get', ...args][0], [...sudo, 'apt-get', ...args].slice(1), {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      });
    console.log('Installing Chromium for the browser tests …');
    run('update');
    run('install', '-y', '--no-install-recommends', 'chromium');
  }
  if (found()) return found();
  console.error(
    `The browser tests need Chromium. ${apt ? 'Install it with: sudo apt-get install chromium' : 'Install it with your system’s packages'}, or set CHROMIUM_PATH to where it is.`,
  );
  process.exit(1);
}
