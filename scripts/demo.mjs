import { build, install } from './prepare.mjs';
import { serve } from './serve.mjs';

install();
build();
serve({ FERN_DEMO: '1', FERN_FRESH: process.argv.includes('--fresh') ? '1' : '' });
