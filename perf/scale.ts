import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writePackage, zipPackage } from '@fern/core';
import { manyReadings } from './manyReadings';
import { ownServer } from './ownServer';
import type { Size } from './Size';
import { reportRatio } from './table';

const today = new Date().toISOString().slice(0, 10);

async function timed(work: () => Promise<unknown>, times: number): Promise<number> {
  const taken: number[] = [];
  for (let i = 0; i <= times; i++) {
    const from = performance.now();
    await work();
    if (i > 0 || times === 0) taken.push(performance.now() - from);
  }
  return taken.sort((a, b) => a - b)[Math.floor(taken.length / 2)];
}

/** Tells costs beside that of the smallest. */
function growth() {
  const first: Record<string, number> = {};
  return (what: string, size: number, cost: number, most: number) => {
    first[what] ??= cost;
    reportRatio(`${what}, ${size.toLocaleString('en-GB')}, over the smallest`, cost / first[what], { most });
  };
}

/** How the cost of a call and the size of the file grow, from 100 to 100,000 readings and from 1 to 500 experiments. */
export async function scale({ readings, rounds }: Size): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'fern-scale-'));
  const file = join(folder, 'scale.sqlite');
  const { call, stop } = await ownServer(4397, file);
  const bytesOf = async (path: string) => (await (await call('GET', path)).arrayBuffer()).byteLength;
  const onDisk = () => statSync(file).size + statSync(`${file}-wal`).size;
  const grown = growth();
  let n = 0;

  async function readingsOf(size: number): Promise<void> {
    const zip = zipPackage(writePackage(manyReadings(size)));
    const before = onDisk();
    let id = '';
    const took = await timed(async () => {
      id = ((await (await call('POST', '/packages', zip)).json()) as { id: string }).id;
    }, 0);
    grown('import of a package of readings', size, took, size / 100);
    const post = () =>
      call('POST', `/experiments/${id}/observations`, { observations: [{ ...manyReadings(1).observations[0], id: `n${n++}` }] });
    grown('a post into an experiment of readings', size, await timed(post, rounds), 2);
    grown('opening an experiment of readings', size, await timed(() => bytesOf(`/experiments/${id}/study?as=columns`), rounds), size / 100);
    reportRatio(`bytes on disk a reading, of ${size.toLocaleString('en-GB')}`, (onDisk() - before) / size);
    await call('DELETE', `/experiments/${id}`);
    await call('DELETE', `/bin/${id}`);
  }

  try {
    for (const size of [100, 1000, 10_000, 100_000].filter((each) => each <= readings)) await readingsOf(size);
    const { experiment } = manyReadings(0);
    const running = { ...experiment, startedOn: today, plan: { ...experiment.plan, lockedOn: today } };
    let made = 0;
    for (const size of [1, 10, 100, 500].filter((each) => each <= readings / 40)) {
      for (; made < size; made++) await call('POST', '/experiments', running);
      grown('the list of experiments', size, await timed(() => bytesOf('/experiments'), rounds), size);
      reportRatio(`the list of ${size} experiments of 60 units, over 300 kB`, (await bytesOf('/experiments')) / 300_000, { most: 1 });
    }
  } finally {
    await stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
