import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { fetchText, type FetchedText } from './fetch-text';
import { ask } from './request';
import type { Reach } from './reach';
import type { SourceFault } from './source-fault';

const AT = 'https://quay.example/models/buoy';
const NOW = new Date('2026-11-30T12:00:00Z');
let server: Server;
let reach: Reach;
let behave: (request: IncomingMessage, response: ServerResponse) => void;
let asked: IncomingMessage[];

beforeEach(async () => {
  asked = [];
  server = createServer((request, response) => {
    asked.push(request);
    behave(request, response);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  reach = { hosts: [], standIns: new Map([['quay.example', { address: '127.0.0.1', port }]]) };
});
afterEach(async () => {
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
});

const get = (more: Partial<Parameters<typeof fetchText>[2]> = {}): Promise<FetchedText> =>
  fetchText(AT, {}, { reach, now: NOW, idleMs: 1000, ...more });
const kindOf = (trying: Promise<unknown>): Promise<string> =>
  trying.then(
    () => 'nothing went wrong',
    (error: SourceFault) => error.kind,
  );

test('a page comes with its validators, and where it came from', async () => {
  behave = (_request, response) =>
    void response
      .writeHead(200, {
        etag: 'W/"1"',
        'last-modified': 'Sat, 28 Nov 2026 10:00:00 GMT',
        link: '</2>; rel="next"',
        'content-type': 'text/html',
      })
      .end('<p>Größe</p>');
  expect(await get()).toMatchObject({
    text: '<p>Größe</p>',
    isUnchanged: false,
    isMoved: false,
    address: AT,
    etag: 'W/"1"',
    lastModified: 'Sat, 28 Nov 2026 10:00:00 GMT',
    link: '</2>; rel="next"',
    contentType: 'text/html',
  });
  expect(asked[0].headers).toMatchObject({ host: 'quay.example', 'accept-encoding': 'identity' });
});

// RFC 9110, 13.1.2 and 13.1.3
test('what did not change since is not sent again', async () => {
  behave = (request, response) =>
    void (request.headers['if-none-match'] === '"1"'
      ? response.writeHead(304).end()
      : response.writeHead(200).end('x'));
  const since = { etag: '"1"', lastModified: 'Sat, 28 Nov 2026 10:00:00 GMT' };
  expect(await get({ since })).toMatchObject({ isUnchanged: true, text: '', etag: '"1"' });
  expect(asked[0].headers['if-modified-since']).toBe('Sat, 28 Nov 2026 10:00:00 GMT');
  expect((await get({ since: { etag: '"0"', lastModified: null } })).text).toBe('x');
  // nobody who asked for the whole is told that nothing changed
  behave = (_request, response) => void response.writeHead(304).end();
  expect(await kindOf(get())).toBe('refused');
});

test('moved for good is told apart from sent elsewhere for now', async () => {
  behave = (request, response) =>
    void (request.url === '/models/buoy'
      ? response.writeHead(301, { location: '/models/buoy-2' }).end()
      : response.writeHead(200).end('here'));
  expect(await get()).toMatchObject({ isMoved: true, address: 'https://quay.example/models/buoy-2', text: 'here' });
  behave = (request, response) =>
    void (request.url === '/models/buoy'
      ? response.writeHead(302, { location: '/models/buoy-2' }).end()
      : response.writeHead(200).end('here'));
  expect(await get()).toMatchObject({ isMoved: false, address: 'https://quay.example/models/buoy-2' });
});

// RFC 9110, 15.4.4: the answer to a form is looked at by GET; 15.4.8: 307 keeps the method
test.each([
  [303, 'GET', ''],
  [307, 'POST', 'words'],
])('after %d the next one is asked by %s', async (status, method, body) => {
  const bodies: string[] = [];
  behave = (request, response) => {
    let got = '';
    request.on('data', (part: Buffer) => (got += part.toString()));
    request.on('end', () => {
      bodies.push(got);
      if (request.url === '/form') response.writeHead(status, { location: '/done' }).end();
      else response.writeHead(200).end('done');
    });
  };
  const answer = await ask('https://quay.example/form', { method: 'POST', body: 'words' }, { reach });
  answer.body.destroy();
  expect(asked[1].method).toBe(method);
  expect(bodies[1]).toBe(body);
});

test('an endless page ends at its limit, one that is cut off says so, a silent one is slow', async () => {
  behave = (_request, response) => {
    response.writeHead(200);
    const timer = setInterval(() => response.write(Buffer.alloc(10_000)), 1);
    response.on('close', () => clearInterval(timer));
  };
  expect(await kindOf(get({ limitBytes: 100_000 }))).toBe('too-large');
  behave = (_request, response) => {
    response.writeHead(200, { 'content-length': 100 });
    response.write('half', () => void response.socket?.end());
  };
  expect(await kindOf(get())).toBe('cut-off');
  behave = () => undefined;
  expect(await kindOf(get({ idleMs: 200 }))).toBe('slow');
});

test('cookies are neither kept nor sent', async () => {
  behave = (_request, response) => void response.writeHead(200, { 'set-cookie': 'a=b' }).end('x');
  await get();
  await get();
  expect(asked.map(({ headers }) => headers.cookie)).toEqual([undefined, undefined]);
});
