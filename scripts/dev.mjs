import { spawn } from 'node:child_process';
import { install, root } from './prepare.mjs';
import { serve } from './serve.mjs';

install();
spawn('npm', ['run', 'dev', '--workspace', 'web'], { cwd: root, stdio: 'inherit' });
serve({ FERN_DEMO: '1' }, { built: false });
