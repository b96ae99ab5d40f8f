import { workerData } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

// Tests run from the sources, and a thread does not take over how its parent reads them.
register();
await import(`./${workerData.work}.worker.ts`);
