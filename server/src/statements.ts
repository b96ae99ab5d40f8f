import type sqlite3 from 'sqlite3';

type Value = string | number | boolean | null | Uint8Array;

/** SQL that runs at every reading, prepared once: to build it anew costs many times what running it does. */
export interface Statements {
  readonly all: <Row>(sql: string, values?: readonly Value[]) => Promise<Row[]>;
  readonly run: (sql: string, values?: readonly Value[]) => Promise<void>;
  /** Adds the rows, which all have these columns, many in one statement. */
  readonly insert: (table: string, columns: readonly string[], rows: readonly Readonly<Record<string, unknown>>[]) => Promise<void>;
  readonly close: () => Promise<void>;
}

/** In one INSERT. SQLite takes 32,766 values. */
const ROWS_AT_ONCE = 200;

/** @param connection open, and used by nothing else at the same time where it writes */
export function statementsOf(connection: sqlite3.Database): Statements {
  const prepared = new Map<string, Promise<sqlite3.Statement>>();

  function prepare(sql: string): Promise<sqlite3.Statement> {
    const before = prepared.get(sql);
    if (before) return before;
    const made = new Promise<sqlite3.Statement>((resolve, reject) => {
      const statement = connection.prepare(sql, (error) => (error ? reject(error) : resolve(statement)));
    });
    prepared.set(sql, made);
    made.catch(() => prepared.delete(sql));
    return made;
  }

  async function all<Row>(sql: string, values: readonly Value[] = []): Promise<Row[]> {
    const statement = await prepare(sql);
    return new Promise((resolve, reject) => statement.all<Row>(values, (error, rows) => (error ? reject(error) : resolve(rows))));
  }

  async function run(sql: string, values: readonly Value[] = []): Promise<void> {
    const statement = await prepare(sql);
    return new Promise((resolve, reject) => statement.run(values, (error) => (error ? reject(error) : resolve())));
  }

  return {
    all,
    run,
    insert: async (table, columns, rows) => {
      const row = `(${columns.map(() => '?').join()})`;
      for (let from = 0; from < rows.length; from += ROWS_AT_ONCE) {
        const batch = rows.slice(from, from + ROWS_AT_ONCE);
        const values = batch.flatMap((record) => columns.map((column) => record[column] as Value));
        await run(`INSERT INTO ${table} (${columns.map((name) => `"${name}"`).join()}) VALUES ${batch.map(() => row).join()}`, values);
      }
    },
    close: async () => {
      for (const made of prepared.values()) {
        const statement = await made.catch(() => null);
        if (statement) await new Promise<void>((resolve) => statement.finalize(() => resolve()));
      }
      prepared.clear();
    },
  };
}
