import { z } from 'zod';
import type { Access, AnyEndpoint, BytesEndpoint } from './endpoint';
import { ErrorBodySchema } from '../error';

type Json = Record<string, unknown>;

const toJsonSchema = (schema: z.ZodType, io: 'input' | 'output'): Json => {
  const { $schema: _dialect, ...rest } = z.toJSONSchema(schema, {
    io,
    target: 'openapi-3.0',
    unrepresentable: 'any',
  }) as Json;
  return rest;
};

/** @returns these routes as OpenAPI 3.0, each tagged with the first part of its path */
export function createOpenApi(
  version: string,
  endpoints: readonly AnyEndpoint[],
  ofBytes: readonly BytesEndpoint[],
): Json {
  const paths: Record<string, Record<string, Json>> = {};
  const add = (path: string, method: string, operation: Json): void => {
    const named = path.replace(/:(\w+)/g, '{$1}');
    paths[named] = { ...paths[named], [method]: { tags: [path.split('/')[2]], ...operation } };
  };
  for (const one of endpoints) add(one.path, one.method, createOperation(one));
  for (const one of ofBytes) add(one.path, one.method, createBytesOperation(one));
  return {
    openapi: '3.0.3',
    info: { title: 'Haveld', version },
    paths,
    components: {
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'haveld_session' },
        token: { type: 'http', scheme: 'bearer' },
      },
    },
  };
}

const REFUSAL = {
  description: 'Refused, with one sentence for the person',
  content: { 'application/json': { schema: toJsonSchema(ErrorBodySchema, 'output') } },
};

const content = (schema: z.ZodType, io: 'input' | 'output'): Json => ({
  'application/json': { schema: toJsonSchema(schema, io) },
});

function createOperation({ method, summary, params, query, body, response, ...access }: AnyEndpoint): Json {
  return {
    summary,
    ...describeAccess(access),
    ...describeParameters(params, query),
    ...(method === 'get' ? {} : { requestBody: { required: true, content: content(body, 'input') } }),
    responses: { 200: { description: 'Done', content: content(response, 'output') }, default: REFUSAL },
  };
}

function createBytesOperation({ summary, params, query, takes, gives, ...access }: BytesEndpoint): Json {
  const bytes = (type: string): Json => ({ [type]: { schema: { type: 'string', format: 'binary' } } });
  return {
    summary,
    ...describeAccess(access),
    ...describeParameters(params, query),
    ...(takes ? { requestBody: { required: true, content: bytes(takes) } } : {}),
    responses: {
      '2XX': { description: 'Done', ...(gives ? { content: bytes(gives) } : {}) },
      default: REFUSAL,
    },
  };
}

/** Who may, in words and as OpenAPI has it: a session, or a token for a program. */
const describeAccess = ({ may, inPerson }: Access): Json =>
  may === 'anybody'
    ? { description: 'Open to anybody.' }
    : {
        description: `For ${may === 'owner' ? 'owners' : `everybody from ${may} on`}${inPerson ? ', who signed in; no token opens it' : ''}.`,
        security: [{ session: [] }, ...(inPerson ? [] : [{ token: [] }])],
      };

function describeParameters(params: z.ZodType, query: z.ZodType): Json {
  const parameters = [...listParameters(params, 'path'), ...listParameters(query, 'query')];
  return parameters.length > 0 ? { parameters } : {};
}

function listParameters(schema: z.ZodType, place: 'path' | 'query'): Json[] {
  const { properties = {}, required = [] } = toJsonSchema(schema, 'input') as {
    properties?: Record<string, Json>;
    required?: string[];
  };
  return Object.entries(properties).map(([name, described]) => ({
    name,
    in: place,
    required: place === 'path' || required.includes(name),
    schema: described,
  }));
}
