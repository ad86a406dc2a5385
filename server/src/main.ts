import { mkdir } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { serve, type ServerType } from '@hono/node-server';
import { pino } from 'pino';
import { findConfinement } from '@haveld/engine/sandbox/confine';
import { endAllWorkers } from '@haveld/engine/sandbox/sandbox-workers';
import { FolderStore } from '@haveld/engine/store/folder-store';
import { createApp } from './app';
import { loadSeal } from './arrivals/seal';
import { finishUploads, createUploadStore } from './arrivals/uploads';
import { createHandlers } from './create-handlers';
import { migrate } from './database/migrate';
import { createPool } from './database/pool';
import { ensureDayBegun } from './day/begin-day';
import { beginDemo, isDemoBegun, loadDemo } from './demo/load-demo';
import type { Dependencies } from './dependencies';
import type { App } from './http/serve-endpoint';
import { mayOpen } from './house/may-open';
import { JobBell } from './jobs/bell';
import { TaskRunner } from './jobs/task-runner';
import { ThreadPool } from './jobs/thread-pool';
import { WorkerLoop } from './jobs/worker-loop';
import { Library } from './library/library';
import { ensureOwner } from './people/service';
import { startWatching } from './watching/service';
import { readStandIns } from './sources/stand-ins';
import { ensureRefreshed } from './rights/ask-for-refresh';

/** The only place that reads the environment. Roles: `web`, `worker`, or both. */
const environment = {
  databaseUrl: process.env.HAVELD_DATABASE_URL ?? '',
  dataFolder: process.env.HAVELD_DATA ?? '.haveld',
  storeFolder: process.env.HAVELD_STORE ?? '',
  host: process.env.HAVELD_HOST ?? '127.0.0.1',
  port: Number(process.env.HAVELD_PORT ?? 4280),
  roles: (process.env.HAVELD_ROLES ?? 'web,worker').split(','),
  demo: process.env.HAVELD_DEMO !== '0',
  tls: process.env.HAVELD_TLS === '1',
  secret: process.env.HAVELD_SECRET ?? '',
  /** `quay.example=127.0.0.1:4281,…`: hosts that stand on this machine. */
  standIns: process.env.HAVELD_STAND_INS ?? '',
  /** Folders, a colon between, below which files may be watched, besides the one that comes along. */
  watchRoots: (process.env.HAVELD_WATCH ?? '').split(':').filter(Boolean),
  logLevel: process.env.HAVELD_LOG ?? 'warn',
};

const MINUTE_MS = 60_000;

/** Sources that are fetched from at once; one edition a source. */
const FETCHING_LANES = 3;

const here = fileURLToPath(new URL('.', import.meta.url));
const log = pino({ level: environment.logLevel }, pino.destination(2));
const pool = createPool(environment.databaseUrl);
const storeFolder = environment.storeFolder || join(environment.dataFolder, 'store');
const uploadsFolder = join(environment.dataFolder, 'uploads');
const watchedFolder = join(environment.dataFolder, 'watched');
await mkdir(watchedFolder, { recursive: true });
await mkdir(uploadsFolder, { recursive: true });
await mkdir(storeFolder, { recursive: true });
await migrate(pool, join(here, 'migrations'));
await createUploadStore(uploadsFolder).deleteExpired();

const threads = new ThreadPool(new URL('./thread.js', import.meta.url), availableParallelism());
const tasks = new TaskRunner(threads, join(here, 'child.js'), storeFolder, () => mayOpen(pool));
const dependencies: Dependencies = {
  pool,
  store: new FolderStore(storeFolder),
  library: new Library(pool),
  bell: new JobBell(),
  seal: await loadSeal(environment.dataFolder, environment.secret),
  log,
  uploadsFolder,
  mailFolder: join(environment.dataFolder, 'mail'),
  sources: {
    standIns: readStandIns(environment.standIns),
    readPage: (sha256, address, signal = new AbortController().signal) =>
      tasks.run('read-source-page', { sha256, address }, { signal, onProgress: () => undefined }),
  },
  watchRoots: [watchedFolder, ...environment.watchRoots],
  webFolder: join(here, 'web'),
  version: '0.1.0',
  takesPublished: environment.demo,
  isTls: environment.tls,
};
const handlers = createHandlers(dependencies, tasks);
const worker = new WorkerLoop(dependencies, handlers);

const owner = await ensureOwner(pool);
if (owner && environment.demo) await beginDemo(pool);
await ensureRefreshed(pool);
await finishUploads(dependencies);
let endWatching: (() => Promise<void>) | null = null;
if (environment.roles.includes('worker')) {
  await ensureDayBegun(pool);
  setInterval(
    () => void ensureDayBegun(pool).catch((error: unknown) => log.warn({ error }, 'the day could not be begun')),
    MINUTE_MS,
  ).unref();
  worker.start(Math.max(2, availableParallelism()));
  worker.start(FETCHING_LANES, 'fetching');
  endWatching = startWatching(dependencies);
}

/** Lines for the start script, which tells the person. */
const say = (message: object): void => {
  process.stdout.write(`${JSON.stringify(message)}\n`);
};
if (owner) say({ owner: { signIn: owner.signIn, password: owner.password } });
const server = environment.roles.includes('web') ? await listen(createApp(dependencies, handlers)) : null;
// read before somebody asks; who asks meanwhile waits for the same reading
if (server) dependencies.library.open().catch((error: unknown) => log.warn({ error }, 'the library could not be read'));
let stopping = false;
process.on('SIGTERM', () => void stop());
process.on('SIGINT', () => void stop());
if (findConfinement() === 'limits') say({ openly: true });
say({ ready: { host: environment.host, port: environment.port } });
if (environment.demo && (await isDemoBegun(pool))) {
  const people = await loadDemo(dependencies, (words) => say({ demo: words }));
  say({ demoPeople: people });
}

/** @returns the server once it answers; an upload may take as long as it takes */
function listen(app: App): Promise<ServerType> {
  return new Promise((resolve, reject) => {
    const opened = serve({ fetch: app.fetch, hostname: environment.host, port: environment.port }, () =>
      resolve(opened),
    );
    opened.once('error', reject);
    if ('requestTimeout' in opened) opened.requestTimeout = 0;
  });
}

async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  server?.close();
  if (server && 'closeAllConnections' in server) server.closeAllConnections();
  await endWatching?.();
  await worker.stop();
  await threads.close();
  await endAllWorkers();
  await pool.end();
  process.exit(0);
}
