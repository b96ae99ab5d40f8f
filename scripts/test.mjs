import { findChromium } from './chromium.mjs';
import { build, install, run } from './prepare.mjs';

const step = (name) => console.log(`\n== ${name}`);

install();
const CHROMIUM_PATH = findChromium();
step('types');
run('npm', ['run', '--silent', 'typecheck']);
step('lint');
run('npm', ['run', '--silent', 'lint']);
step('nothing unused');
run('npm', ['run', '--silent', 'unused']);
step('unit tests');
run('npm', ['run', '--silent', 'unit']);
step('build');
build();
step('browser tests');
run('npm', ['run', '--silent', 'e2e'], { env: { ...process.env, CHROMIUM_PATH } });
