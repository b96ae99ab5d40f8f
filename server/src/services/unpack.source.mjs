import { register } from 'tsx/esm/api';

// Tests run from the sources, and a thread does not take over how its parent reads them.
register();
await import('./unpack.worker.ts');
