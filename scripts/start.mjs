import { build, install } from './prepare.mjs';
import { serve } from './serve.mjs';

install();
build();
serve({});
