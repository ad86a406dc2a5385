import type { Server } from 'node:http';
import { createHash } from 'node:crypto';
import { request } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { FaultBook } from './faults';
import { SALTMARSH_TOKEN } from './saltmarsh';
import { createSites } from './serve-sites';
import type { Site } from './site';
import { TIDEWRACK_KEY } from './tidewrack';

let server: Server;
let sites: Site[];
let faults: FaultBook;

beforeAll(async () => {
  ({ server, sites, faults } = createSites());
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
});
afterAll(() => new Promise((resolve) => server.close(resolve)));
afterEach(() => faults.forget());

interface Got {
  status: number;
  headers: Record<string, string | string[] | undefined>;
  body: Buffer;
  wasCut: boolean;
}

function get(host: string, path: string, headers: Record<string, string> = {}, body?: string): Promise<Got> {
  const { port } = server.address() as AddressInfo;
  return new Promise((resolve, reject) => {
    const asked = request(
      { port, path, method: body === undefined ? 'GET' : 'POST', headers: { ...headers, host }, agent: false },
      (answer) => {
        const parts: Buffer[] = [];
        const end = (wasCut: boolean): void =>
          resolve({ status: answer.statusCode!, headers: answer.headers, body: Buffer.concat(parts), wasCut });
        answer.on('data', (part: Buffer) => parts.push(part));
        answer.on('end', () => end(false)).on('error', () => end(true));
      },
    );
    asked.on('error', reject).end(body);
  });
}
/** Any of what the sites answer, as far as these tests look at it. */
interface Answered {
  paths: Record<string, Record<string, unknown>>;
  pages: number;
  models: { slug: string }[];
  items: { name: string }[];
  count: number;
  things: { id: string }[];
  files: { href: string; bytes: number; sha256: string }[];
  left: number;
  href: string;
}
const read = (got: Got): Answered => JSON.parse(got.body.toString()) as Answered;

const QUAYSIDE = 'quayside-models.example';
const TIDEWRACK = 'tidewrack-exchange.example';
const SALTMARSH = 'saltmarsh-library.example';

test('each site describes its API, and every path of it answers', async () => {
  const filled: Record<string, string> = { slug: 'mooring-post', name: 'tide-gauge', way: 'obj', id: 'fog-horn' };
  for (const site of sites) {
    const described = read(await get(site.host, '/openapi.json'));
    for (const [path, methods] of Object.entries(described.paths)) {
      const real = path.replace(/\{(\w+)\}/g, (_whole, name: string) => filled[name]);
      const headers = {
        'x-exchange-key': TIDEWRACK_KEY,
        'x-terms-accepted': 'yes',
        authorization: `Bearer ${SALTMARSH_TOKEN}`,
      };
      const body = 'post' in methods ? JSON.stringify({ text: '', thing: 'fog-horn', package: 'obj' }) : undefined;
      const { status } = await get(site.host, real, headers, body);
      expect(`${site.name} ${path} ${status}`).toMatch(/ 20[01]$/);
    }
  }
});

test('every page of models is there, each model on one of them', async () => {
  const found: string[] = [];
  for (let page = 1, pages = 1; page <= pages; page++) {
    const some = read(await get(QUAYSIDE, `/api/v1/models?page=${page}`));
    pages = some.pages;
    found.push(...some.models.map(({ slug }) => slug));
  }
  let path = '/exchange/search?words=';
  while (path) {
    const got = await get(TIDEWRACK, path);
    found.push(...read(got).items.map(({ name }) => name));
    path = /<([^>]+)>; rel="next"/.exec(String(got.headers.link ?? ''))?.[1] ?? '';
  }
  const token = { authorization: `Bearer ${SALTMARSH_TOKEN}` };
  for (let offset = 0, count = 1; offset < count;) {
    const some = read(await get(SALTMARSH, '/query', token, JSON.stringify({ offset })));
    count = some.count;
    offset += some.things.length;
    found.push(...some.things.map(({ id }) => id));
  }
  expect(found.sort()).toEqual(sites.flatMap(({ models }) => models.map(({ slug }) => slug)).sort());
});

test('a file is as long as announced and has the checksum that was told', async () => {
  const { files } = read(await get(QUAYSIDE, '/api/v1/models/cast-bollard'));
  for (const { href, bytes, sha256 } of files) {
    const got = await get(QUAYSIDE, new URL(href).pathname);
    expect(got.body.length).toBe(bytes);
    expect(createHash('sha256').update(got.body).digest('hex')).toBe(sha256);
  }
});

test('the exchange wants a key, its terms accepted, and gives six a day', async () => {
  const take = (headers: Record<string, string>) => get(TIDEWRACK, '/exchange/take/rain-gauge/obj', headers);
  expect((await take({})).status).toBe(401);
  expect((await take({ 'x-exchange-key': TIDEWRACK_KEY })).status).toBe(428);
  const known = { 'x-exchange-key': TIDEWRACK_KEY, 'x-terms-accepted': 'yes' };
  const { left } = read(await get(TIDEWRACK, '/exchange/me', known));
  for (let i = 0; i < left; i++) expect((await take(known)).status).toBe(200);
  const refused = await take(known);
  expect(refused.status).toBe(429);
  expect(Date.parse(String(refused.headers['retry-after']))).toBeGreaterThan(Date.now());
});

test('the library sells by ticket; what was not bought is not given', async () => {
  const token = { authorization: `Bearer ${SALTMARSH_TOKEN}` };
  const ask = (thing: string) => get(SALTMARSH, '/tickets', token, JSON.stringify({ thing, package: 'obj' }));
  expect((await ask('engine-telegraph')).status).toBe(402);
  const { href } = read(await ask('fog-horn'));
  expect((await get(SALTMARSH, new URL(href).pathname)).status).toBe(200);
  expect((await get(SALTMARSH, '/file/t-999')).status).toBe(403);
});

test('told to misbehave they do, so many times', async () => {
  const path = '/files/cast-bollard/obj';
  const good = await get(QUAYSIDE, path);
  const tell = (fault: string) =>
    get(QUAYSIDE, '/-/faults', {}, JSON.stringify({ host: QUAYSIDE, slug: 'cast-bollard', fault, times: 1 }));
  await tell('busy');
  expect((await get(QUAYSIDE, path)).headers['retry-after']).toBe('2');
  expect((await get(QUAYSIDE, path)).status).toBe(200);
  await tell('cut-off');
  expect((await get(QUAYSIDE, path)).wasCut).toBe(true);
  await tell('wrong-bytes');
  const other = await get(QUAYSIDE, path);
  expect(other.body.length).toBe(good.body.length);
  expect(other.body.equals(good.body)).toBe(false);
  await tell('odd-name');
  expect((await get(QUAYSIDE, path)).headers['content-disposition']).toMatch(/\.\.\//);
  expect((await tell('nonsense')).status).toBe(400);
});

test('a file goes on by range while it is the same', async () => {
  const whole = await get(QUAYSIDE, '/files/cast-bollard/obj');
  const rest = await get(QUAYSIDE, '/files/cast-bollard/obj', {
    range: 'bytes=100-',
    'if-range': String(whole.headers.etag),
  });
  expect(rest.status).toBe(206);
  expect(Buffer.concat([whole.body.subarray(0, 100), rest.body]).equals(whole.body)).toBe(true);
  expect((await get(QUAYSIDE, '/files/cast-bollard/obj', { range: 'bytes=100-', 'if-range': '"x"' })).status).toBe(200);
});

test('a preview is a picture, and a host nobody knows has nothing', async () => {
  const got = await get(SALTMARSH, '/plates/fog-horn.png');
  expect(got.body.subarray(1, 4).toString()).toBe('PNG');
  expect((await get('elsewhere.example', '/')).status).toBe(404);
});

test('a page that is as it was is not sent again; a changed one is, with another validator', async () => {
  const host = 'quayside-models.example';
  const { headers } = await get(host, '/models/rope-coil');
  const known = { 'if-none-match': String(headers.etag) };
  expect(await get(host, '/models/rope-coil', known)).toMatchObject({ status: 304, body: Buffer.alloc(0) });
  faults.tell(host, 'rope-coil', 'author-renamed', 9);
  const changed = await get(host, '/models/rope-coil', known);
  expect(changed.status).toBe(200);
  expect(changed.body.toString()).toContain('Ines Falkenrot Ravnsund');
  const salt = await get('saltmarsh-library.example', '/shelf/engine-telegraph');
  const since = { 'if-modified-since': String(salt.headers['last-modified']) };
  expect((await get('saltmarsh-library.example', '/shelf/engine-telegraph', since)).status).toBe(304);
});

test('a newer version has other files, its page says so, and what was moved stands at its new address', async () => {
  const host = 'quayside-models.example';
  const filesOf = async (): Promise<{ name: string; sha256: string }[]> => {
    const { body } = await get(host, '/api/v1/models/fish-crate');
    return (JSON.parse(body.toString()) as { files: { name: string; sha256: string }[] }).files;
  };
  const before = await filesOf();
  faults.tell(host, 'fish-crate', 'newer-version', 9);
  const after = await filesOf();
  expect(after.map(({ name }) => name)).toContain('fish_crate_v2_512.glb');
  const sums = new Set(before.map(({ sha256 }) => sha256));
  for (const { sha256 } of after) expect(sums.has(sha256)).toBe(false);
  faults.tell('saltmarsh-library.example', 'engine-telegraph', 'moved', 9);
  const moved = await get('saltmarsh-library.example', '/shelf/engine-telegraph');
  expect(moved.status).toBe(301);
  const { pathname } = new URL(String(moved.headers.location));
  expect((await get('saltmarsh-library.example', pathname)).status).toBe(200);
});

test.each([
  ['quayside-models.example', '/chart-table-oak'],
  ['tidewrack-exchange.example', '/m/barograph-cased'],
  ['tidewrack-exchange.example', '/m/carved-gull'],
])('the page at %s%s that a model of the demo is from stands', async (host, path) => {
  expect((await get(host, path)).status).toBe(200);
});
