import { z } from 'zod';
import { endpoint } from '@haveld/contract/api/endpoint';
import { DomainError } from '@haveld/contract/error';
import { bytesUrl, call } from './client';

const getThing = endpoint({
  method: 'get',
  path: '/api/things/:kind/:id',
  may: 'guest',
  summary: 'A thing',
  params: z.object({ kind: z.string(), id: z.string() }),
  query: z.object({ words: z.string().optional(), page: z.number().optional() }),
  response: z.object({ name: z.string() }),
});
const putThing = endpoint({
  method: 'put',
  path: '/api/things',
  may: 'guest',
  summary: 'Keeps a thing',
  body: z.object({ name: z.string() }),
  response: z.object({ name: z.string() }),
});

let asked: { path: string; init: RequestInit }[];
let answer: () => Promise<Response>;
const reply = (status: number, body: unknown) => () => Promise.resolve(new Response(JSON.stringify(body), { status }));
beforeEach(() => {
  asked = [];
  answer = reply(200, { name: 'buoy' });
  globalThis.fetch = (path, init) => {
    asked.push({ path: String(path), init: init! });
    return answer();
  };
});

test('what stands in an address is escaped, what is empty is left out', async () => {
  await call(getThing, { params: { kind: 'a/b', id: 'x?y' }, query: { words: '', page: 0 } });
  expect(asked[0].path).toBe('/api/things/a%2Fb/x%3Fy?page=0');
  expect(asked[0].init.body).toBeUndefined();
});

test('a form goes as JSON', async () => {
  await call(putThing, { body: { name: 'buoy' } });
  expect(asked[0].init).toMatchObject({
    method: 'PUT',
    body: '{"name":"buoy"}',
    headers: { 'Content-Type': 'application/json' },
  });
});

test('a refusal keeps its code, its sentence and its place', async () => {
  answer = reply(409, { code: 'out-of-step', message: 'Somebody was faster.', place: 'name' });
  await expect(call(putThing, { body: { name: '' } })).rejects.toMatchObject({
    code: 'out-of-step',
    message: 'Somebody was faster.',
    place: 'name',
  });
});

test('a server that does not answer is told so, and that nothing is lost', async () => {
  answer = () => Promise.reject(new TypeError('fetch failed'));
  const failure = await call(putThing, { body: { name: '' } }).catch((error: unknown) => error);
  expect(failure).toBeInstanceOf(DomainError);
  expect((failure as Error).message).toBe('Haveld does not answer. It may be starting again; nothing is lost.');
});

test('a question that was given up stays given up, and is no fault of the server', async () => {
  const stop = new AbortController();
  answer = () => Promise.reject(new DOMException('stopped', 'AbortError'));
  stop.abort();
  await expect(call(putThing, { body: { name: '' }, signal: stop.signal })).rejects.toMatchObject({
    name: 'AbortError',
  });
});

test('an answer the contract does not hold is an error, not a screen full of holes', async () => {
  answer = reply(200, { title: 'buoy' });
  await expect(call(putThing, { body: { name: '' } })).rejects.toThrow('name');
});

test('bytes are fetched under a name a person can read', () => {
  expect(bytesUrl('ab', 'zip', 'Bell buoy & co.zip')).toBe('/api/bytes/ab?type=zip&name=Bell+buoy+%26+co.zip');
  expect(bytesUrl('ab', 'png')).toBe('/api/bytes/ab?type=png');
});
