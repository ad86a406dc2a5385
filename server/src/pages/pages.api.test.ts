import type { AddressInfo } from 'node:net';
import { getArrival, listArrivals, takeToBench, type Arrival } from '@haveld/contract/api/arrivals';
import {
  answerFinding,
  catalogueAsset,
  getEarlier,
  getSheet,
  setOwnSteps,
  takeEarlier,
  type Sheet,
} from '@haveld/contract/api/bench';
import { listDuplicates } from '@haveld/contract/api/duplicates';
import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import {
  askPageOfAsset,
  getKeptPage,
  getPageOfAsset,
  keepHandedPage,
  readHandedPage,
  settlePageChange,
  type PageChange,
} from '@haveld/contract/api/pages';
import { createProject, getProject, getProjectRights, handOver } from '@haveld/contract/api/projects';
import { getAssetRights, settleRights } from '@haveld/contract/api/rights';
import { takeEdition } from '@haveld/contract/api/sources';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import type { Fault } from '@haveld/demo/sites/faults';
import { createSites } from '@haveld/demo/sites/serve-sites';
import { many, run } from '../database/statements';
import { bring as bringArrival } from '../testing/bring';
import { settle } from '../testing/settle';
import { CRATE } from '../testing/take-crate';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';
import { askForPages } from './ask-for-pages';
import { pageIdOf } from './queries';

const QUAYSIDE = 'quayside-models.example';
const given = useLibrary();
const { server, sites, faults } = createSites();
const requests: string[] = [];

beforeAll(async () => {
  server.prependListener('request', (request) => requests.push(`${request.method} ${request.url}`));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  const standIns = given.library.dependencies.sources.standIns as Map<string, { address: string; port: number }>;
  for (const { host } of sites) standIns.set(host, { address: '127.0.0.1', port });
});
afterAll(() => new Promise((resolve) => server.close(resolve)));
afterEach(() => faults.forget());

const pageOf = (slug: string): string => `https://${QUAYSIDE}/models/${slug}`;
const tell = (slug: string, fault: Fault): void => faults.tell(QUAYSIDE, slug, fault, 99);

/** What a download brings, once it is read. */
async function arrive(id: string): Promise<Arrival> {
  return waitFor(
    () => given.client.call(getArrival, { params: { id } }).catch(() => null),
    (arrival) => arrival?.state === 'ready' && arrival.finds.every((one) => one.state !== 'waiting'),
  ) as Promise<Arrival>;
}

async function bring(slug: string): Promise<string> {
  const { id } = await given.client.call(takeEdition, { body: { pageAddress: pageOf(slug), editionId: 'glb-256' } });
  const { finds } = await arrive(id);
  return (await given.client.call(takeToBench, { params: { id: finds[0].id } })).assetId;
}

const sheetOf = (id: string): Promise<Sheet> => given.client.call(getSheet, { params: { id } });
const ask = async (id: string): Promise<PageChange[]> =>
  (await given.client.call(askPageOfAsset, { params: { id } })).changes;
const rightsOf = (id: string) => given.client.call(getAssetRights, { params: { id } });

/** In a live project, so that a change has something to open again. */
async function hold(id: string, name: string): Promise<string> {
  for (const finding of (await sheetOf(id)).findings)
    if (!finding.settled && finding.choices.length > 0)
      await given.client.call(answerFinding, {
        params: { id },
        body: { key: finding.key, answer: { kind: 'taken', choiceId: finding.choices[0].id } },
      });
  await given.client.call(catalogueAsset, { params: { id }, body: { name, category: 'prop' } });
  await settle(given.client);
  const { id: project } = await given.client.call(createProject, {
    body: { name: `Show of ${name}`, purpose: 'a show', use: { ...PLAIN_USE, commercial: true } },
  });
  await given.client.call(handOver, { params: { id: project }, body: { assetIds: [id], format: 'glb' } });
  await waitFor(
    () => given.client.call(getProject, { params: { id: project } }),
    ({ handOvers: [use] }) => use.state === 'packed',
  );
  return project;
}

test('a page that is as it was says nothing, and is not sent again', async () => {
  const id = await bring('rope-coil');
  expect(await ask(id)).toEqual([]);
  requests.length = 0;
  expect(await ask(id)).toEqual([]);
  // the page knows by its validator that nothing changed: no more is asked
  expect(requests).toEqual(['GET /models/rope-coil']);
  const page = await given.client.call(getPageOfAsset, { params: { id } });
  expect(page).toMatchObject({ address: pageOf('rope-coil'), trouble: null, changes: [], assets: 1 });
  expect(Date.parse(page!.nextAt!) - Date.now()).toBeGreaterThan(6.9 * 86_400_000);
});

test('another licence is told with both, opens the project again, and is settled with a reason', async () => {
  const id = await bring('fish-crate');
  const project = await hold(id, 'Fish crate');
  tell('fish-crate', 'licence-changed');
  const [change, ...others] = await ask(id);
  expect(others).toEqual([]);
  expect(change).toMatchObject({ what: 'licence', was: 'CC0-1.0', now: 'CC-BY-NC-4.0', settled: null });
  expect(await ask(id)).toHaveLength(1);
  expect(
    (await given.client.call(getProjectRights, { params: { id: project } })).reopened.map(({ why }) => why),
  ).toEqual(['Its page says CC-BY-NC-4.0 now; it was CC0-1.0.']);
  const before = await rightsOf(id);
  expect(before.open).toContainEqual(
    expect.objectContaining({ mark: 'look', title: 'Its page names CC BY-NC 4.0 now' }),
  );
  const say = (why: string) =>
    given.client.call(settlePageChange, { params: { id: change.id }, body: { as: 'left', why } });
  await expect(say('')).rejects.toThrow('400: Say why it may stay as it is');
  await say('taken under CC0 before the page changed');
  const after = await rightsOf(id);
  expect(after.provenance.licenceId).toBe('CC0-1.0');
  expect(after.open.filter(({ key }) => key.startsWith('rights:page'))).toEqual([]);
  // the page as it is now is kept beside the decision
  expect(after.evidence[0]).toMatchObject({ kind: 'page', name: pageOf('fish-crate') });
  const kept = await given.client.call(getKeptPage, { params: { sha256: after.evidence[0].sha256 } });
  expect(kept).toMatchObject({ title: 'Fish crate', address: pageOf('fish-crate') });
  await expect(say('again')).rejects.toThrow('409: Maja Lindqvist has said a word on it already.');
  // what was settled is not asked a second time
  expect((await ask(id)).filter(({ settled }) => settled === null)).toEqual([]);
});

test('a licence and an author are taken over from the page, each with its evidence in what was said when', async () => {
  const id = await bring('mooring-post');
  await ask(id);
  tell('mooring-post', 'licence-changed');
  const [licence] = await ask(id);
  await given.client.call(settlePageChange, { params: { id: licence.id }, body: { as: 'taken' } });
  expect((await rightsOf(id)).provenance.licenceId).toBe('CC-BY-NC-4.0');
  faults.forget();
  tell('mooring-post', 'author-renamed');
  const open = (await ask(id)).filter(({ settled }) => settled === null);
  expect(open.map(({ what, now }) => [what, now])).toEqual([
    ['author', 'Tor Aldersund Ravnsund'],
    ['licence', 'CC-BY-4.0'],
  ]);
  await given.client.call(settlePageChange, { params: { id: open[0].id }, body: { as: 'taken' } });
  const { provenance, changes } = await rightsOf(id);
  expect(provenance.author).toBe('Tor Aldersund Ravnsund');
  expect(changes.find(({ field }) => field === 'author')).toMatchObject({ why: 'its page says so now' });
});

test('what a page takes back before anybody said a word is not asked any more', async () => {
  const id = await bring('life-ring');
  await ask(id);
  tell('life-ring', 'licence-changed');
  expect(await ask(id)).toHaveLength(1);
  faults.forget();
  expect(await ask(id)).toEqual([]);
  expect((await rightsOf(id)).open.filter(({ key }) => key.startsWith('rights:page'))).toEqual([]);
});

test('a newer version comes in beside the old, is compared with it, and takes its treatment as far as it fits', async () => {
  const id = await bring('quay-ladder');
  await hold(id, 'Quay ladder');
  await given.client.call(setOwnSteps, {
    params: { id },
    body: { key: 'own:levels', steps: [{ kind: 'set-levels', schema: 1, levels: [{ by: 'share', share: 0.5 }] }] },
  });
  await ask(id);
  tell('quay-ladder', 'newer-version');
  const [change] = await ask(id);
  expect(change.what).toBe('newer');
  expect(change.now).toContain('quay_ladder_v2_512.glb');
  const { fetchingId } = await given.client.call(settlePageChange, {
    params: { id: change.id },
    body: { as: 'taken' },
  });
  const { finds } = await arrive(fetchingId!);
  const [pair] = await given.client.call(listDuplicates, { params: { id: finds[0].id } });
  expect(pair).toMatchObject({ relation: 'same-page', other: { asset: { id } }, decision: null });
  expect(pair.lines.find(({ what }) => what === 'triangles')!.same).toBe(false);
  const { assetId } = await given.client.call(takeToBench, { params: { id: finds[0].id } });
  const earlier = (await given.client.call(getEarlier, { params: { id: assetId } }))!;
  expect(earlier.asset).toMatchObject({ id, state: 'catalogued' });
  expect(earlier.steps.map(({ kind }) => kind)).toContain('set-levels');
  // nothing is done by looking
  expect((await sheetOf(assetId)).steps.map(({ step }) => step.kind)).not.toContain('set-levels');
  const keys = earlier.lines.map(({ key }) => key);
  const sheet = await given.client.call(takeEarlier, { params: { id: assetId }, body: { assetId: id, keys } });
  expect(sheet.steps.map(({ step }) => step.kind)).toContain('set-levels');
  expect(sheet.planned.map(({ step }) => step)).toEqual(earlier.steps);
  expect((await given.client.call(getEarlier, { params: { id: assetId } }))!.lines).toEqual([]);
  // the old one is as it was
  expect((await sheetOf(id)).state).toBe('catalogued');
});

test('a page that was moved is told with where it stands now, once; taken over, it is asked there', async () => {
  const id = await bring('bell-buoy');
  const old = 'https://saltmarsh-library.example/shelf/engine-telegraph';
  await given.client.call(settleRights, {
    body: { assetIds: [id], change: { pageUrl: old }, why: 'it is from there' },
  });
  faults.tell('saltmarsh-library.example', 'engine-telegraph', 'moved', 99);
  const [moved] = (await ask(id)).filter(({ what }) => what === 'moved');
  expect(moved).toMatchObject({ was: old, now: `${old}-2` });
  await given.client.call(settlePageChange, { params: { id: moved.id }, body: { as: 'taken' } });
  const page = await given.client.call(getPageOfAsset, { params: { id } });
  expect(page).toMatchObject({ address: `${old}-2` });
  expect(page!.answeredAt).not.toBeNull();
});

test('what was taken down is told at once; what is not there only when it is still not there the next day', async () => {
  const id = await bring('cast-bollard');
  await ask(id);
  tell('cast-bollard', 'gone');
  expect(await ask(id)).toEqual([]);
  expect(await ask(id)).toEqual([]);
  expect((await given.client.call(getPageOfAsset, { params: { id } }))!.trouble).toMatchObject({ kind: 'gone' });
  await run(given.library.pool, 'UPDATE asked_page SET asked_at = asked_at - INTERVAL 1 DAY WHERE id = ?', [
    pageIdOf(pageOf('cast-bollard')),
  ]);
  const [gone] = await ask(id);
  expect(gone).toMatchObject({ what: 'gone', pageSha256: null });
  await expect(given.client.call(settlePageChange, { params: { id: gone.id }, body: { as: 'taken' } })).rejects.toThrow(
    '400: There is nothing to take over',
  );
  faults.forget();
  // it is back: nobody has to say a word on it
  expect(await ask(id)).toEqual([]);
  tell('cast-bollard', 'taken-down');
  expect(await ask(id)).toMatchObject([{ what: 'taken-down' }]);
  expect((await rightsOf(id)).open).toContainEqual(expect.objectContaining({ title: 'Taken down at its source' }));
});

test('a page of a host the house does not allow is not reached, and that is said', async () => {
  const id = await bring('harbour-bench');
  await given.client.call(settleRights, {
    body: { assetIds: [id], change: { pageUrl: 'http://127.0.0.1/secret' }, why: 'typed' },
  });
  expect(await ask(id)).toEqual([]);
  expect((await given.client.call(getPageOfAsset, { params: { id } }))!.trouble).toMatchObject({ kind: 'not-allowed' });
  await given.client.call(settleRights, { body: { assetIds: [id], change: { pageUrl: '' }, why: 'none' } });
  expect(await given.client.call(getPageOfAsset, { params: { id } })).toBeNull();
  await expect(given.client.call(askPageOfAsset, { params: { id } })).rejects.toThrow('400: It names no page');
});

test('by itself each page is asked when its time has come, and none where the house wants none asked', async () => {
  const { pool } = given.library;
  const settings = async (askPagesEvery: number): Promise<void> => {
    await given.client.call(saveHouseRules, {
      body: { ...(await given.client.call(getHouseRules)), askPagesEvery },
    });
  };
  const askAll = async (): Promise<string[]> => {
    requests.length = 0;
    await askForPages(pool);
    await settle(given.client);
    return requests.filter((line) => line.includes('/models/'));
  };
  await askAll();
  await run(pool, 'UPDATE asked_page SET next_at = UTC_TIMESTAMP(3) + INTERVAL 1 DAY');
  expect(await askAll()).toEqual([]);
  await run(pool, 'UPDATE asked_page SET next_at = UTC_TIMESTAMP(3) WHERE address = ?', [pageOf('rope-coil')]);
  await settings(0);
  expect(await askAll()).toEqual([]);
  await settings(30);
  expect(await askAll()).toEqual(['GET /models/rope-coil']);
  const [{ days }] = await many<{ days: number }>(
    pool,
    'SELECT TIMESTAMPDIFF(DAY, asked_at, next_at) AS days FROM asked_page WHERE address = ?',
    [pageOf('rope-coil')],
  );
  expect(Math.round(days)).toBeGreaterThanOrEqual(29);
});

const HTML = `<!doctype html><html><head><script type="application/ld+json">${JSON.stringify({
  '@context': 'https://schema.org',
  '@type': '3DModel',
  name: 'Deck chair',
  author: { '@type': 'Person', name: 'Tor Aldersund' },
  license: 'https://creativecommons.org/licenses/by/4.0/',
  keywords: ['chair', 'deck'],
})}</script></head><body><h1>Deck chair</h1><script>steal()</script></body></html>`;
const handed = { address: 'https://elsewhere.example/models/deck-chair', html: HTML };

test('a page that a browser hands over is shown as it was understood, and nothing is kept yet', async () => {
  const before = await given.client.call(listArrivals);
  const said = await given.client.call(readHandedPage, { body: handed });
  expect(said).toMatchObject({
    title: 'Deck chair',
    author: 'Tor Aldersund',
    licence: { id: 'CC-BY-4.0' },
    tags: ['chair', 'deck'],
    assets: [],
    isFetched: false,
  });
  expect(await given.client.call(listArrivals)).toHaveLength(before.length);
  const own = await given.client.call(readHandedPage, { body: { ...handed, address: pageOf('rope-coil') } });
  expect(own.isFetched).toBe(true);
  expect(own.assets).toHaveLength(1);
});

test('kept with a download it gives that its author and licence; as evidence it stands with its assets', async () => {
  const { id } = await bringArrival(given.client, 'chair.zip', { 'crate.obj': CRATE });
  expect((await given.client.call(readHandedPage, { body: handed })).arrivals[0]).toMatchObject({ id });
  const { arrivalId } = await given.client.call(keepHandedPage, { body: { ...handed, with: { kind: 'arrival', id } } });
  const { finds } = await arrive(arrivalId!);
  const { assetId } = await given.client.call(takeToBench, { params: { id: finds[0].id } });
  expect((await sheetOf(assetId)).provenance).toMatchObject({
    author: 'Tor Aldersund',
    licenceId: 'CC-BY-4.0',
    pageUrl: handed.address,
  });
  const { assets } = await given.client.call(readHandedPage, { body: handed });
  expect(assets.map((asset) => asset.id)).toEqual([assetId]);
  await given.client.call(keepHandedPage, { body: { ...handed, with: { kind: 'assets', ids: [assetId] } } });
  const [evidence] = (await rightsOf(assetId)).evidence;
  expect(evidence).toMatchObject({ kind: 'page', name: handed.address });
  // as words alone: nothing of it runs
  const kept = await given.client.call(getKeptPage, { params: { sha256: evidence.sha256 } });
  expect(kept).toMatchObject({ title: 'Deck chair', address: handed.address });
  expect(kept.words).not.toContain('steal');
  await expect(
    given.client.call(keepHandedPage, { body: { ...handed, with: { kind: 'arrival', id: arrivalId! } } }),
  ).rejects.toThrow('409: Something of it lies on the bench already');
});

test('a page by itself waits as an arrival; an address that is none of the web is refused', async () => {
  const { arrivalId } = await given.client.call(keepHandedPage, { body: { ...handed, with: { kind: 'nothing' } } });
  const arrival = await arrive(arrivalId!);
  expect(arrival).toMatchObject({ name: 'page of deck-chair.html', finds: [] });
  await expect(
    given.client.call(readHandedPage, { body: { ...handed, address: 'file:///etc/passwd' } }),
  ).rejects.toThrow('400');
});
