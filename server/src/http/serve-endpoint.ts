import type { Context, Hono, MiddlewareHandler } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import type { z } from 'zod';
import type { AnyEndpoint, BytesEndpoint, Endpoint } from '@haveld/contract/api/endpoint';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { requireAccess, type Asker } from './access';

/** What a request carries. */
export interface Variables {
  /** Absent where nobody showed who they are. */
  asker?: Asker;
}

export type App = Hono<{ Variables: Variables }>;

interface Call<P, Q, B> {
  params: P;
  query: Q;
  body: B;
  /** Absent only where anybody may. */
  person: Person;
  context: Context<{ Variables: Variables }>;
}

/** Larger than any form; what takes lists of files, or evidence, says so itself. */
const FORM_BYTES = 4 * 1024 * 1024;

const limitBody = (maxSize: number): MiddlewareHandler =>
  bodyLimit({
    maxSize,
    onError() {
      throw new DomainError(
        'too-large',
        `This is larger than can be taken here: at most ${Math.round(maxSize / 1024 / 1024)} MiB.`,
      );
    },
  });

const served = new WeakMap<App, AnyEndpoint[]>();
const servedBytes = new WeakMap<App, BytesEndpoint[]>();

/** @returns every endpoint an application answers, in the order they were bound */
export const listServedEndpoints = (app: App): readonly AnyEndpoint[] => served.get(app) ?? [];

/** @returns every route of bytes an application answers, likewise */
export const listServedBytes = (app: App): readonly BytesEndpoint[] => servedBytes.get(app) ?? [];

/** Binds a handler to a route of bytes; who may not gets no further. The person is absent only where anybody may. */
export function serveBytes(
  app: App,
  endpoint: BytesEndpoint,
  handler: (context: Context<{ Variables: Variables }>, person: Person) => Response | Promise<Response>,
): void {
  servedBytes.set(app, [...listServedBytes(app), endpoint]);
  // a HEAD request comes by the route of GET; the request itself says which it was
  const method = endpoint.method.toUpperCase();
  app.on(method === 'HEAD' ? 'GET' : method, endpoint.path, async (context, next) => {
    if (method === 'HEAD' && context.req.raw.method !== 'HEAD') return next();
    const asker = context.get('asker');
    requireAccess(endpoint, asker);
    return handler(context, asker?.person as Person);
  });
}

/** Binds a handler to an endpoint of the contract: who may not gets no further, what comes in is checked, what goes out has the contract's type. */
export function serveEndpoint<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, R extends z.ZodType>(
  app: App,
  endpoint: Endpoint<P, Q, B, R>,
  handler: (call: Call<z.output<P>, z.output<Q>, z.output<B>>) => Promise<z.input<R>>,
): void {
  served.set(app, [...listServedEndpoints(app), endpoint]);
  app.on(
    endpoint.method.toUpperCase(),
    endpoint.path,
    async (context, next) => {
      requireAccess(endpoint, context.get('asker'));
      await next();
    },
    limitBody(endpoint.maxBodyBytes ?? FORM_BYTES),
    async (context) => {
      const params = check(endpoint.params, context.req.param(), 'address');
      const query = check(endpoint.query, context.req.query(), 'question');
      const body = check(endpoint.body, endpoint.method === 'get' ? {} : await readJson(context), 'form');
      const result = await handler({ params, query, body, person: context.get('asker')?.person as Person, context });
      return context.json(result as object);
    },
  );
}

function check<S extends z.ZodType>(schema: S, value: unknown, what: string): z.output<S> {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const issue = parsed.error.issues[0];
  const place = issue.path.join('.');
  throw new DomainError(
    'bad-request',
    `This ${what} cannot be taken: ${place === '' ? '' : `“${place}” `}${describeIssue(issue)}.`,
    { place },
  );
}

/** What is wrong, as people say it; messages of our own schemas stand as they are. */
function describeIssue(issue: z.core.$ZodIssue): string {
  if (issue.code !== 'invalid_type') return issue.message;
  return issue.message.endsWith('received undefined')
    ? 'is missing'
    : `has to be ${TYPE_WORDS[issue.expected] ?? issue.expected}`;
}

const TYPE_WORDS: Partial<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'a form of its own',
};

async function readJson(context: Context): Promise<unknown> {
  const text = await context.req.text();
  if (text === '') return {};
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    throw new DomainError('bad-request', 'This is not JSON.', { cause: error });
  }
}
