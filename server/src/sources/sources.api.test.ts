import { createHash } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { takeToBench, getArrival, listArrivals, type Arrival } from '@haveld/contract/api/arrivals';
import { getSheet } from '@haveld/contract/api/bench';
import { getAsset } from '@haveld/contract/api/catalogue';
import { getHouseRules, saveHouseRules } from '@haveld/contract/api/house';
import { createProject } from '@haveld/contract/api/projects';
import {
  acceptSourceTerms,
  changeFetching,
  getSource,
  listFetchings,
  listSources,
  lookAtAddress,
  searchSources,
  setSourceToken,
  takeEdition,
  type Fetching,
  type SourceRow,
} from '@haveld/contract/api/sources';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { SALTMARSH_TOKEN } from '@haveld/demo/sites/saltmarsh';
import { createSites } from '@haveld/demo/sites/serve-sites';
import { TIDEWRACK_KEY } from '@haveld/demo/sites/tidewrack';
import { many } from '../database/statements';
import { drop } from '../testing/bring';
import { waitFor } from '../testing/test-library';
import { useLibrary } from '../testing/use-library';

const QUAYSIDE = 'quayside-models.example';
const given = useLibrary();
const { server, sites, faults } = createSites();

beforeAll(async () => {
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  const standIns = given.library.dependencies.sources.standIns as Map<string, { address: string; port: number }>;
  for (const { host } of sites) standIns.set(host, { address: '127.0.0.1', port });
});
afterAll(() => new Promise((resolve) => server.close(resolve)));
afterEach(() => faults.forget());

const pageOf = (slug: string): string => `https://${QUAYSIDE}/models/${slug}`;
const find = async (words: string): Promise<SourceRow> => {
  const { rows } = await given.client.call(searchSources, { query: { words } });
  return rows[0];
};
const take = async (slug: string, editionId = 'obj'): Promise<string> =>
  (await given.client.call(takeEdition, { body: { pageAddress: pageOf(slug), editionId } })).id;
const stateOf = async (id: string): Promise<Fetching> =>
  (await given.client.call(listFetchings)).find((row) => row.id === id)!;
const until = (id: string, isSo: (row: Fetching) => boolean): Promise<Fetching> => waitFor(() => stateOf(id), isSo);
const arrive = async (id: string): Promise<Arrival> => {
  await until(id, ({ state }) => state === 'arrived' || state === 'trouble');
  return waitFor(
    () => given.client.call(getArrival, { params: { id } }),
    ({ state, finds }) => state === 'ready' && finds.every((one) => one.state !== 'waiting'),
  );
};

test('one search asks all sources at once; one that wants a token is told as silent, the others answer', async () => {
  const answer = await given.client.call(searchSources, { query: { words: '' } });
  expect(answer.silent).toMatchObject([{ kind: 'saltmarsh', trouble: { kind: 'sign-in' } }]);
  expect(new Set(answer.rows.map(({ kind }) => kind))).toEqual(new Set(['quayside', 'tidewrack']));
  expect(answer.next).not.toBeNull();
  const seen = new Set(answer.rows.map(({ pageAddress }) => pageAddress));
  const more = await given.client.call(searchSources, { query: { words: '', from: answer.next! } });
  expect(more.rows.length).toBeGreaterThan(0);
  for (const { pageAddress } of more.rows) expect(seen.has(pageAddress)).toBe(false);
  expect(answer.rows.length + more.rows.length).toBe(14);
});

test('what is not wanted is left out: by licence, price, format, weight', async () => {
  await given.client.call(setSourceToken, { params: { kind: 'saltmarsh' }, body: { token: SALTMARSH_TOKEN } });
  const search = async (query: Record<string, string>): Promise<string[]> =>
    (await given.client.call(searchSources, { query })).rows.map(({ title }) => title).sort();
  expect(await search({ licence: 'CC0-1.0' })).toEqual(['Cast bollard', 'Fish crate', 'Quay capstan', 'Storm lamp']);
  expect(await search({ price: 'paid', words: 'brass' })).toEqual([
    'Barograph on oak',
    'Deck lantern',
    'Engine telegraph',
    'Fog horn, brass',
  ]);
  expect(await search({ category: 'furniture', words: 'bench' })).toEqual(['Harbour bench']);
  expect(await search({ category: 'furniture', words: 'crate' })).toEqual([]);
  expect(await search({ format: 'fbx' })).toEqual([]);
  expect(await search({ atMost: '1' })).toEqual([]);
});

test('a project gives each its verdict, by the licence it has at its source', async () => {
  const { id } = await given.client.call(createProject, {
    body: { name: 'Tour', purpose: '', use: { ...PLAIN_USE, commercial: true } },
  });
  const rows = async (words: string): Promise<SourceRow[]> =>
    (await given.client.call(searchSources, { query: { words, project: id } })).rows;
  expect((await rows('net float'))[0]).toMatchObject({ licence: { id: 'CC-BY-NC-4.0' }, verdict: 'not-allowed' });
  expect((await rows('fish crate'))[0].verdict).toBe('allowed');
  const [horn] = await rows('fog horn');
  expect(horn).toMatchObject({ verdict: null, verdictReason: 'Its licence is none that Haveld knows; read it first.' });
  const allowed = await given.client.call(searchSources, { query: { words: 'float', project: id, allowed: 'yes' } });
  expect(allowed.rows).toEqual([]);
});

test('an edition comes onto the bench with author, licence, page, size, tags and price, and nobody types one of them', async () => {
  const row = await find('harbour bench');
  expect(row).toMatchObject({ author: 'Ines Falkenrot', licence: { id: 'CC-BY-4.0' }, best: 'glb-512', here: null });
  const arrival = await arrive(await take('harbour-bench'));
  expect(arrival).toMatchObject({ name: 'harbour_bench_obj.zip', personName: 'Maja Lindqvist' });
  const [one, ...others] = arrival.finds;
  expect(others).toEqual([]);
  const { assetId } = await given.client.call(takeToBench, { params: { id: one.id } });
  const sheet = await given.client.call(getSheet, { params: { id: assetId } });
  expect(sheet.provenance).toMatchObject({
    title: 'Harbour bench',
    author: 'Ines Falkenrot',
    authorUrl: `https://${QUAYSIDE}/people/ines-falkenrot`,
    licenceId: 'CC-BY-4.0',
    source: QUAYSIDE,
    pageUrl: pageOf('harbour-bench'),
    price: 'free',
    acquiredBy: 'Maja Lindqvist',
  });
  expect(sheet.provenance.claims).toMatch(/height 860 mm; width 1600 mm/);
  expect(sheet.rights.licences[0].evidence).toMatchObject({ file: 'page of harbour-bench.html' });
  const size = sheet.findings.find(({ key }) => key.startsWith('size'));
  expect(JSON.stringify(size)).toMatch(/its page states it: height 860 mm/);
  const asset = await given.client.call(getAsset, { params: { id: assetId } });
  expect(asset.tags).toEqual(expect.arrayContaining(['bench', 'seat', 'oak']));
  // the next search knows that it is here
  expect((await find('harbour bench')).here).toMatchObject({ by: 'page', asset: { id: assetId }, editionId: 'obj' });
});

test('what lies in the store already is not fetched again', async () => {
  const { editions } = await find('cast bollard');
  const { sha256 } = editions.find(({ id }) => id === 'glb-256')!;
  await arrive(await take('cast-bollard', 'glb-256'));
  expect(await given.library.dependencies.store.has(sha256!)).toBe(true);
  // were it fetched, it would fail
  faults.tell(QUAYSIDE, 'cast-bollard', 'wrong-bytes', 9);
  const again = await arrive(await take('cast-bollard', 'glb-256'));
  expect(again.finds).toHaveLength(1);
});

describe('a source that misbehaves', () => {
  test.each([
    ['busy', 'fish-crate', 'glb-256'],
    ['cut-off', 'fish-crate', 'glb-512'],
    ['silent', 'rope-coil', 'glb-512'],
    ['slow', 'rope-coil', 'glb-256'],
    ['odd-name', 'life-ring', 'glb-256'],
  ] as const)('%s: it comes whole by itself', async (fault, slug, edition) => {
    faults.tell(QUAYSIDE, slug, fault, fault === 'cut-off' ? 3 : 1);
    const arrival = await arrive(await take(slug, edition));
    expect(arrival.state).toBe('ready');
    const { editions } = await find(slug.replace('-', ' '));
    const [row] = await many<{ sha256: string; path: string }>(
      given.library.pool,
      "SELECT sha256, path FROM received WHERE arrival_id = ? AND path NOT LIKE 'page of%'",
      [arrival.id],
    );
    expect(row.sha256).toBe(editions.find(({ id }) => id === edition)!.sha256);
    expect(row.path).not.toMatch(/\//);
  });

  test.each([
    ['wrong-length', 'wrong-length', /announced \d+ bytes/],
    ['changed', 'wrong-length', /announced \d+ bytes/],
    ['wrong-bytes', 'wrong-bytes', /checksum differs/],
    ['page-for-file', 'not-a-file', /a page in the place of the file/],
    ['gone', 'gone', /nothing at this address/],
    ['taken-down', 'taken-down', /removed/],
    ['licence-changed', 'licence-changed', /was “CC BY 4.0” when it was chosen and is “CC BY-NC 4.0” now/],
  ] as const)('%s: it says so, keeps nothing, and goes on when it is well again', async (fault, kind, words) => {
    const slug = 'mooring-post';
    const before = (await given.client.call(listArrivals)).length;
    // it is chosen while all is well
    const id = await pausedTake(slug, `glb-${fault === 'changed' ? 256 : 512}`);
    faults.tell(QUAYSIDE, slug, fault, 99);
    await given.client.call(changeFetching, { params: { id }, body: { do: 'go-on' } });
    const { trouble } = await until(id, ({ state }) => state === 'trouble');
    expect(trouble).toMatchObject({ kind, retryAt: null });
    expect(trouble!.message).toMatch(words);
    expect(await given.client.call(listArrivals)).toHaveLength(before);
    faults.forget();
    await given.client.call(changeFetching, { params: { id }, body: { do: 'end' } });
    expect((await stateOf(id)).state).toBe('ended');
  });

  /** Chosen, and not begun yet. */
  async function pausedTake(slug: string, edition: string): Promise<string> {
    await given.library.stopWorker();
    const id = await take(slug, edition);
    await given.client.call(changeFetching, { params: { id }, body: { do: 'pause' } });
    given.library.startWorker();
    return id;
  }
});

test('who gave a source its token, and accepted its terms, is known; the token is sealed and never told', async () => {
  const { client, library } = given;
  const id = (
    await client.call(takeEdition, {
      body: { pageAddress: 'https://tidewrack-exchange.example/m/rain-gauge', editionId: 'obj' },
    })
  ).id;
  expect((await until(id, ({ state }) => state === 'trouble')).trouble?.kind).toBe('sign-in');
  await client.call(setSourceToken, { params: { kind: 'tidewrack' }, body: { token: TIDEWRACK_KEY } });
  // it goes on by itself to the next thing that is missing
  expect(
    (await until(id, ({ state, trouble }) => state === 'trouble' && trouble?.kind !== 'sign-in')).trouble?.kind,
  ).toBe('terms');
  const source = await client.call(getSource, { params: { kind: 'tidewrack' } });
  expect(source).toMatchObject({ hasToken: true, tokenBy: 'Maja Lindqvist', allowance: { left: 6, of: 6 } });
  expect(source.terms).toMatchObject({ isAccepted: false, sha256: hashOf(source.terms!.text) });
  await expect(
    client.call(acceptSourceTerms, { params: { kind: 'tidewrack' }, body: { sha256: hashOf('others') } }),
  ).rejects.toThrow(/409: The terms were changed/);
  await client.call(acceptSourceTerms, { params: { kind: 'tidewrack' }, body: { sha256: source.terms!.sha256 } });
  await arrive(id);
  expect((await client.call(getSource, { params: { kind: 'tidewrack' } })).allowance).toMatchObject({ left: 5 });
  const rows = await many<{ sealed: string }>(
    library.pool,
    'SELECT token_sealed AS sealed FROM source_account WHERE token_sealed IS NOT NULL',
  );
  expect(rows.length).toBe(2);
  for (const { sealed } of rows) expect(sealed).not.toMatch(/gull|heron/);
  expect(JSON.stringify(await client.call(listSources))).not.toMatch(/gull-feather|heron-reed/);
});

test('an allowance that is used up waits until it is back, and says when', async () => {
  const ids: string[] = [];
  const pages = ['tide-gauge', 'cup-anemometer', 'glass-net-float'];
  for (const name of pages)
    for (const editionId of ['glb-512', 'glb-256'])
      ids.push(
        (
          await given.client.call(takeEdition, {
            body: { pageAddress: `https://tidewrack-exchange.example/m/${name}`, editionId },
          })
        ).id,
      );
  const last = await until(ids[5], ({ trouble }) => trouble !== null);
  expect(last).toMatchObject({ state: 'waiting', trouble: { kind: 'busy' } });
  expect(Date.parse(last.trouble!.retryAt!)).toBeGreaterThan(Date.now());
  for (const id of ids.slice(0, 5)) expect((await stateOf(id)).state).toBe('arrived');
  await given.client.call(changeFetching, { params: { id: ids[5] }, body: { do: 'end' } });
});

test('the same edition twice is one; what is put first comes first; what is paused waits', async () => {
  const { client, library } = given;
  await library.stopWorker();
  const first = await take('quay-ladder', 'glb-512');
  expect(await take('quay-ladder', 'glb-512')).toBe(first);
  const second = await take('quay-ladder', 'glb-256');
  const third = await take('quay-ladder', 'obj');
  await client.call(changeFetching, { params: { id: third }, body: { do: 'first' } });
  await client.call(changeFetching, { params: { id: second }, body: { do: 'pause' } });
  const order = (await client.call(listFetchings)).map(({ id }) => id);
  expect(order.slice(0, 3)).toEqual([third, first, second]);
  library.startWorker();
  await until(first, ({ state }) => state === 'arrived');
  expect((await stateOf(third)).state).toBe('arrived');
  expect((await stateOf(second)).state).toBe('paused');
  await client.call(changeFetching, { params: { id: second }, body: { do: 'go-on' } });
  await until(second, ({ state }) => state === 'arrived');
  await expect(client.call(changeFetching, { params: { id: second }, body: { do: 'pause' } })).rejects.toThrow(
    /has come in/,
  );
});

test('a server that stops half-way goes on where it was, and makes one arrival', async () => {
  const { library } = given;
  faults.tell(QUAYSIDE, 'bell-buoy', 'slow', 1);
  const id = await take('bell-buoy', 'glb-512');
  await until(id, ({ state, doneBytes }) => state === 'fetching' && doneBytes > 0);
  await library.stopWorker();
  const [{ kept }] = await many<{ kept: number }>(
    library.pool,
    'SELECT kept_bytes AS kept FROM fetching WHERE id = ?',
    [id],
  );
  expect(kept).toBeGreaterThan(0);
  library.startWorker();
  await arrive(id);
  const arrivals = await many(library.pool, 'SELECT id FROM arrival WHERE id = ?', [id]);
  expect(arrivals).toHaveLength(1);
});

describe('an address somebody pastes', () => {
  const look = (address: string) => given.client.call(lookAtAddress, { body: { address } });
  test('of a source is answered by it', async () => {
    expect(await look(pageOf('fish-crate'))).toMatchObject({
      kind: 'quayside',
      title: 'Fish crate',
      here: { by: 'page' },
    });
  });
  test.each([
    ['http://127.0.0.1:3306/', /not on the list/],
    ['http://169.254.169.254/latest/meta-data', /not on the list/],
    ['file:///etc/passwd', /Only pages of the web/],
    ['https://elsewhere.example/x', /not on the list.*Ask a curator/],
    ['nonsense', /no address of the web/],
    [`https://${QUAYSIDE}/about`, /no model at this address/],
  ])('%s is refused in a sentence', async (address, words) => {
    await expect(look(address)).rejects.toThrow(words);
  });
  test('and pictures are fetched for the page, never anything else', async () => {
    const get = (address: string) =>
      given.client.request(`/api/sources/preview?address=${encodeURIComponent(address)}`);
    const picture = await get(`https://${QUAYSIDE}/previews/fish-crate.png`);
    expect(picture.headers.get('content-type')).toBe('image/png');
    expect((await get(pageOf('fish-crate'))).status).toBe(422);
    expect((await get('http://127.0.0.1/x.png')).status).toBe(400);
  });
});

test('a host is allowed by a curator’s rule; what is no host is none', async () => {
  const rules = await given.client.call(getHouseRules);
  expect(rules.fetchHosts).toEqual([]);
  for (const host of ['localhost', '127.0.0.1', '*', 'a', 'http://a.example', '169.254.169.254', '[::1]'])
    await expect(given.client.call(saveHouseRules, { body: { ...rules, fetchHosts: [host] } })).rejects.toThrow(/host/);
  await given.client.call(saveHouseRules, { body: { ...rules, fetchHosts: ['*.models.example'] } });
  expect((await given.client.call(getHouseRules)).fetchHosts).toEqual(['*.models.example']);
});

const hashOf = (words: string): string => createHash('sha256').update(words).digest('hex');

test('where no made-up site stands there is none to search, and their pages are pages of no allowed host', async () => {
  const standIns = given.library.dependencies.sources.standIns as Map<string, unknown>;
  const kept = [...standIns];
  standIns.clear();
  expect(await given.client.call(listSources)).toEqual([]);
  expect(await given.client.call(searchSources, { query: {} })).toMatchObject({ rows: [], silent: [], asked: [] });
  await expect(given.client.call(lookAtAddress, { body: { address: pageOf('fish-crate') } })).rejects.toThrow(
    /not on the list/,
  );
  for (const [host, place] of kept) standIns.set(host, place);
});

test('what came by hand is known again by its name and length, where the source tells no checksum', async () => {
  const row = await find('carved gull');
  const edition = row.editions.find(({ format }) => format === 'glb')!;
  expect(edition.sha256).toBeNull();
  expect(row.here).toBeNull();
  // the bytes do not matter: nothing else is known of them before they are fetched
  await drop(given.client, edition.name, Buffer.alloc(edition.sizeBytes!));
  const { here } = await waitFor(
    () => find('carved gull'),
    (now) => now.here !== null,
  );
  expect(here).toEqual({ by: 'name', asset: null, editionId: edition.id });
});
