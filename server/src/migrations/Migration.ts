import type { QueryInterface } from 'sequelize';

/** One step of the database's shape, forth and back. */
export interface Migration {
  readonly name: string;
  readonly up: (query: QueryInterface) => Promise<void>;
  readonly down: (query: QueryInterface) => Promise<void>;
}
