import sqlite3 from 'sqlite3';

/** Prints how many rows a second one writer gets onto a disk, each synced for itself. Called with a file that is not there yet and for how many seconds. */
const SECONDS = Number(process.argv[3]);
const bare = new sqlite3.Database(process.argv[2]);
const run = (sql: string) => new Promise<void>((resolve, reject) => bare.run(sql, (error) => (error ? reject(error) : resolve())));
for (const sql of ['PRAGMA journal_mode = WAL', 'PRAGMA synchronous = FULL', 'CREATE TABLE rows (id TEXT PRIMARY KEY, value REAL)'])
  await run(sql);
const until = performance.now() + SECONDS * 1000;
let n = 0;
for (; performance.now() < until; n++) await run(`INSERT INTO rows VALUES ('r${n}', ${n})`);
bare.close();
console.log(n / SECONDS);
