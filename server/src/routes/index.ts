import { accountRoutes } from './account';
import { experimentRoutes } from './experiments';
import { logRoutes } from './log';
import { packageRoutes } from './packages';
import { photoRoutes } from './photos';
import type { Route } from './Route';
import { sessionRoutes } from './session';

/** Every route under /api, and who may call it. */
export const routes: readonly Route[] = [
  ...sessionRoutes,
  ...accountRoutes,
  ...experimentRoutes,
  ...logRoutes,
  ...packageRoutes,
  ...photoRoutes,
];
