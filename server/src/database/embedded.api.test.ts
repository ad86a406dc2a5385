import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import { addressOf } from './address';
import { migrate } from './migrate';
import { createPool } from './pool';
import { one, run } from './statements';

interface Embedded {
  url(database: string): string;
  create(database: string): Promise<void>;
  stop(): Promise<void>;
}

const SCRIPT = join(import.meta.dirname, '../../../scripts/steps/database.mjs');
const MIGRATIONS = join(import.meta.dirname, 'migrations');
const isRoot = process.getuid?.() === 0;

describe('the database that `npm start` brings', () => {
  const folder = mkdtempSync(join(tmpdir(), 'haveld-embedded-'));
  let database: Embedded;
  let pool: Pool;
  let socket: string;
  beforeAll(async () => {
    chmodSync(folder, 0o755);
    const { startDatabase } = (await import(SCRIPT)) as { startDatabase(folder: string): Promise<Embedded> };
    database = await startDatabase(folder);
    await database.create('haveld');
    pool = createPool(database.url('haveld'));
    socket = new URL(database.url('')).searchParams.get('socketPath')!;
  });
  afterAll(async () => {
    await pool.end();
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  });

  test('listens on no port, and on a socket in a folder nobody else enters', async () => {
    expect(await one(pool, 'SELECT @@skip_networking AS none')).toEqual({ none: 1 });
    expect(statSync(dirname(socket)).mode & 0o777).toBe(0o700);
    expect(existsSync(join(folder, 'account.sql'))).toBe(false);
  });

  test('its account may do what statements and migrations need, on its own database alone', async () => {
    await migrate(pool, MIGRATIONS);
    for (const statement of [
      'CREATE DATABASE another',
      'SELECT * FROM mysql.global_priv',
      "SELECT 1 INTO OUTFILE '/tmp/haveld-out'",
      'SET GLOBAL max_connections = 5',
      "CREATE USER stranger@localhost IDENTIFIED BY 'x'",
    ])
      await expect(run(pool, statement)).rejects.toThrow(/denied/);
  });

  test('no password and no other name gets in', async () => {
    // the system's root may, by the socket
    for (const account of [...(isRoot ? [] : ['root']), 'haveld', 'nobody', 'stranger']) {
      const address = new URL(addressOf(database.url(''), 'haveld'));
      Object.assign(address, { username: account, password: '' });
      const stranger = createPool(address.href);
      await expect(run(stranger, 'SELECT 1')).rejects.toThrow(/denied/);
      await stranger.end();
    }
  });

  (isRoot ? test : test.skip)('started by root it runs as an ordinary user, and another user does not reach it', () => {
    const pid = spawnSync('/usr/bin/cat', [join(folder, 'mariadb.pid')], { encoding: 'utf8' }).stdout.trim();
    expect(statSync(`/proc/${pid}`).uid).toBe(65_534);
    const as = [
      '--reuid',
      '1',
      '--regid',
      '1',
      '--clear-groups',
      '--',
      'mariadb',
      '--no-defaults',
      '-uroot',
      `-S${socket}`,
    ];
    expect(spawnSync('/usr/bin/setpriv', [...as, '-e', 'SELECT 1'], { encoding: 'utf8' }).stderr).toContain(
      "Can't connect",
    );
  });
});
