import { spawn } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import mysql from 'mysql2/promise';
import { startSites } from '../scripts/steps/sites.mjs';

/** The built server on a database and a store of its own, both gone afterwards. */
const root = resolve(import.meta.dirname, '..');
const address = process.env.HAVELD_TEST_DATABASE;
const name = `e2e_${randomUUID().slice(0, 8)}`;
const own = new URL(address);
own.pathname = `/${name}`;
const data = mkdtempSync(join(tmpdir(), 'haveld-e2e-'));
const admin = await mysql.createConnection(address);
await admin.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);

const sites = await startSites(root, Number(process.argv[2]) + 1);
const server = spawn(process.execPath, ['--enable-source-maps', join(root, 'dist/main.js')], {
  env: {
    ...process.env,
    HAVELD_DATABASE_URL: own.href,
    HAVELD_DATA: data,
    HAVELD_PORT: process.argv[2],
    HAVELD_STAND_INS: sites.standIns,
  },
  stdio: ['ignore', 'inherit', 'inherit'],
});
const stop = () => server.kill('SIGTERM');
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
const cleanUp = async () => {
  sites.stop();
  await admin.query(`DROP DATABASE ${name}`);
  await admin.end();
  rmSync(data, { recursive: true, force: true });
};
server.on('exit', () => void cleanUp().finally(() => process.exit(0)));
