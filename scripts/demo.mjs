import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, install, root } from './prepare.mjs';
import { serve } from './serve.mjs';

install();
build();
if (process.argv.includes('--fresh'))
  for (const end of ['', '-wal', '-shm']) rmSync(join(root, 'data', `demo.sqlite${end}`), { force: true });
serve({ FERN_DEMO: '1' });
