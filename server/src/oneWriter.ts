import type { Sequelize } from 'sequelize';
import type { ExperimentRecord } from '@fern/contract';
import type { Models } from './models/index';
import type { Statements } from './statements';

/** The tables over one connection. */
export interface Tables {
  readonly sequelize: Sequelize;
  readonly models: Models;
  /** On the same connection, for what runs at every reading. */
  readonly statements: Statements;
  /** Experiments as they were last read by id, of what is stored for good; each counts only while its version is the stored one. */
  readonly known: Map<string, ExperimentRecord>;
}

/** A change of the tables. It throws where it cannot be made, and then nothing of it is stored. */
export type Work<T> = (tables: Tables) => Promise<T>;

interface Job {
  /** Makes the change and returns what tells the caller once it is stored. */
  readonly make: (tables: Tables) => Promise<() => void>;
  readonly fail: (error: unknown) => void;
}

/** More than this waits for the next commit, so that the first need not wait for long. */
const MOST_TOGETHER = 100;

/**
 * One writer for the database: changes are made one after another on a connection of its own, and what waits meanwhile is committed
 * together, so that many people share the price of one durable write. A change that fails takes only itself back. Nobody is told that
 * something is stored before the disk has it.
 * @param tables over a connection that nothing else uses
 * @returns runs a change and waits until it is stored
 */
export function oneWriter(tables: Tables): <T>(work: Work<T>) => Promise<T> {
  const waiting: Job[] = [];
  let busy = false;
  const run = (sql: string) => tables.statements.run(sql);

  async function writeAll(): Promise<void> {
    busy = true;
    // Whatever comes in this turn belongs together.
    await Promise.resolve();
    while (waiting.length > 0) await commit(waiting.splice(0, MOST_TOGETHER));
    busy = false;
  }

  async function commit(jobs: readonly Job[]): Promise<void> {
    const made: { readonly job: Job; readonly tell: () => void }[] = [];
    try {
      await run('BEGIN IMMEDIATE');
      const [first, ...others] = jobs;
      if (first && others.length === 0) made.push({ job: first, tell: await first.make(tables) });
      else
        for (const job of jobs) {
          const tell = await make(job);
          if (tell) made.push({ job, tell });
        }
      await run('COMMIT');
    } catch (error) {
      await run('ROLLBACK').catch(() => undefined);
      jobs.forEach((job) => job.fail(error));
      return;
    }
    made.forEach(({ tell }) => tell());
  }

  /** Null where the change failed by itself; throws where the whole transaction is gone, as on a full disk. */
  async function make(job: Job): Promise<(() => void) | null> {
    await run('SAVEPOINT one');
    try {
      const tell = await job.make(tables);
      await run('RELEASE one');
      return tell;
    } catch (error) {
      await run('ROLLBACK TO one').catch(() => {
        throw error;
      });
      await run('RELEASE one');
      job.fail(error);
      return null;
    }
  }

  return <T>(work: Work<T>) =>
    new Promise<T>((resolve, reject) => {
      waiting.push({
        make: async (now) => {
          const result = await work(now);
          return () => resolve(result);
        },
        fail: reject,
      });
      if (!busy) void writeAll();
    });
}
