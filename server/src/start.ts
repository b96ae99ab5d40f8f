import { dirname, join } from 'node:path';
import { createApp } from './createApp';
import { DatabaseProblem } from './databaseFile';
import { ownNames } from './hosts';
import { openDatabase } from './openDatabase';
import { backUpDaily } from './services/backup';
import { loadDemo } from './services/loadDemo';

const root = join(import.meta.dirname, '..', '..');
const demo = process.env.FERN_DEMO === '1';
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4173);
const file = process.env.FERN_DATABASE ?? join(root, 'data', demo ? 'demo.sqlite' : 'fern-test.sqlite');
const database = await openDatabase(file).catch((error: unknown) => {
  if (!(error instanceof DatabaseProblem)) throw error;
  console.error(error.message);
  process.exit(1);
});
if (demo) await loadDemo(database);
else {
  const folder = join(dirname(file), 'backups');
  const daily = () =>
    void backUpDaily(file, folder, new Date().toISOString().slice(0, 10)).catch((error: unknown) =>
      console.error(`No backup could be made in ${folder}: ${error instanceof Error ? error.message : 'unknown'}`),
    );
  daily();
  setInterval(daily, 3_600_000).unref();
}
const app = createApp({
  database,
  demo,
  pages: join(root, 'web', 'dist'),
  logLevel: process.env.LOG_LEVEL ?? 'warn',
  hosts: ownNames(process.env.FERN_HOSTS),
});
const server = app.listen(port, host, (error?: Error) => {
  if (error) {
    console.error(`Cannot listen on http://${host}:${port}: ${error.message}. Is it running already? Choose another port with PORT=4174.`);
    process.exit(1);
  }
  console.log(`Fern Test is ready: http://${host}:${port}`);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.once(signal, () => {
    server.close(() => void database.close().then(() => process.exit(0)));
    // Browsers hold connections open that they have not used yet; what is under way has this long to end.
    setTimeout(() => server.closeAllConnections(), 1000).unref();
  });
}
