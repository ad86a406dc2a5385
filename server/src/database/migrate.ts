import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import { many, run } from './statements';

/**
 * Brings a database up to date, a file after the other; a lock keeps two servers apart. MariaDB commits at every DDL, so every
 * statement of the starting schema may run twice, and a later file holds one statement.
 * @returns the files that were applied
 * @throws {Error} where the database holds a change these files do not know: it was made by another Haveld
 */
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
    const unknown = [...done].filter((name) => !files.includes(name));
    if (unknown.length > 0)
      throw new Error(
        `This database was made by another version of Haveld: it holds the change ${unknown[0]}, which this version does not know.`,
      );
    const applied: string[] = [];
    for (const name of files) {
      if (done.has(name)) continue;
      for (const statement of splitStatements(await readFile(join(folder, name), 'utf8')))
        await connection.query(statement);
      await run(connection, 'INSERT INTO migration (name) VALUES (?)', [name]);
      applied.push(name);
    }
    return applied;
  } finally {
    await connection.query("SELECT RELEASE_LOCK('haveld-migrate')");
    connection.release();
  }
}

/** A statement ends with `;` at a line's end; no text of ours has that inside. */
const splitStatements = (sql: string): string[] =>
  sql
    .split(/;\s*$/m)
    .map((statement) => statement.trim())
    .filter((statement) => statement !== '');
