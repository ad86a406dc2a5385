import mysql, { type Pool, type PoolConnection, type ResultSetHeader, type RowDataPacket } from 'mysql2/promise';

/** Anything a query can run on: the pool, or one connection inside a transaction. */
export type Executor = Pool | PoolConnection;
export type Value = string | number | boolean | null | Date | Buffer;

/** Opens a pool. Times are UTC both ways; text is utf8mb4. */
export function createPool(url: string): Pool {
  return mysql.createPool({
    uri: url,
    connectionLimit: 12,
    timezone: 'Z',
    charset: 'utf8mb4_unicode_ci',
    supportBigNumbers: true,
    dateStrings: false,
    namedPlaceholders: false,
  });
}

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

/** @throws {Error} where there is not exactly one row */
export async function one<T>(db: Executor, sql: string, values: Value[] = []): Promise<T> {
  const row = await maybeOne<T>(db, sql, values);
  if (!row) throw new Error(`one: no row for ${sql.slice(0, 80)}`);
  return row;
}

/** @returns rows changed, and the number a new row got */
export async function run(
  db: Executor,
  sql: string,
  values: Value[] = [],
): Promise<{ affected: number; insertId: number }> {
  const [result] = await db.query<ResultSetHeader>(sql, values);
  return { affected: result.affectedRows, insertId: result.insertId };
}

/** Places for a list of values: `?, ?, ?`. @throws {Error} for an empty list, which no `IN` can take */
export function placesFor(values: readonly unknown[]): string {
  if (values.length === 0) throw new Error('placesFor: no values');
  return values.map(() => '?').join(', ');
}

/** Inserts many rows with one statement; nothing for none. */
export async function insertMany(db: Executor, table: string, columns: string[], rows: Value[][]): Promise<void> {
  for (let at = 0; at < rows.length; at += 500) {
    const some = rows.slice(at, at + 500);
    await db.query(`INSERT INTO ${table} (${columns.join(', ')}) VALUES ?`, [some]);
  }
}

const DEADLOCK = 'ER_LOCK_DEADLOCK';

/** Runs `work` in a transaction; all of it happens or none. A deadlock's loser tries again. */
export async function transact<T>(pool: Pool, work: (tx: PoolConnection) => Promise<T>, tries = 4): Promise<T> {
  const connection = await pool.getConnection();
  try {
    await connection.beginTransaction();
    const result = await work(connection);
    await connection.commit();
    return result;
  } catch (error) {
    await connection.rollback();
    if (tries > 1 && (error as { code?: string }).code === DEADLOCK) return await transact(pool, work, tries - 1);
    throw error;
  } finally {
    connection.release();
  }
}

/** Says that something a screen shows has changed. */
export async function bumpRevision(db: Executor): Promise<void> {
  await run(db, 'UPDATE revision SET value = value + 1 WHERE id = 1');
}
