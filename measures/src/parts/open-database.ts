import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import { addressOf } from '@haveld/server/database/address';
import { migrate } from '@haveld/server/database/migrate';
import { createPool } from '@haveld/server/database/pool';
import { run } from '@haveld/server/database/statements';

/** An empty library on the real database server; closing it takes it away. */
export async function openDatabase(): Promise<{ pool: Pool; close: () => Promise<void> }> {
  const url = process.env.HAVELD_TEST_DATABASE!;
  const name = `measure_${randomUUID().slice(0, 8)}`;
  const admin = createPool(url);
  await run(admin, `CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
  const pool = createPool(addressOf(url, name));
  await migrate(pool, join(process.cwd(), 'server/src/database/migrations'));
  return {
    pool,
    close: async () => {
      await pool.end();
      await run(admin, `DROP DATABASE ${name}`);
      await admin.end();
    },
  };
}
