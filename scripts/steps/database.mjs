import { spawn } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { mkdir, rename, rm } from 'node:fs/promises';
import { createConnection, createServer } from 'node:net';
import { join } from 'node:path';
import { runQuietly } from './run.mjs';

const START_LIMIT_MS = 60_000;
const asRoot = () => (process.getuid() === 0 ? ['--user=root'] : []);

/** @returns a port on loopback that nobody listens on */
export function findFreePort() {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.on('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

function isAlive(pidFile) {
  if (!existsSync(pidFile)) return false;
  try {
    process.kill(Number(readFileSync(pidFile, 'utf8')), 0);
    return true;
  } catch (error) {
    if (error.code === 'ESRCH') return false;
    throw error;
  }
}

/** Ready when the server sends its greeting. */
function greets(port) {
  return new Promise((resolve) => {
    const socket = createConnection({ host: '127.0.0.1', port });
    const end = (answer) => {
      socket.destroy();
      resolve(answer);
    };
    socket.setTimeout(1000, () => end(false));
    socket.on('data', () => end(true));
    socket.on('error', () => end(false));
  });
}

/**
 * Starts MariaDB on loopback in a folder of its own, making the folder where there is none.
 * @param quick true trades safety against power cuts for speed, for tests
 * @returns its address and how to stop it
 */
export async function startDatabase(folder, { quick = false } = {}) {
  await mkdir(folder, { recursive: true });
  const data = join(folder, 'data');
  const pidFile = join(folder, 'mariadb.pid');
  if (isAlive(pidFile))
    throw new Error(
      `A MariaDB is running on ${folder} already (process ${readFileSync(pidFile, 'utf8').trim()}). Stop the other Haveld first.`,
    );
  if (!existsSync(data)) {
    const fresh = join(folder, 'data.new');
    await rm(fresh, { recursive: true, force: true });
    await runQuietly('mariadb-install-db', [
      '--no-defaults',
      ...asRoot(),
      `--datadir=${fresh}`,
      '--auth-root-authentication-method=normal',
      '--skip-test-db',
      '--skip-name-resolve',
    ]);
    await rename(fresh, data);
  }
  const port = await findFreePort();
  const server = spawn(
    existsSync('/usr/sbin/mariadbd') ? '/usr/sbin/mariadbd' : 'mariadbd',
    [
      '--no-defaults',
      ...asRoot(),
      `--datadir=${data}`,
      '--socket=s.sock',
      `--pid-file=${pidFile}`,
      `--port=${port}`,
      '--bind-address=127.0.0.1',
      '--skip-name-resolve',
      '--skip-log-bin',
      '--character-set-server=utf8mb4',
      '--collation-server=utf8mb4_unicode_ci',
      '--innodb-ft-min-token-size=2',
      '--innodb-ft-enable-stopword=OFF',
      '--max-allowed-packet=64M',
      ...(quick ? ['--innodb-flush-log-at-trx-commit=0', '--innodb-doublewrite=0', '--performance-schema=OFF'] : []),
    ],
    // a process group of its own: Ctrl-C reaches the server first, the database is stopped after it
    { stdio: ['ignore', 'ignore', 'pipe'], detached: true },
  );
  let said = '';
  server.stderr.on('data', (chunk) => (said = (said + chunk).slice(-4000)));
  let ended = false;
  const exit = new Promise((resolve) => server.on('exit', () => resolve((ended = true))));
  const started = Date.now();
  while (!(await greets(port))) {
    if (ended || Date.now() - started > START_LIMIT_MS) throw new Error(`MariaDB did not start:\n${said}`);
    await new Promise((resolve) => setTimeout(resolve, 40));
  }
  return {
    port,
    url: (name) => `mysql://root@127.0.0.1:${port}/${name}`,
    async create(name) {
      await runQuietly('mariadb', [
        '--no-defaults',
        '-uroot',
        '-h127.0.0.1',
        `-P${port}`,
        '-e',
        `CREATE DATABASE IF NOT EXISTS \`${name}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`,
      ]);
    },
    async stop() {
      server.kill('SIGTERM');
      await exit;
    },
  };
}
