import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { anySprouting, experimentFrom } from '@fern/core';
import { ownServer, type OwnServer } from './ownServer';
import type { Size } from './Size';
import { reportRatio } from './table';

const PORT = 4398;

/** The disk as it is, or with each sync taking so much longer; null where there is no compiler to do that. */
function disk(folder: string, syncMs: number): NodeJS.ProcessEnv | null {
  if (syncMs === 0) return process.env;
  const slow = join(folder, 'slow.so');
  const made = spawnSync('cc', ['-shared', '-fPIC', '-o', slow, 'perf/slowDisk.c', '-ldl']);
  return made.status === 0 ? { ...process.env, LD_PRELOAD: slow, FERN_SYNC_MS: String(syncMs) } : null;
}

function bareInserts(env: NodeJS.ProcessEnv, file: string, seconds: number): number {
  const { stdout } = spawnSync(process.execPath, ['--import', 'tsx', 'perf/bareInserts.ts', file, String(seconds)], {
    env,
    encoding: 'utf8',
  });
  return Number(stdout);
}

let next = 0;
/** So many people post one reading after another while ten read the study. */
async function crowd(
  { call }: OwnServer,
  people: number,
  id: string,
  seconds: number,
): Promise<{ readonly posts: number; readonly slowRead: number }> {
  const until = performance.now() + seconds * 1000;
  const waits: number[] = [];
  let posts = 0;
  const post = async () => {
    while (performance.now() < until) {
      const reading = {
        id: `r${next++}`,
        unit: `D${String(1 + (next % 12)).padStart(2, '0')}`,
        measure: 'sprouts',
        observedOn: '2026-04-04',
      };
      await (await call('POST', `/experiments/${id}/observations`, { observations: [{ ...reading, value: next % 25 }] })).json();
      posts++;
    }
  };
  const read = async () => {
    while (performance.now() < until) {
      const from = performance.now();
      await (await call('GET', `/experiments/${id}`)).json();
      waits.push(performance.now() - from);
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  };
  await Promise.all([...Array.from({ length: people }, post), ...Array.from({ length: people === 1 ? 0 : 10 }, read)]);
  waits.sort((a, b) => a - b);
  return { posts: posts / seconds, slowRead: waits[Math.floor(waits.length * 0.95)] ?? 0 };
}

async function measure(folder: string, syncMs: number, seconds: number): Promise<void> {
  const env = disk(folder, syncMs);
  if (env === null) return console.log(`no C compiler here: a disk of ${syncMs} ms a sync was not measured`);
  const on = syncMs === 0 ? '' : `, ${syncMs} ms a sync`;
  const bare = bareInserts(env, join(folder, `bare-${syncMs}.sqlite`), seconds);
  const server = await ownServer(PORT, join(folder, `load-${syncMs}.sqlite`), env);
  const { call } = server;
  try {
    const plan = experimentFrom(anySprouting, { created: '2026-04-01', startOn: '2026-04-01', seed: 1 });
    const { id } = (await (await call('POST', '/experiments', plan)).json()) as { id: string };
    for (const people of [1, 5, 12, 60]) {
      const { posts, slowRead } = await crowd(server, people, id, seconds);
      if (people === 1) reportRatio(`a post of one person, in bare durable inserts${on}`, bare / posts, syncMs > 0 ? { most: 3 } : {});
      else {
        reportRatio(
          `posts a second of ${people} people over bare inserts of one${on}`,
          posts / bare,
          syncMs > 0 && people === 60 ? { least: 1 } : {},
        );
        reportRatio(`a read meanwhile, slowest of 20, over 200 ms${on}`, slowRead / 200, { most: 1 });
      }
    }
  } finally {
    await server.stop();
  }
}

/** Posts of readings by 1, 5, 12 and 60 people beside bare durable inserts into the same disk, and what readers wait meanwhile. */
export async function load({ seconds }: Size): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'fern-load-'));
  try {
    // A disk that syncs at no cost tells nothing of a real one: its ratios have no bound.
    for (const syncMs of [0, 5]) await measure(folder, syncMs, seconds);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
