import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import { many, run } from './statements';

/** Brings a database up to date. One statement a file, since MariaDB commits at every DDL; a lock keeps two servers apart. */
export async function migrate(pool: Pool, folder: string): Promise<string[]> {
  const connection = await pool.getConnection();
  try {
    await connection.query("SELECT GET_LOCK('haveld-migrate', 60)");
    await run(
      connection,
      'CREATE TABLE IF NOT EXISTS migration (name VARCHAR(100) NOT NULL PRIMARY KEY, at DATETIME(3) NOT NULL DEFAULT UTC_TIMESTAMP(3))',
    );
    const done = new Set(
      (await many<{ name: string }>(connection, 'SELECT name FROM migration')).map((row) => row.name),
    );
    const files = (await readdir(folder)).filter((name) => name.endsWith('.sql')).sort();
    const applied: string[] = [];
    for (const name of files) {
      if (done.has(name)) continue;
      await connection.query(await readFile(join(folder, name), 'utf8'));
      await run(connection, 'INSERT INTO migration (name) VALUES (?)', [name]);
      applied.push(name);
    }
    return applied;
  } finally {
    await connection.query("SELECT RELEASE_LOCK('haveld-migrate')");
    connection.release();
  }
}
