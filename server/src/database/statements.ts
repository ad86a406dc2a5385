import type { RowDataPacket, ResultSetHeader } from 'mysql2/promise';
import type { Executor } from './pool';
import { MissingRow, DuplicateRow } from './row-errors';

export type Value = string | number | boolean | null | Date | Buffer;

/** @returns every row */
export async function many<T>(db: Executor, sql: string, values: Value[] = []): Promise<T[]> {
  const [rows] = await db.query<RowDataPacket[]>(sql, values);
  return rows as T[];
}

/** @returns the row, or null where there is none. @throws {Error} where there are several */
export async function maybeOne<T>(db: Executor, sql: string, values: Value[] = []): Promise<T | null> {
  const rows = await many<T>(db, sql, values);
  if (rows.length > 1) throw new Error(`maybeOne: ${rows.length} rows for ${sql.slice(0, 80)}`);
  return rows[0] ?? null;
}

/** @throws {MissingRow} where there is none. @throws {Error} where there are several */
export async function one<T>(db: Executor, sql: string, values: Value[] = []): Promise<T> {
  const row = await maybeOne<T>(db, sql, values);
  if (!row) throw new MissingRow(`one: no row for ${sql.slice(0, 80)}`);
  return row;
}

/** @returns rows changed, and the number a new row got. @throws {DuplicateRow} where a unique key is broken */
export async function run(
  db: Executor,
  sql: string,
  values: Value[] = [],
): Promise<{ affected: number; insertId: number }> {
  const [result] = await db.query<ResultSetHeader>(sql, values).catch(tellDuplicates);
  return { affected: result.affectedRows, insertId: result.insertId };
}

function tellDuplicates(error: Error & { code?: string }): never {
  throw error.code === 'ER_DUP_ENTRY' ? new DuplicateRow(error.message, { cause: error }) : error;
}

/** Places for a list of values: `?, ?, ?`. @throws {Error} for an empty list, which no `IN` can take */
export function placesFor(values: readonly unknown[]): string {
  if (values.length === 0) throw new Error('placesFor: no values');
  return values.map(() => '?').join(', ');
}

/** @returns what a query over a list of values gives, and nothing for an empty list, which no `IN` can take */
export const manyIn = <T>(
  db: Executor,
  values: readonly (string | number)[],
  sql: (places: string) => string,
  more: Value[] = [],
): Promise<T[]> =>
  values.length === 0 ? Promise.resolve([]) : many<T>(db, sql(placesFor(values)), [...values, ...more]);

/** Inserts many rows with one statement; nothing for none. @throws {DuplicateRow} where a unique key is broken */
export async function insertMany(db: Executor, table: string, columns: string[], rows: Value[][]): Promise<void> {
  for (let at = 0; at < rows.length; at += 500) {
    const some = rows.slice(at, at + 500);
    await db.query(`INSERT INTO ${table} (${columns.join(', ')}) VALUES ?`, [some]).catch(tellDuplicates);
  }
}
