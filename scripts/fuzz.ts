import fc from 'fast-check';
import { pathToFileURL } from 'node:url';
import { latestAnywhere, packColumns, readPackage, unzipPackage, writePackage, zipPackage } from '@fern/core';
import { experimentSchema, type ExperimentLine, type ExperimentRecord } from '@fern/contract';
import { routes } from '../server/src/routes/index';
import { goodBodies, anyPlan } from '../server/src/routeFixtures';
import { startTestServer, type HttpAnswer } from '../server/src/testServer';

/** What was answered that never may be, in a line each. */
type Fault = string;

const pack = zipPackage(writePackage({ experiment: anyPlan, observations: [], incidents: [], care: [], photos: [] }));

const deep = JSON.parse(`${'['.repeat(400)}1${']'.repeat(400)}`) as unknown;
const junk = fc.oneof(
  fc.constantFrom<unknown>(
    ...[null, true, -1, 1.5, 1e308, '', ' ', 'constructor', '__proto__', 'toString', '9999-12-31', '0000-01-01', '2026-02-30', 'D01', 'C'],
    ...['\ud800', 'a\0b', '=1+1', "'; DROP TABLE units; --", '../..', 'x'.repeat(70_000), [], {}, [[]], { length: 1e9 }, deep],
    Array.from({ length: 20_000 }, (_, i) => i),
    packColumns([anyPlan]),
  ),
  fc.jsonValue(),
);
const ids = ['', 'nobody', '%00', '..%2f..', '%E0%A4%A', 'constructor', '__proto__', 'x'.repeat(300), '%F0%9F%8C%B1'];

interface Bent {
  readonly line: (typeof routes)[number];
  readonly id: string | null;
  readonly where: number;
  readonly put: unknown;
  readonly raw: string | null;
  readonly key: string | null;
}
const anyBent: fc.Arbitrary<Bent> = fc.record({
  line: fc.constantFrom(...routes),
  id: fc.option(fc.constantFrom(...ids), { freq: 3 }),
  where: fc.nat(2000),
  put: junk,
  raw: fc.option(fc.oneof(fc.string(), fc.constantFrom('{', 'null', '[]', '"x"', '1', '{"a":', '[{}]')), { freq: 12, nil: null }),
  key: fc.option(fc.constantFrom('01980000-0000-7000-8000-000000000009', 'mine', ''), { freq: 8 }),
});

/** The value with one thing somewhere inside it, counted from its first, replaced. */
function bend(value: unknown, where: number, put: unknown): unknown {
  let left = where % countOf(value);
  const go = (now: unknown): unknown => {
    if (left-- === 0) return put;
    if (Array.isArray(now)) return now.map(go);
    return typeof now === 'object' && now !== null ? Object.fromEntries(Object.entries(now).map(([name, own]) => [name, go(own)])) : now;
  };
  return go(value);
}
function countOf(value: unknown): number {
  return typeof value === 'object' && value !== null ? Object.values(value).reduce<number>((sum, own) => sum + countOf(own), 1) : 1;
}

/** Some bytes of a good package overwritten, or its end cut off. */
function bendBytes(where: number, put: unknown): Uint8Array {
  if (typeof put === 'string') return pack.slice(0, where % pack.length);
  const bytes = pack.slice();
  bytes[where % bytes.length] ^= 1 + (where % 255);
  return bytes;
}

/**
 * Sends malformed requests over every route of a new server, then looks at all that was stored.
 * @param count how many
 * @param seed the same seed sends the same requests
 * @returns every answer that must not be: a 5xx, an error that is no problem+json, something stored that cannot be read, saved or exported
 */
export async function fuzz(count: number, seed: number): Promise<Fault[]> {
  const server = await startTestServer({ signInAttempts: 1e9 });
  const person = server.caller();
  await person.call('POST', '/api/accounts', { name: 'M. Bracken', password: 'moss and fern' });
  const { id } = (await person.call('POST', '/api/experiments', anyPlan)).body as { id: string };
  const faults: Fault[] = [];
  const judge = (what: string, { status, headers }: HttpAnswer) => {
    if (status >= 500) faults.push(`${status} ${what}`);
    if (status >= 400 && !(headers.get('content-type') ?? '').includes('application/problem+json')) faults.push(`no problem ${what}`);
  };
  for (const { line, id: other, where, put, raw, key } of fc.sample(anyBent, { numRuns: count, seed })) {
    const name = `${line.method} ${line.path}`;
    // Without its session it would only be told to sign in; a stream has no end.
    const endless = name === 'get /experiments/:id/news' && other === null;
    if (endless || ['delete /session', 'delete /sessions'].includes(name) || (line.method === 'delete' && other === null)) continue;
    const path = `/api${line.path
      .replace(':id', other ?? id)
      .replace(':unit', other ?? 'D01')
      .replace(':name', other ?? 'Bracken')}`;
    const body = line.file
      ? bendBytes(where, put)
      : goodBodies[name] === undefined
        ? undefined
        : (raw ?? JSON.stringify(bend(goodBodies[name], where, put)));
    const headers = { ...(body === undefined || line.file ? {} : { 'content-type': 'application/json' }), 'idempotency-key': key };
    judge(
      `${path.slice(0, 80)} ${typeof body === 'string' ? body.slice(0, 200) : `bytes bent at ${where}`}`,
      await person.call(line.method.toUpperCase(), path, body, headers),
    );
  }
  const list = await person.call('GET', '/api/experiments');
  judge('the list', list);
  for (const stored of list.body as ExperimentLine[]) {
    const { body } = await person.call('GET', `/api/experiments/${stored.id}`);
    const { error } = experimentSchema.validate((body as ExperimentRecord).experiment);
    if (error) faults.push(`stored, but cannot be saved: ${error.message}`);
    const zip = await person.call('GET', `/api/experiments/${stored.id}/package`);
    judge('a package', zip);
    const unzipped = unzipPackage(zip.body as Uint8Array);
    const read = 'files' in unzipped ? readPackage(unzipped.files, latestAnywhere(new Date())) : unzipped;
    if ('problems' in read) faults.push(`stored, but cannot be read back: ${JSON.stringify(read.problems[0])}`);
  }
  await server.stop();
  return faults;
}

if (process.argv[1] !== undefined && import.meta.url === pathToFileURL(process.argv[1]).href) {
  const count = Number(process.argv[2] ?? 20_000);
  const seed = Number(process.argv[3] ?? 1);
  const faults = await fuzz(count, seed);
  for (const fault of faults) console.log(fault);
  console.log(`${count} requests from seed ${seed}: ${faults.length} faults`);
  process.exitCode = faults.length > 0 ? 1 : 0;
}
