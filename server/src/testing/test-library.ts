import { randomUUID } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { Pool } from 'mysql2/promise';
import { pino } from 'pino';
import type { z } from 'zod';
import type { Endpoint } from '@haveld/contract/api/endpoint';
import type { Role } from '@haveld/contract/role';
import { FolderStore } from '@haveld/engine/store/folder-store';
import { createApp } from '../app';
import { Seal } from '../arrivals/seal';
import { createHandlers } from '../create-handlers';
import { addressOf } from '../database/address';
import { migrate } from '../database/migrate';
import { createPool } from '../database/pool';
import { run } from '../database/statements';
import type { Dependencies } from '../dependencies';
import type { App } from '../http/serve-endpoint';
import { mayOpen } from '../house/may-open';
import { JobBell } from '../jobs/bell';
import { TaskRunner } from '../jobs/task-runner';
import { ThreadPool } from '../jobs/thread-pool';
import { WorkerLoop, type JobHandlers } from '../jobs/worker-loop';
import { Library } from '../library/library';
import { addPerson } from '../people/service';

const DIST = join(import.meta.dirname, '../../../dist');
export const MIGRATIONS = join(import.meta.dirname, '../database/migrations');

/** A library of its own on the real database server, with a store in a scratch folder. */
export class TestLibrary {
  readonly pool: Pool;
  readonly app: App;
  readonly dependencies: Dependencies;
  readonly handlers: JobHandlers;
  readonly #admin: Pool;
  readonly #name: string;
  readonly #folder: string;
  readonly #threads: ThreadPool;
  #worker: WorkerLoop | null = null;

  private constructor(admin: Pool, pool: Pool, name: string) {
    this.#admin = admin;
    this.#name = name;
    this.pool = pool;
    this.#folder = mkdtempSync(join(tmpdir(), 'haveld-library-'));
    const storeFolder = join(this.#folder, 'store');
    const uploadsFolder = join(this.#folder, 'uploads');
    mkdirSync(uploadsFolder);
    mkdirSync(join(this.#folder, 'watched'));
    this.#threads = new ThreadPool(pathToFileURL(join(DIST, 'thread.js')), 2);
    const tasks = new TaskRunner(this.#threads, join(DIST, 'child.js'), storeFolder, () => mayOpen(pool));
    this.dependencies = {
      pool,
      store: new FolderStore(storeFolder),
      library: new Library(pool),
      bell: new JobBell(),
      seal: new Seal(),
      log: pino({ level: process.env.HAVELD_TEST_LOG ?? 'silent' }),
      uploadsFolder,
      mailFolder: join(this.#folder, 'mail'),
      sources: {
        standIns: new Map(),
        readPage: (sha256, address, signal = new AbortController().signal) =>
          tasks.run('read-source-page', { sha256, address }, { signal, onProgress: () => undefined }),
      },
      watchRoots: [join(this.#folder, 'watched')],
      webFolder: null,
      version: 'test',
      takesPublished: false,
      isTls: false,
    };
    this.handlers = createHandlers(this.dependencies, tasks);
    this.app = createApp(this.dependencies, this.handlers);
  }

  static async open(): Promise<TestLibrary> {
    const url = process.env.HAVELD_TEST_DATABASE;
    if (!url) throw new Error('HAVELD_TEST_DATABASE is not set: run `npm run test:api`');
    const name = `test_${randomUUID().slice(0, 8)}`;
    const admin = createPool(url);
    await run(admin, `CREATE DATABASE ${name} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
    const pool = createPool(addressOf(url, name));
    // an open pool would keep the run alive that has failed
    await migrate(pool, MIGRATIONS).catch(async (error: unknown) => {
      await Promise.all([pool.end(), admin.end()]);
      throw error;
    });
    await addPerson(pool, {
      signIn: 'maja',
      name: 'Maja Lindqvist',
      role: 'owner',
      password: PASSWORD,
      mustChange: false,
    });
    return new TestLibrary(admin, pool, name);
  }

  startWorker(): void {
    this.#worker = new WorkerLoop(this.dependencies, this.handlers);
    this.#worker.start(2);
    this.#worker.start(2, 'fetching');
  }

  async stopWorker(): Promise<void> {
    await this.#worker?.stop();
    this.#worker = null;
  }

  async close(): Promise<void> {
    await this.stopWorker();
    await this.#threads.close();
    await this.pool.end();
    await run(this.#admin, `DROP DATABASE ${this.#name}`);
    await this.#admin.end();
    rmSync(this.#folder, { recursive: true, force: true });
  }

  /** Somebody new who is signed in. @returns their client; `name` is what they sign in with */
  async signInAs(role: Role, name: string, { mustChange = false } = {}): Promise<TestClient> {
    await addPerson(this.pool, { signIn: name, name, role, password: PASSWORD, mustChange });
    return this.signIn(name);
  }

  /** A client that is signed in. */
  async signIn(signIn = 'maja', password = PASSWORD): Promise<TestClient> {
    const answer = await this.app.request('/api/sign-in', {
      method: 'POST',
      body: JSON.stringify({ signIn, password }),
    });
    if (!answer.ok) throw new Error(await answer.text());
    return new TestClient(this.app, answer.headers.get('set-cookie')!.split(';')[0]);
  }
}

export const PASSWORD = 'quay-and-mast';

export class TestClient {
  readonly #app: App;
  readonly cookie: string;

  constructor(app: App, cookie: string) {
    this.#app = app;
    this.cookie = cookie;
  }

  /** @throws {Error} with status and the server's sentence */
  async call<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, R extends z.ZodType>(
    endpoint: Endpoint<P, Q, B, R>,
    given: { params?: z.input<P>; query?: z.input<Q>; body?: z.input<B> } = {},
  ): Promise<z.output<R>> {
    const params = (given.params ?? {}) as Record<string, string>;
    const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) => params[name]);
    const search = new URLSearchParams((given.query ?? {}) as Record<string, string>).toString();
    const answer = await this.request(search ? `${path}?${search}` : path, {
      method: endpoint.method.toUpperCase(),
      body: endpoint.method === 'get' ? undefined : JSON.stringify(given.body ?? {}),
    });
    const json = (await answer.json()) as { message?: string };
    if (!answer.ok) throw new Error(`${answer.status}: ${json.message}`);
    return endpoint.response.parse(json);
  }

  request(path: string, init: RequestInit = {}): Promise<Response> {
    return Promise.resolve(
      this.#app.request(path, {
        ...init,
        headers: { ...(init.headers as Record<string, string>), cookie: this.cookie },
      }),
    );
  }

  /** Sends one announced file as the browser would: create, then its bytes in parts (tus 1.0). */
  async upload(receivedId: string, bytes: Uint8Array, partBytes = bytes.length): Promise<void> {
    const created = await this.request('/api/uploads', {
      method: 'POST',
      headers: {
        'Tus-Resumable': '1.0.0',
        'Upload-Length': String(bytes.length),
        'Upload-Metadata': `receivedId ${Buffer.from(receivedId).toString('base64')}`,
      },
    });
    if (created.status !== 201) throw new Error(`${created.status}: ${await created.text()}`);
    const location = new URL(created.headers.get('location')!, 'http://localhost').pathname;
    for (let at = 0; at < bytes.length; at += partBytes) {
      const part = bytes.slice(at, at + partBytes);
      const sent = await this.request(location, {
        method: 'PATCH',
        headers: {
          'Tus-Resumable': '1.0.0',
          'Upload-Offset': String(at),
          'Content-Type': 'application/offset+octet-stream',
          'Content-Length': String(part.length),
        },
        body: part,
      });
      if (sent.status !== 204) throw new Error(`${sent.status}: ${await sent.text()}`);
    }
  }
}

/** Asks until it is so. @throws {Error} after 100 s, which a busy machine may need, with what was last seen */
export async function waitFor<T>(ask: () => Promise<T>, isSo: (seen: T) => boolean): Promise<T> {
  const until = Date.now() + 100_000;
  for (;;) {
    const seen = await ask();
    if (isSo(seen)) return seen;
    if (Date.now() > until) throw new Error(`waitFor: still ${JSON.stringify(seen).slice(0, 800)}`);
    await new Promise((resolve) => setTimeout(resolve, 30));
  }
}
