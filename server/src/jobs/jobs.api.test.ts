import { randomUUID } from 'node:crypto';
import { pino } from 'pino';
import { DomainError } from '@haveld/contract/error';
import { migrate } from '../database/migrate';
import { transact } from '../database/pool';
import { many, run } from '../database/statements';
import { MIGRATIONS, TestLibrary, waitFor } from '../testing/test-library';
import {
  askCancel,
  extendLease,
  findClaimable,
  finishJob,
  insertJob,
  listFailedJobs,
  listOpenJobs,
  markClaimed,
  retryFailed,
  type Job,
} from './job-queries';
import { JobBell } from './bell';
import { WorkerLoop, type JobHandler } from './worker-loop';

let library: TestLibrary;
beforeAll(async () => {
  library = await TestLibrary.open();
});
afterAll(() => library.close());
beforeEach(() => run(library.pool, 'DELETE FROM job'));

const add = (kind = 'count') => insertJob(library.pool, { kind, subjectId: randomUUID(), label: kind });
const stateOf = async (id: number) =>
  (
    await many<{ state: string; attempts: number; message: string | null }>(
      library.pool,
      'SELECT state, attempts, message FROM job WHERE id = ?',
      [id],
    )
  )[0];

async function claim(leaseSeconds: number): Promise<Job | null> {
  return transact(library.pool, async (tx) => {
    const found = await findClaimable(tx, 'work');
    if (!found) return null;
    const leaseToken = randomUUID();
    await markClaimed(tx, found.id, leaseToken, leaseSeconds);
    return { ...found, leaseToken };
  });
}

/** A worker of its own with one handler. */
async function work(handler: Partial<JobHandler>, until: () => Promise<boolean>, lanes = 1): Promise<void> {
  const loop = new WorkerLoop(
    { pool: library.pool, bell: new JobBell(), log: pino({ level: 'silent' }) },
    { count: { run: () => Promise.resolve(), fail: () => Promise.resolve(), ...handler } },
  );
  loop.start(lanes);
  await waitFor(until, Boolean);
  await loop.stop();
}

test('two connections never claim the same job', async () => {
  for (let i = 0; i < 20; i++) await add();
  const claimed = await Promise.all(Array.from({ length: 30 }, () => claim(60)));
  const ids = claimed.filter((job) => job !== null).map((job) => job.id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids).toHaveLength(20);
});

test('a job whose worker died is taken up again once its lease is over, and the dead one can finish it no more', async () => {
  await add();
  const dead = (await claim(1))!;
  expect(await claim(60)).toBeNull();
  const living = await waitFor(
    () => claim(60),
    (job) => job !== null,
  );
  expect(living!.id).toBe(dead.id);
  expect(await finishJob(library.pool, dead, 'done', null)).toBe(false);
  expect(await extendLease(library.pool, dead, 60, 0, 0)).toBe(false);
  expect(await finishJob(library.pool, living!, 'done', null)).toBe(true);
});

test('a failure nobody expected is tried again; one with a sentence is final and told to its subject', async () => {
  const once = await add();
  let tries = 0;
  await work(
    {
      run: () => {
        if (++tries === 1) throw new Error('the line broke');
        return Promise.resolve();
      },
    },
    async () => (await stateOf(once)).state === 'done',
  );
  expect(tries).toBe(2);
  const bad = await add();
  const told: string[] = [];
  await work(
    {
      run: () => Promise.reject(new DomainError('bad-file', 'It is damaged.')),
      fail: (_, message) => {
        told.push(message);
        return Promise.resolve();
      },
    },
    async () => (await stateOf(bad)).state === 'failed',
  );
  expect(told).toEqual(['It is damaged.']);
  expect(await listFailedJobs(library.pool)).toMatchObject([{ message: 'It is damaged.', attempts: 1 }]);
  expect(await retryFailed(library.pool, bad)).toBe(true);
  expect((await stateOf(bad)).state).toBe('waiting');
});

test('a running job shows how far it is, and stops when a person asks', async () => {
  const id = await add();
  let stopped = false;
  await work(
    {
      run: (_, { onProgress, signal }) =>
        new Promise((_resolve, reject) => {
          onProgress(61, 214);
          signal.addEventListener('abort', () => {
            stopped = true;
            reject(signal.reason as Error);
          });
          void waitFor(
            () => listOpenJobs(library.pool),
            ([job]) => job?.done === 61 && job.total === 214,
          ).then(() => askCancel(library.pool, id));
        }),
    },
    async () => (await stateOf(id)).state === 'cancelled',
  );
  expect(stopped).toBe(true);
});

test('a worker that stops lets its job go at once; the next one takes it up', async () => {
  const id = await add();
  const loop = new WorkerLoop(
    { pool: library.pool, bell: new JobBell(), log: pino({ level: 'silent' }) },
    {
      count: {
        run: (_, { signal }) =>
          new Promise((_resolve, reject) => signal.addEventListener('abort', () => reject(signal.reason as Error))),
        fail: () => Promise.resolve(),
      },
    },
  );
  loop.start(1);
  await waitFor(
    () => stateOf(id),
    (job) => job.state === 'running',
  );
  await loop.stop();
  expect((await stateOf(id)).state).toBe('waiting');
  await work({}, async () => (await stateOf(id)).state === 'done');
});

test('five stops of the server are no failures of the job', async () => {
  const id = await add();
  for (let i = 0; i < 5; i++) {
    const loop = new WorkerLoop(
      { pool: library.pool, bell: new JobBell(), log: pino({ level: 'silent' }) },
      {
        count: {
          run: (_, { signal }) =>
            new Promise((_resolve, reject) => signal.addEventListener('abort', () => reject(signal.reason as Error))),
          fail: () => Promise.resolve(),
        },
      },
    );
    loop.start(1);
    await waitFor(
      () => stateOf(id),
      (job) => job.state === 'running',
    );
    await loop.stop();
  }
  expect(await stateOf(id)).toMatchObject({ state: 'waiting', attempts: 0 });
  await work({}, async () => (await stateOf(id)).state === 'done');
});

test('a worker that lost its lease does not tell the subject that it failed', async () => {
  const id = await add();
  const told: string[] = [];
  let isOver = false;
  await work(
    {
      run: async () => {
        // another worker has taken it up meanwhile
        await run(library.pool, 'UPDATE job SET lease_token = ? WHERE id = ?', [randomUUID(), id]);
        isOver = true;
        throw new DomainError('bad-file', 'It is damaged.');
      },
      fail: (_, message) => {
        told.push(message);
        return Promise.resolve();
      },
    },
    () => Promise.resolve(isOver),
  );
  expect(told).toEqual([]);
  expect((await stateOf(id)).state).toBe('running');
});

test('claiming reads nothing of what is done, however much there is of it', async () => {
  await run(
    library.pool,
    "INSERT INTO job (kind, subject_id, label, state) SELECT 'count', UUID(), '', 'done' FROM seq_1_to_20000",
  );
  await run(
    library.pool,
    "INSERT INTO job (kind, subject_id, label, state) SELECT 'count', UUID(), '', 'waiting' FROM seq_1_to_500",
  );
  const read = await transact(library.pool, async (tx) => {
    const count = async (): Promise<number> =>
      (await many<{ Value: string }>(tx, "SHOW SESSION STATUS LIKE 'Handler_read%'"))
        .map(({ Value }) => Number(Value))
        .reduce((sum, n) => sum + n, 0);
    const before = await count();
    const idle = (await count()) - before;
    const from = await count();
    expect((await findClaimable(tx, 'work'))?.kind).toBe('count');
    return (await count()) - from - idle;
  });
  expect(read).toBeLessThan(100);
});

test('losers of a deadlock hold no connection while they wait: as many as the pool has come through', async () => {
  // every transaction loses three times, all at once
  let tries = 0;
  const results = await Promise.all(
    Array.from({ length: 24 }, (_, i) => {
      let lost = 0;
      return transact(library.pool, (tx) => {
        tries++;
        if (lost++ < 3) return Promise.reject(Object.assign(new Error('lost'), { code: 'ER_LOCK_DEADLOCK' }));
        return many<{ n: number }>(tx, 'SELECT ? AS n', [i]);
      });
    }),
  );
  expect(results.map(([{ n }]) => n)).toEqual(Array.from({ length: 24 }, (_, i) => i));
  expect(tries).toBe(96);
});

test('a kind nobody knows fails with a sentence', async () => {
  const id = await add('unheard-of');
  await work({}, async () => (await stateOf(id)).state === 'failed');
  expect((await stateOf(id)).message).toContain('unheard-of');
});

test('migrating twice does nothing the second time, also from two servers at once', async () => {
  expect(await Promise.all([migrate(library.pool, MIGRATIONS), migrate(library.pool, MIGRATIONS)])).toEqual([[], []]);
});

test('what fails in a transaction leaves nothing', async () => {
  const before = (await many(library.pool, 'SELECT id FROM job')).length;
  await expect(
    transact(library.pool, async (tx) => {
      await insertJob(tx, { kind: 'count', subjectId: randomUUID(), label: '' });
      throw new Error('no');
    }),
  ).rejects.toThrow('no');
  expect((await many(library.pool, 'SELECT id FROM job')).length).toBe(before);
});
