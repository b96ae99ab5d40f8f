import { randomInt } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { createServer as createHttp } from 'node:http';
import { createServer as createHttps } from 'node:https';
import { dirname, join } from 'node:path';
import { changes } from './changes';
import { createApp } from './createApp';
import { DatabaseProblem, removeDatabase } from './databaseFile';
import { ownNames } from './hosts';
import { openDatabase } from './openDatabase';
import { isFirstStart } from './services/accounts';
import { backUpDaily } from './services/backup';
import { emptyBin } from './services/bin';
import { certificateFiles } from './services/certificate';
import { loadDemo } from './services/loadDemo';

const root = join(import.meta.dirname, '..', '..');
const demo = process.env.FERN_DEMO === '1';
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4173);
const file = process.env.FERN_DATABASE ?? join(root, 'data', demo ? 'demo.sqlite' : 'fern-test.sqlite');
const stop = (error: unknown): never => {
  if (!(error instanceof DatabaseProblem)) throw error;
  console.error(error.message);
  process.exit(1);
};
// Only the demo that is made here: a database that was named may hold something of one's own.
if (demo && process.env.FERN_FRESH === '1' && process.env.FERN_DATABASE === undefined) await removeDatabase(file).catch(stop);
const database = await openDatabase(file).catch(stop);
if (demo) await loadDemo(database);
else {
  const folder = join(dirname(file), 'backups');
  const daily = () => {
    void emptyBin(database, Date.now());
    void backUpDaily(file, folder, new Date().toISOString().slice(0, 10)).catch((error: unknown) =>
      console.error(`No backup could be made in ${folder}: ${error instanceof Error ? error.message : 'unknown'}`),
    );
  };
  daily();
  setInterval(daily, 3_600_000).unref();
}
const loopback = ['127.0.0.1', '::1', 'localhost'].includes(host);
// Whoever reaches the server first could else make the one account.
const firstCode = !loopback && !demo && (await isFirstStart(database)) ? String(randomInt(1e8)).padStart(8, '0') : undefined;
const news = changes();
const app = createApp({
  database,
  changes: news,
  demo,
  firstCode,
  pages: join(root, 'web', 'dist'),
  logLevel: process.env.LOG_LEVEL ?? 'warn',
  hosts: ownNames(process.env.FERN_HOSTS),
});
const made = certificateFiles(join(dirname(file), 'certificate'));
const certificate = process.env.FERN_TLS_CERT ?? (!loopback && existsSync(made.certificate) ? made.certificate : undefined);
const key = process.env.FERN_TLS_KEY ?? made.key;
const scheme = certificate === undefined ? 'http' : 'https';
const server = certificate === undefined ? createHttp(app) : createHttps({ cert: readFileSync(certificate), key: readFileSync(key) }, app);
// Longer than browsers and proxies keep an idle connection: closed at this end first, a call that is just on its way would be lost.
server.keepAliveTimeout = 75_000;
server.on('error', (error) => {
  console.error(
    `Cannot listen on ${scheme}://${host}:${port}: ${error.message}. Is it running already? Choose another port with PORT=4174.`,
  );
  process.exit(1);
});
server.listen(port, host, () => {
  if (firstCode !== undefined) console.log(`To make the first account, type this code: ${firstCode}`);
  console.log(`Fern Test is ready: ${scheme}://${host}:${port}`);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.once(signal, () => {
    news.end();
    server.close(() => void database.close().then(() => process.exit(0)));
    // Browsers hold connections open that they have not used yet; what is under way has this long to end.
    setTimeout(() => server.closeAllConnections(), 1000).unref();
  });
}
