import { createHash } from 'node:crypto';
import { mkdtemp, readFile, rm, stat } from 'node:fs/promises';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { SourceFaultKind } from '@haveld/contract/source-fault';
import { fetchFile, type FetchedFile, type FileWanted } from './fetch-file';
import { nameFetched } from './file-name';
import { readRetryAfter } from './read-status';
import type { Reach } from './reach';
import { SourceFault } from './source-fault';

const BYTES = Buffer.from(Array.from({ length: 300_000 }, (_, i) => (i * 31 + (i >> 8)) % 251));
const SHA = createHash('sha256').update(BYTES).digest('hex');
const AT = 'https://quay.example/buoy.zip';
const NOW = new Date('2026-11-30T12:00:00Z');

type Behave = (request: IncomingMessage, response: ServerResponse) => void;

let server: Server;
let folder: string;
let behave: Behave;
let asked: IncomingMessage['headers'][];
let reach: Reach;

beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'haveld-fetch-'));
  asked = [];
  server = createServer((request, response) => {
    asked.push(request.headers);
    behave(request, response);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  const here = { address: '127.0.0.1', port };
  reach = {
    hosts: [],
    standIns: new Map([
      ['quay.example', here],
      ['other.example', here],
    ]),
  };
});

afterEach(async () => {
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  await rm(folder, { recursive: true });
});

/** What a server row would remember between tries. */
let kept: { validator: string | null; keptBytes: number };
beforeEach(() => void (kept = { validator: null, keptBytes: 0 }));

const partPath = (): string => join(folder, 'part');
const get = (more: Partial<FileWanted> = {}, idleMs = 2000, limitBytes = 10 ** 7): Promise<FetchedFile> =>
  fetchFile(
    { address: AT, sizeBytes: null, sha256: null, ...more },
    { path: partPath(), ...kept },
    {
      reach,
      now: NOW,
      idleMs,
      limitBytes,
      onKept: (validator, keptBytes) => {
        kept = { validator, keptBytes };
        return Promise.resolve();
      },
    },
  );
const faultOf = async (trying: Promise<unknown>): Promise<SourceFault> => {
  const error: unknown = await trying.catch((thrown: unknown) => thrown);
  if (error instanceof SourceFault) return error;
  throw error instanceof Error ? error : new Error('it came whole');
};

/** A source as RFC 9110 asks for it: ranges under a strong validator. */
const honest =
  (bytes = BYTES, etag = '"one"', stopAfter = Infinity): Behave =>
  (request, response) => {
    const from = Number(/^bytes=(\d+)-$/.exec(request.headers.range ?? '')?.[1] ?? 0);
    const isPart = from > 0 && request.headers['if-range'] === etag;
    const rest = isPart ? bytes.subarray(from) : bytes;
    response.writeHead(isPart ? 206 : 200, {
      etag,
      'content-length': rest.length,
      'content-type': 'application/zip',
      ...(isPart ? { 'content-range': `bytes ${from}-${bytes.length - 1}/${bytes.length}` } : {}),
    });
    if (rest.length <= stopAfter) return void response.end(rest);
    // ended, not reset: what was sent arrives
    response.write(rest.subarray(0, stopAfter), () => void response.socket?.end());
  };

test('a file comes whole, with its name, its length and its hash', async () => {
  behave = honest();
  expect(await get({ sizeBytes: BYTES.length, sha256: SHA.toUpperCase() })).toEqual({
    name: 'buoy.zip',
    sizeBytes: BYTES.length,
    sha256: SHA,
    contentType: 'application/zip',
  });
  expect((await readFile(partPath())).equals(BYTES)).toBe(true);
});

test('cut off ten times it is whole at the end, and nothing is sent twice', async () => {
  behave = honest(BYTES, '"one"', 29_000);
  let cuts = 0;
  let got: FetchedFile | null = null;
  while (!got && cuts < 20)
    got = await get({ sha256: SHA }).catch((error: unknown) => {
      expect((error as SourceFault).kind).toBe('cut-off');
      cuts++;
      return null;
    });
  expect(got?.sha256).toBe(SHA);
  expect(cuts).toBe(10);
  expect(asked[1]).toMatchObject({ range: 'bytes=29000-', 'if-range': '"one"' });
});

test('what changed under way is begun anew: no byte of the first edition stays', async () => {
  behave = honest(BYTES, '"one"', 100_000);
  expect((await faultOf(get())).kind).toBe('cut-off');
  const second = Buffer.from(BYTES.map((byte) => byte ^ 255)).subarray(0, 200_000);
  behave = honest(second, '"two"');
  expect((await get()).sizeBytes).toBe(200_000);
  expect((await readFile(partPath())).equals(second)).toBe(true);
});

test('a source that goes on with something else is found out by its validator', async () => {
  behave = honest(BYTES, '"one"', 100_000);
  await faultOf(get());
  behave = (_request, response) => {
    response.writeHead(206, { etag: '"two"', 'content-range': `bytes 100000-${BYTES.length - 1}/${BYTES.length}` });
    response.end(BYTES.subarray(100_000));
  };
  expect((await faultOf(get())).message).toMatch(/begun anew/);
  behave = honest();
  expect((await get()).sha256).toBe(SHA);
});

test('what never reached the disk for good is fetched again', async () => {
  behave = honest(BYTES, '"one"', 100_000);
  await faultOf(get());
  kept.keptBytes = 40_000;
  behave = honest();
  expect((await get()).sha256).toBe(SHA);
  expect(asked.at(-1)!.range).toBe('bytes=40000-');
});

test('a weak validator joins nothing: it is begun anew', async () => {
  behave = honest(BYTES, 'W/"one"', 100_000);
  await faultOf(get());
  behave = honest(BYTES, 'W/"one"');
  expect((await get()).sha256).toBe(SHA);
  expect(asked.at(-1)!.range).toBeUndefined();
});

test.each<[string, Behave, Partial<FileWanted>, SourceFaultKind, RegExp]>([
  ['another length than announced', honest(), { sizeBytes: 5 }, 'wrong-length', /announced 5 bytes/],
  ['other bytes than its checksum', honest(), { sha256: '0'.repeat(64) }, 'wrong-bytes', /checksum differs/],
  [
    'a page for a file',
    (_q, r) => void r.writeHead(200, { 'content-type': 'text/html' }).end('<p>Sign in</p>'),
    {},
    'not-a-file',
    /a page/,
  ],
  [
    'a page that says it is a file',
    (_q, r) => void r.writeHead(200, { 'content-type': 'application/zip' }).end('<!DOCTYPE html><p>'),
    {},
    'not-a-file',
    /a page/,
  ],
  ['gone', (_q, r) => void r.writeHead(404).end(), {}, 'gone', /nothing at this address/],
  ['taken down', (_q, r) => void r.writeHead(410).end(), {}, 'taken-down', /was removed/],
  ['taken down by law', (_q, r) => void r.writeHead(451).end(), {}, 'taken-down', /legal/],
  ['nobody known', (_q, r) => void r.writeHead(401).end(), {}, 'sign-in', /who asks/],
  ['unpaid', (_q, r) => void r.writeHead(402).end(), {}, 'price', /paid/],
  ['broken', (_q, r) => void r.writeHead(500).end(), {}, 'broken', /500/],
  ['in a circle', (_q, r) => void r.writeHead(302, { location: AT }).end(), {}, 'refused', /circle/],
  [
    'to the inside',
    (_q, r) => void r.writeHead(302, { location: 'http://127.0.0.1:3306/' }).end(),
    {},
    'not-allowed',
    /not on the list/,
  ],
  [
    'to a file of the machine',
    (_q, r) => void r.writeHead(302, { location: 'file:///etc/passwd' }).end(),
    {},
    'not-allowed',
    /“file”/,
  ],
  [
    'to what is not secure',
    (_q, r) => void r.writeHead(302, { location: 'http://other.example/' }).end(),
    {},
    'not-allowed',
    /secure/,
  ],
])('%s', async (_what, how, wanted, kind, words) => {
  behave = how;
  const fault = await faultOf(get(wanted));
  expect(fault.kind).toBe(kind);
  expect(fault.message).toMatch(words);
  if (kind.startsWith('wrong') || kind === 'not-a-file')
    await expect(
      stat(partPath()).then(
        ({ size }) => size,
        () => 0,
      ),
    ).resolves.toBe(0);
});

test('a source that falls silent is slow, and what came stays', async () => {
  behave = (_request, response) => {
    response.writeHead(200, { etag: '"one"', 'content-length': BYTES.length });
    response.write(BYTES.subarray(0, 50_000));
  };
  const fault = await faultOf(get({}, 300));
  expect(fault.kind).toBe('slow');
  expect(kept).toEqual({ validator: '"one"', keptBytes: 50_000 });
});

test('more than the house takes is not taken, whether it is announced or not', async () => {
  behave = honest();
  expect((await faultOf(get({}, 2000, 1000))).kind).toBe('too-large');
  behave = (_request, response) => void response.writeHead(200).end(BYTES);
  expect((await faultOf(get({}, 2000, 1000))).kind).toBe('too-large');
});

test('when to come again is heard, in seconds and as a date', async () => {
  behave = (_request, response) => void response.writeHead(429, { 'retry-after': '90' }).end();
  const fault = await faultOf(get());
  expect(fault).toMatchObject({ kind: 'busy', retryAt: new Date('2026-11-30T12:01:30Z'), isPassing: true });
  // RFC 9110, 5.6.7: the form of a date
  expect(readRetryAfter('Mon, 30 Nov 2026 13:00:00 GMT', NOW)).toEqual(new Date('2026-11-30T13:00:00Z'));
  expect(readRetryAfter('soon', NOW)).toBeNull();
});

test('what lets one in is not taken along to another host', async () => {
  behave = (request, response) => {
    if (request.headers.host === 'other.example') return honest()(request, response);
    response.writeHead(302, { location: 'https://other.example/buoy.zip' }).end();
  };
  await get({ headers: { authorization: 'Bearer x', 'x-api-key': 'y', cookie: 'z', accept: '*/*' } });
  expect(asked[0]).toMatchObject({ authorization: 'Bearer x', 'x-api-key': 'y' });
  for (const name of ['authorization', 'x-api-key', 'cookie']) expect(asked[1][name]).toBeUndefined();
  expect(asked[1].accept).toBe('*/*');
});

test('who stops it is not told that the source failed', async () => {
  behave = (_request, response) => void response.writeHead(200).write('x');
  const stop = new AbortController();
  setTimeout(() => stop.abort(new Error('stopped by a person')), 100);
  const trying = fetchFile(
    { address: AT, sizeBytes: null, sha256: null },
    { path: partPath(), validator: null, keptBytes: 0 },
    { reach, now: NOW, limitBytes: 10 ** 6, signal: stop.signal },
  );
  await expect(trying).rejects.toThrow('stopped by a person');
});

describe('names', () => {
  // RFC 6266, 5: examples; the others are what a hostile source would say
  test.each([
    ['attachment; filename=example.html', 'example.html'],
    [`attachment; filename="EURO rates"; filename*=utf-8''%e2%82%ac%20rates`, '€ rates'],
    ['attachment; filename="../../etc/passwd"', 'passwd'],
    ['attachment; filename="..\\\\..\\\\windows\\\\a.zip"', 'a.zip'],
    ['attachment; filename="/"', 'buoy.zip'],
    ['attachment; filename=".."', 'buoy.zip'],
    ['attachment; filename="C:"', 'buoy.zip'],
    ['attachment; filename="con.zip"', 'buoy.zip'],
    ['attachment; filename=', 'buoy.zip'],
    ['inline', 'buoy.zip'],
    [undefined, 'buoy.zip'],
  ])('%s', (disposition, name) => {
    expect(nameFetched(disposition, AT)).toBe(name);
  });
  test('an address may say no name either', () => {
    expect(nameFetched(undefined, 'https://quay.example/')).toBe('download');
    expect(nameFetched(undefined, 'https://quay.example/a%2F..%2Fb.zip')).toBe('b.zip');
    expect(nameFetched(undefined, 'https://quay.example/100%.zip')).toBe('100%.zip');
  });
});
