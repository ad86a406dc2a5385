import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createHash } from 'node:crypto';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readPage } from '@haveld/core/pages/read-page';
import { decodePage } from '@haveld/core/text/decode-page';
import { createSites } from '../../../demo/src/sites/serve-sites';
import { SALTMARSH_TOKEN } from '../../../demo/src/sites/saltmarsh';
import { measureModel } from '../../../demo/src/sites/site-files';
import { TIDEWRACK_KEY } from '../../../demo/src/sites/tidewrack';
import { fetchFile } from '../fetching/fetch-file';
import { fetchText } from '../fetching/fetch-text';
import type { SourceFault } from '../fetching/source-fault';
import { ADAPTERS, findAdapter } from './adapters';
import { plain } from './plain';
import { describeLicence, findNext } from './read-answer';
import type { SourceAdapter, SourceContext } from './source-adapter';

const { server, sites, faults } = createSites();
let context: SourceContext;
const TOKENS: Record<string, string> = { tidewrack: TIDEWRACK_KEY, saltmarsh: SALTMARSH_TOKEN };
const inAt = ({ kind }: SourceAdapter): SourceContext => ({ ...context, token: TOKENS[kind] ?? '' });

beforeAll(async () => {
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  context = {
    reach: { hosts: [], standIns: new Map(sites.map(({ host }) => [host, { address: '127.0.0.1', port }])) },
    now: new Date(),
    token: '',
    termsAccepted: true,
    readPage: (bytes, address) => readPage(decodePage(bytes), address),
  };
});
afterAll(() => new Promise<void>((resolve) => (server as Server).close(() => resolve())));
afterEach(() => faults.forget());

const kindOf = async (trying: Promise<unknown>): Promise<string> =>
  trying.then(
    () => 'nothing went wrong',
    (error: SourceFault) => error.kind,
  );

describe.each(ADAPTERS.map((adapter) => [adapter.name, adapter] as const))('%s', (_name, adapter) => {
  const site = sites.find(({ host }) => adapter.hosts.includes(host))!;

  test('a search goes through every page of what it finds, each model once', async () => {
    const found: string[] = [];
    let from: string | null = null;
    let calls = 0;
    do {
      const some = await adapter.search('', from, inAt(adapter));
      found.push(...some.items.map(({ title }) => title));
      from = some.next;
    } while (from !== null && ++calls < 20);
    expect(found.sort()).toEqual(site.models.map(({ title }) => title).sort());
    expect(calls).toBeGreaterThan(0);
  });

  test('what its API says and what its page says are the same', async () => {
    for (const model of site.models) {
      const [item] = (await adapter.search(model.title, null, inAt(adapter))).items;
      const opened = (await adapter.open(item.pageAddress, inAt(adapter)))!;
      expect(opened).toEqual(item);
      const fetched = await fetchText(item.pageAddress, {}, context);
      const { facts } = await readPage(fetched.text, fetched.address);
      const said = (field: string) => facts.filter((fact) => fact.field === field);
      expect(said('title').map(({ value }) => value)).toContain(item.title);
      expect(said('author').map(({ value }) => value)).toContain(model.author.name);
      expect(describeLicence(said('licence')[0].value, '').id).toBe(
        model.licence.words.startsWith('CC') ? item.licence.id : '',
      );
      expect(said('tag').map(({ value }) => value)).toEqual(model.tags);
      if (model.price > 0) expect(said('price')[0].amount).toBe(model.price);
      const height = said('height')[0]?.amount;
      if (height !== undefined) expect(Math.abs(height - measureModel(model).heightM)).toBeLessThan(0.006);
    }
  });

  test('an edition comes whole, as it was announced', async () => {
    const { items } = await adapter.search('', null, inAt(adapter));
    const item = items.find(({ price }) => (price?.amount ?? 0) < 20)!;
    const folder = await mkdtemp(join(tmpdir(), 'haveld-edition-'));
    for (const edition of item.editions.slice(1)) {
      const wanted = await adapter.prepare(item, edition, inAt(adapter));
      const got = await fetchFile(
        wanted,
        { path: join(folder, edition.id), validator: null, keptBytes: 0 },
        { ...context, limitBytes: 10 ** 8 },
      );
      expect(got.sizeBytes).toBe(edition.sizeBytes);
      expect(got.name).toBe(edition.name);
      if (edition.sha256) expect(got.sha256).toBe(edition.sha256);
    }
    await rm(folder, { recursive: true });
  });

  test('its pages are its own; others are addresses of the web', () => {
    expect(findAdapter(`https://${adapter.hosts[0]}/x`)).toBe(adapter);
    expect(findAdapter('https://elsewhere.example/x')).toBe(plain);
  });

  test('a page that is no model’s opens as nothing', async () => {
    expect(await adapter.open(`https://${adapter.hosts[0]}/about`, inAt(adapter))).toBeNull();
  });
});

test('without a token, without accepted terms, unpaid: each is told as that', async () => {
  const [, tidewrack, saltmarsh] = ADAPTERS;
  expect(await kindOf(saltmarsh.search('', null, context))).toBe('sign-in');
  expect(await kindOf(saltmarsh.search('', null, { ...context, token: 'wrong' }))).toBe('sign-in');
  const [item] = (await tidewrack.search('rain', null, context)).items;
  expect(await kindOf(tidewrack.prepare(item, item.editions[0], context))).toBe('sign-in');
  expect(await kindOf(tidewrack.prepare(item, item.editions[0], { ...inAt(tidewrack), termsAccepted: false }))).toBe(
    'terms',
  );
  const [dear] = (await saltmarsh.search('telegraph', null, inAt(saltmarsh))).items;
  expect(await kindOf(saltmarsh.prepare(dear, dear.editions[0], inAt(saltmarsh)))).toBe('price');
});

test('a removed model is told as removed, one that is gone as gone', async () => {
  const [quayside] = ADAPTERS;
  const page = 'https://quayside-models.example/models/cast-bollard';
  faults.tell('quayside-models.example', 'cast-bollard', 'taken-down', 9);
  expect(await kindOf(quayside.open(page, context))).toBe('taken-down');
  faults.forget();
  faults.tell('quayside-models.example', 'cast-bollard', 'gone', 9);
  expect(await kindOf(quayside.open(page, context))).toBe('gone');
});

test('terms and what is left of the day', async () => {
  const [, tidewrack] = ADAPTERS;
  expect(await tidewrack.readTerms(context)).toMatch(/six models a day/);
  expect(await tidewrack.readAllowance(inAt(tidewrack))).toMatchObject({ of: 6 });
  expect(await tidewrack.readAllowance(context)).toBeNull();
});

describe('a plain address', () => {
  test('a page says what it says, and leads to its files', async () => {
    const item = (await plain.open('https://quayside-models.example/models/fish-crate', context))!;
    expect(item).toMatchObject({ title: 'Fish crate', author: 'Ines Falkenrot', licence: { id: 'CC0-1.0' } });
    expect(item.tags).toEqual(['crate', 'box', 'oak']);
  });
  test('a file is itself the one edition', async () => {
    const item = (await plain.open('https://quayside-models.example/files/fish-crate/obj', context))!;
    expect(item.editions).toMatchObject([{ name: 'fish_crate_obj.zip', format: 'zip' }]);
    expect(item.editions[0].sizeBytes).toBeGreaterThan(1000);
  });
  test('a host that is not on the list is not asked', async () => {
    expect(await kindOf(plain.open('https://elsewhere.example/a.zip', context))).toBe('not-allowed');
  });
});

describe('links to what follows (RFC 8288)', () => {
  test.each([
    ['<https://a.example/2>; rel="next"', 'https://a.example/2'],
    ['</2?x=a,b>; rel=next', 'https://a.example/2?x=a,b'],
    // RFC 8288, 3.5: several relations, several links
    ['<https://a.example/1>; rel="prev", <https://a.example/3>; rel="last next"; title="a, b"', 'https://a.example/3'],
    ['<https://a.example/1>; rel="prev"', null],
    ['<https://a.example/1>; title="next"', null],
    [null, null],
    ['nonsense', null],
  ])('%s', (link, next) => {
    expect(findNext(link, 'https://a.example/1')).toBe(next);
  });
});

test('the same edition has the same bytes each time', async () => {
  const { editions } = (await ADAPTERS[0].open('https://quayside-models.example/models/quay-ladder', context))!;
  const wanted = await ADAPTERS[0].prepare({ pageAddress: 'https://x/quay-ladder' } as never, editions[0], context);
  const { bytes } = await fetchText(wanted.address, {}, context);
  expect(createHash('sha256').update(bytes).digest('hex')).toBe(editions[0].sha256);
});
