import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writePackage, zipPackage } from '@fern/core';
import { line } from './clock';
import { ownServer } from './ownServer';
import { manyReadings } from './manyReadings';

/** How the cost of a call and the size of the file grow, from 100 to 100,000 readings and from 1 to 500 experiments. */
const folder = mkdtempSync(join(tmpdir(), 'fern-scale-'));
const file = join(folder, 'scale.sqlite');
const server = await ownServer(4397, file);
const today = new Date().toISOString().slice(0, 10);

async function timed(work: () => Promise<unknown>, times = 5): Promise<number> {
  const taken: number[] = [];
  for (let i = 0; i <= times; i++) {
    const from = performance.now();
    await work();
    if (i > 0 || times === 0) taken.push(performance.now() - from);
  }
  return taken.sort((a, b) => a - b)[Math.floor(taken.length / 2)];
}
const bytesOf = async (path: string) => (await (await server.call('GET', path)).arrayBuffer()).byteLength;
const onDisk = () => statSync(file).size + statSync(`${file}-wal`).size;

try {
  let n = 0;
  const first: Record<string, number> = {};
  /** Beside the cost of the smallest. */
  const grown = (what: string, size: number, cost: number, bound: string) => {
    first[what] ??= cost;
    line(`${what}, ${size.toLocaleString('en-GB')}, over the smallest`, cost / first[what], bound);
  };
  for (const size of [100, 1000, 10_000, 100_000]) {
    const zip = zipPackage(writePackage(manyReadings(size)));
    const before = onDisk();
    let id = '';
    const took = await timed(async () => {
      id = ((await (await server.call('POST', '/packages', zip)).json()) as { id: string }).id;
    }, 0);
    grown('import of a package of readings', size, took, `${size / 100} by size`);
    grown(
      'a post into an experiment of readings',
      size,
      await timed(() =>
        server.call('POST', `/experiments/${id}/observations`, {
          observations: [{ ...manyReadings(1).observations[0], id: `n${n++}` }],
        }),
      ),
      'about 1',
    );
    grown(
      'opening an experiment of readings',
      size,
      await timed(() => bytesOf(`/experiments/${id}/study?as=columns`)),
      `${size / 100} by size`,
    );
    line(`bytes on disk a reading, of ${size.toLocaleString('en-GB')}`, (onDisk() - before) / size, '');
    await server.call('DELETE', `/experiments/${id}`);
    await server.call('DELETE', `/bin/${id}`);
  }
  const { experiment } = manyReadings(0);
  const running = { ...experiment, startedOn: today, plan: { ...experiment.plan, frozenOn: today } };
  let made = 0;
  for (const size of [1, 10, 100, 500]) {
    for (; made < size; made++) await server.call('POST', '/experiments', running);
    grown('the list of experiments', size, await timed(() => bytesOf('/experiments')), `${size} by size`);
    line(`the list of ${size} experiments of 60 units, over 300 kB`, (await bytesOf('/experiments')) / 300_000, 'under 1');
  }
} finally {
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
}
