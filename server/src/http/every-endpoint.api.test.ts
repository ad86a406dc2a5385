import { tmpdir } from 'node:os';
import { pino } from 'pino';
import { createOpenApi } from '@haveld/contract/api/openapi';
import type { AnyEndpoint } from '@haveld/contract/api/endpoint';
import { signOut } from '@haveld/contract/api/people';
import { ErrorBodySchema } from '@haveld/contract/error';
import { exampleOf } from '@haveld/contract/testing/example-of';
import { createApp } from '../app';
import { JobBell } from '../jobs/bell';
import { useLibrary } from '../testing/use-library';
import { listServedEndpoints } from './serve-endpoint';

const given = useLibrary({ worker: false });
/** What an application answers does not depend on what it works with. */
const ENDPOINTS = listServedEndpoints(
  createApp(
    { log: pino({ level: 'silent' }), webFolder: null, uploadsFolder: tmpdir(), bell: new JobBell() } as never,
    {},
  ),
);
const named = ENDPOINTS.map((endpoint) => [`${endpoint.method} ${endpoint.path}`, endpoint] as const);

/** An address with something for every part of it. */
const fill = (path: string, value: string): string => path.replace(/:\w+/g, value);

const send = (endpoint: AnyEndpoint, path: string, body?: string): Promise<Response> =>
  given.client.request(path, {
    method: endpoint.method.toUpperCase(),
    ...(endpoint.method === 'get' ? {} : { body, headers: { 'Content-Type': 'application/json' } }),
  });

/** The plainest body an endpoint takes; where it has a rule of its own that this breaks, nothing. */
function plainBody(endpoint: AnyEndpoint): string {
  try {
    return JSON.stringify(exampleOf(endpoint.body));
  } catch {
    return '{}';
  }
}

test('every endpoint has an address and a method of its own, and says what it does', () => {
  expect(ENDPOINTS.length).toBeGreaterThan(60);
  const addresses = ENDPOINTS.map(({ method, path }) => `${method} ${path.replace(/:\w+/g, ':')}`);
  expect(new Set(addresses).size).toBe(addresses.length);
  for (const { summary, path, params } of ENDPOINTS) {
    expect(summary.length).toBeGreaterThan(8);
    // what stands in the address is what is checked of it
    const parts = [...path.matchAll(/:(\w+)/g)].map(([, name]) => name).sort();
    const shape = (params as unknown as { shape: Record<string, unknown> }).shape;
    expect([path, Object.keys(shape).sort()]).toEqual([path, parts]);
  }
});

test('the description of the API names every endpoint once', () => {
  const described = createOpenApi('test', ENDPOINTS, []) as unknown as { paths: Record<string, object> };
  const count = Object.values(described.paths).reduce((sum, methods) => sum + Object.keys(methods).length, 0);
  expect(count).toBe(ENDPOINTS.length);
});

test.each(named.filter(([, endpoint]) => (endpoint as unknown) !== signOut))(
  '%s: what is not there, and what cannot be read, is a sentence and never a fault of the server',
  async (_, endpoint) => {
    const attempts = [
      await send(endpoint, fill(endpoint.path, '00000000-0000-4000-8000-000000000000'), plainBody(endpoint)),
      await send(endpoint, fill(endpoint.path, "'%20OR%201=1%20--"), plainBody(endpoint)),
      await send(endpoint, fill(endpoint.path, '7'), '{"half": '),
      await send(endpoint, fill(endpoint.path, '7'), '[null]'),
    ];
    for (const answer of attempts) {
      expect(answer.status).toBeLessThan(500);
      const body: unknown = await answer.json();
      if (answer.ok) continue;
      const { message } = ErrorBodySchema.parse(body);
      expect(message).toMatch(/^[A-Z“].*[.?]$/s);
      expect(message).not.toMatch(/SQL|undefined|\bat .*:\d+:\d+/);
    }
  },
);
