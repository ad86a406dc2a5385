import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { AnyEndpoint, BytesEndpoint } from '@haveld/contract/api/endpoint';
import { createOpenApi } from '@haveld/contract/api/openapi';
import { listServedBytes, listServedEndpoints } from './http/serve-endpoint';
import { createUnconnectedApp } from './testing/unconnected-app';

const CONTRACT = join(import.meta.dirname, '../../contract/src/api');
const app = createUnconnectedApp();
const endpoints = listServedEndpoints(app);
const ofBytes = listServedBytes(app);

/** Every endpoint the contract exports, whichever file it stands in. */
async function listContract(): Promise<(AnyEndpoint | BytesEndpoint)[]> {
  const modules = await Promise.all(
    readdirSync(CONTRACT).map((name) => import(`${CONTRACT}/${name}`) as Promise<Record<string, unknown>>),
  );
  return modules
    .flatMap((module) => Object.values(module))
    .filter(
      (value): value is AnyEndpoint | BytesEndpoint => typeof value === 'object' && value !== null && 'may' in value,
    );
}

test('every endpoint of the contract is served, once', async () => {
  const contract = await listContract();
  expect(contract.length).toBeGreaterThan(50);
  const served = [...endpoints, ...ofBytes];
  expect(new Set(served)).toEqual(new Set(contract));
  expect(served).toHaveLength(contract.length);
});

test('no two endpoints share method and path', () => {
  const keys = [...endpoints, ...ofBytes].map(({ method, path }) => `${method} ${path}`);
  expect(new Set(keys).size).toBe(keys.length);
});

test('every path parameter has a schema, and the other way round', () => {
  for (const { path, params } of [...endpoints, ...ofBytes]) {
    const named = [...path.matchAll(/:(\w+)/g)].map((match) => match[1]);
    const described = Object.keys((params as unknown as { shape: object }).shape);
    expect(described).toEqual(named);
  }
});

test('OpenAPI describes every route with its answer, its refusal and who may', () => {
  const { openapi, paths } = createOpenApi('1', endpoints, ofBytes) as {
    openapi: string;
    paths: Record<
      string,
      Record<string, { security?: object[]; responses: object; description: string; requestBody?: { content: object } }>
    >;
  };
  expect(openapi).toMatch(/^3\./);
  const operations = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => ({ key: `${method} ${path}`, ...operation })),
  );
  expect(operations).toHaveLength(endpoints.length + ofBytes.length);
  for (const { responses, description } of operations) {
    expect(Object.keys(responses)).toEqual([expect.stringMatching(/^2/), 'default']);
    expect(description).toMatch(/^(Open to anybody|For (owners|everybody from (guest|artist|curator) on))/);
  }
  expect(operations.filter(({ security }) => !security).map(({ key }) => key)).toEqual([
    'post /api/sign-in',
    'post /api/links/look',
    'post /api/links/use',
    'post /api/giving/look',
    'post /api/giving/statement',
    'post /api/giving/gifts',
    'post /api/giving/receipt',
    'post /api/giving/withdraw',
    'post /api/giving/uploads',
    'head /api/giving/uploads/{id}',
    'patch /api/giving/uploads/{id}',
    'delete /api/giving/uploads/{id}',
  ]);
  // a token opens no account: password, sessions, tokens, people
  const inPerson = operations.filter(({ security }) => security?.length === 1).map(({ key }) => key);
  expect(inPerson).toContain('put /api/me/password');
  expect(
    inPerson.every((key) => / \/api\/(me|people|sign-out|sources|watched-folders|giving|handed-pages)/.test(key)),
  ).toBe(true);
  expect(operations.find(({ key }) => key === 'patch /api/uploads/{id}')?.requestBody?.content).toHaveProperty([
    'application/offset+octet-stream',
  ]);
});

describe('what is refused before anybody is asked who they are', () => {
  const post = (path: string, headers: Record<string, string>, body = '{}') =>
    app.request(path, { method: 'POST', headers: { host: 'localhost', ...headers }, body });

  test('a body larger than its endpoint takes', async () => {
    const answer = await post('/api/sign-in', { 'content-length': String(17 * 1024) }, 'x'.repeat(17 * 1024));
    expect(answer.status).toBe(413);
  });

  test.each([
    ['/api/sign-in', 413],
    ['/api/links/use', 413],
    ['/api/projects', 401],
    ['/api/arrivals', 401],
    ['/api/uploads', 401],
  ])('400 MB sent to %s are not taken in', async (path, status) => {
    let taken = 0;
    const part = new Uint8Array(64 * 1024);
    const body = new ReadableStream<Uint8Array>({
      pull(controller) {
        taken += part.length;
        if (taken > 400 * 1024 * 1024) controller.close();
        else controller.enqueue(part);
      },
    });
    const init = { method: 'POST', headers: { host: 'localhost' }, body, duplex: 'half' };
    expect((await app.request(path, init)).status).toBe(status);
    expect(taken).toBeLessThan(1024 * 1024);
  });

  test.each(['null', 'https://elsewhere.example', 'not an address'])('an origin that is %s', async (origin) => {
    expect((await post('/api/sign-in', { origin })).status).toBe(403);
  });
});
