import { getProgress } from '@haveld/contract/api/progress';
import { createProject, getProject, getProjectRights, handOver } from '@haveld/contract/api/projects';
import { getAssetRights, getRights, settleRights } from '@haveld/contract/api/rights';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { many, run } from '../database/statements';
import { today } from '../house/today';
import { insertJob, purgeEnded } from '../jobs/job-queries';
import { settle } from '../testing/settle';
import { catalogueCrate } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';
import { BEGIN_DAY, ensureDayBegun } from './begin-day';

const given = useLibrary();
const inDays = (days: number): string => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

/** Lets a day begin as if the last one had been another. */
async function beginNewDay(): Promise<void> {
  await run(given.library.pool, 'DELETE FROM job WHERE kind = ?', [BEGIN_DAY]);
  await ensureDayBegun(given.library.pool);
  await settle(given.client);
}

/** A crate in a project of its own, under a grant that ends on a day. */
async function holdUntil(name: string, expiresOn: string): Promise<{ id: string; project: string }> {
  const id = await catalogueCrate(given.client, name);
  const { id: project } = await given.client.call(createProject, {
    body: {
      name: `Show of the ${name}`,
      purpose: 'a show',
      use: { ...PLAIN_USE, commercial: true, until: inDays(300) },
    },
  });
  await given.client.call(settleRights, { body: { assetIds: [id], change: { expiresOn }, why: 'bought for a time' } });
  await given.client.call(handOver, { params: { id: project }, body: { assetIds: [id], format: 'glb' } });
  await waitFor(
    () => given.client.call(getProject, { params: { id: project } }),
    ({ handOvers: [use] }) => use.state === 'packed',
  );
  await settle(given.client);
  return { id, project };
}

/** Time passes: the grant was to end on another day, and nobody touched it. */
const letEnd = (id: string, expiresOn: string) =>
  run(given.library.pool, 'UPDATE provenance SET expires_on = ? WHERE asset_id = ?', [expiresOn, id]);

test('a grant that ends is told on the day, opens its project once, and is counted, without anybody touching it', async () => {
  const { id, project } = await holdUntil('lapsing crate', inDays(400));
  const before = await given.client.call(getProgress);
  await letEnd(id, inDays(-1));
  await beginNewDay();
  await beginNewDay();
  const { reopened, verdicts } = await given.client.call(getProjectRights, { params: { id: project } });
  expect(reopened.map(({ why }) => why)).toEqual([`Its grant ended on ${inDays(-1)}.`]);
  expect(verdicts[0].verdict.verdict).toBe('not-allowed');
  const row = (await given.client.call(getRights)).toSettle.find((each) => each.id === id);
  expect(row).toMatchObject({ mark: 'blocks', title: 'Stands in “Show of the lapsing crate” and may not' });
  expect((await given.client.call(getProgress)).counts.rights).toBe(before.counts.rights + 1);
});

test('a grant that ends within weeks wants a look from the day it is near', async () => {
  const { id } = await holdUntil('nearing crate', inDays(400));
  expect((await given.client.call(getAssetRights, { params: { id } })).mark).toBe('holds');
  await letEnd(id, inDays(20));
  await beginNewDay();
  const marks = await many(given.library.pool, 'SELECT rights_mark FROM asset WHERE id = ?', [id]);
  expect(marks).toEqual([{ rights_mark: 'look' }]);
});

test('a day is begun once, however often it is asked for', async () => {
  await beginNewDay();
  for (let i = 0; i < 5; i++) await ensureDayBegun(given.library.pool);
  const begun = await many(given.library.pool, 'SELECT subject_id AS day FROM job WHERE kind = ?', [BEGIN_DAY]);
  expect(begun).toEqual([{ day: today() }]);
});

test('reading writes nothing: neither the strip nor the list of what is to settle changes a row', async () => {
  const { id } = await holdUntil('read crate', inDays(400));
  await letEnd(id, inDays(-3));
  const written = () =>
    many(
      given.library.pool,
      'CHECKSUM TABLE asset, provenance, project, project_reopening, refused_use, job, revision',
    );
  await given.library.stopWorker();
  const before = await written();
  for (let i = 0; i < 3; i++) {
    await given.client.call(getProgress);
    await given.client.call(getRights);
  }
  expect(await written()).toEqual(before);
  given.library.startWorker();
});

test('work that was done longer ago than the house keeps it is forgotten; what failed or waits is not', async () => {
  const { pool } = given.library;
  await given.library.stopWorker();
  await run(pool, 'DELETE FROM job');
  const add = async (state: string, days: number): Promise<number> => {
    const id = await insertJob(pool, { kind: 'old', subjectId: state, label: `${state} ${days}` });
    await run(pool, 'UPDATE job SET state = ?, finished_at = UTC_TIMESTAMP(3) - INTERVAL ? DAY WHERE id = ?', [
      state,
      days,
      id,
    ]);
    return id;
  };
  const old = [await add('done', 31), await add('done', 400), await add('cancelled', 31)];
  const kept = [await add('done', 29), await add('cancelled', 1), await add('failed', 400), await add('waiting', 400)];
  expect(await purgeEnded(pool, 30)).toBe(old.length);
  const left = await many<{ id: number }>(pool, 'SELECT id FROM job ORDER BY id');
  expect(left.map(({ id }) => id)).toEqual(kept);
  await run(pool, 'DELETE FROM job');
  given.library.startWorker();
});
