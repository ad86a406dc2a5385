import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { AnyEndpoint } from '@haveld/contract/api/endpoint';
import { createOpenApi } from '@haveld/contract/api/openapi';
import { listServedEndpoints } from './http/serve-endpoint';
import { createUnconnectedApp } from './testing/unconnected-app';

const CONTRACT = join(import.meta.dirname, '../../contract/src/api');
const endpoints = listServedEndpoints(createUnconnectedApp());

/** Every endpoint the contract exports, whichever file it stands in. */
async function listContract(): Promise<AnyEndpoint[]> {
  const modules = await Promise.all(
    readdirSync(CONTRACT).map((name) => import(`${CONTRACT}/${name}`) as Promise<Record<string, unknown>>),
  );
  return modules
    .flatMap((module) => Object.values(module))
    .filter((value): value is AnyEndpoint => typeof value === 'object' && value !== null && 'response' in value);
}

test('every endpoint of the contract is served, once', async () => {
  const contract = await listContract();
  expect(contract.length).toBeGreaterThan(50);
  expect(new Set(endpoints)).toEqual(new Set(contract));
  expect(endpoints).toHaveLength(contract.length);
});

test('no two endpoints share method and path', () => {
  const keys = endpoints.map(({ method, path }) => `${method} ${path}`);
  expect(new Set(keys).size).toBe(keys.length);
});

test('every path parameter has a schema, and the other way round', () => {
  for (const { path, params } of endpoints) {
    const named = [...path.matchAll(/:(\w+)/g)].map((match) => match[1]);
    const described = Object.keys((params as unknown as { shape: object }).shape);
    expect(described).toEqual(named);
  }
});

test('OpenAPI describes every endpoint with its answer and its refusal, and only sign-in is open', () => {
  const { openapi, paths } = createOpenApi('1', endpoints) as {
    openapi: string;
    paths: Record<string, Record<string, { security?: object; responses: object }>>;
  };
  expect(openapi).toMatch(/^3\./);
  const operations = Object.entries(paths).flatMap(([path, methods]) =>
    Object.values(methods).map((operation) => ({ path, operation })),
  );
  expect(operations).toHaveLength(endpoints.length);
  for (const { operation } of operations) expect(Object.keys(operation.responses)).toEqual(['200', 'default']);
  expect(operations.filter(({ operation }) => !operation.security).map(({ path }) => path)).toEqual(['/api/sign-in']);
});

describe('what is refused before anybody is asked who they are', () => {
  const app = createUnconnectedApp();
  const post = (path: string, headers: Record<string, string>, body = '{}') =>
    app.request(path, { method: 'POST', headers: { host: 'localhost', ...headers }, body });

  test('a body larger than its endpoint takes', async () => {
    const answer = await post('/api/sign-in', { 'content-length': String(17 * 1024) }, 'x'.repeat(17 * 1024));
    expect(answer.status).toBe(413);
  });

  test.each(['null', 'https://elsewhere.example', 'not an address'])('an origin that is %s', async (origin) => {
    expect((await post('/api/sign-in', { origin })).status).toBe(403);
  });
});
