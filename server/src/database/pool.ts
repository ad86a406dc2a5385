import mysql, { type Pool, type PoolConnection } from 'mysql2/promise';

/** Anything a query can run on: the pool, or one connection inside a transaction. */
export type Executor = Pool | PoolConnection;

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

const DEADLOCK = 'ER_LOCK_DEADLOCK';

/** Runs `work` in a transaction; all of it happens or none. A deadlock's loser tries again, and holds no connection meanwhile. */
export async function transact<T>(pool: Pool, work: (tx: PoolConnection) => Promise<T>, tries = 4): Promise<T> {
  for (let left = tries - 1; ; left--) {
    const connection = await pool.getConnection();
    try {
      await connection.beginTransaction();
      const result = await work(connection);
      await connection.commit();
      return result;
    } catch (error) {
      await connection.rollback();
      if (left === 0 || (error as { code?: string }).code !== DEADLOCK) throw error;
    } finally {
      connection.release();
    }
  }
}
