import type { QueryInterface } from 'sequelize';
import { start } from './0001-start';

export interface Migration {
  readonly name: string;
  readonly up: (query: QueryInterface) => Promise<void>;
  readonly down: (query: QueryInterface) => Promise<void>;
}

/** All migrations in order. A migration that has landed is never changed; add a new one. */
export const migrations: readonly Migration[] = [start];
