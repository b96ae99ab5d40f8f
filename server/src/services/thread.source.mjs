import { workerData } from 'node:worker_threads';

// Tests and developers run from the sources, and a thread does not take over how its parent reads them. Tests find it built.
const { FERN_BUILT } = process.env;
if (FERN_BUILT === undefined) {
  const { register } = await import('tsx/esm/api');
  register();
  await import(`./${workerData.work}.worker.ts`);
} else await import(new URL(`${workerData.work}.js`, FERN_BUILT).href);
