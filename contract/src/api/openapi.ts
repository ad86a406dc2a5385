import { z } from 'zod';
import type { AnyEndpoint } from './endpoint';
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

/** @returns these endpoints as OpenAPI 3.0, each tagged with the first part of its path */
export function createOpenApi(version: string, endpoints: readonly AnyEndpoint[]): Json {
  const paths: Record<string, Record<string, Json>> = {};
  for (const described of endpoints) {
    const path = described.path.replace(/:(\w+)/g, '{$1}');
    paths[path] = { ...paths[path], [described.method]: createOperation(path.split('/')[2], described) };
  }
  return {
    openapi: '3.0.3',
    info: { title: 'Haveld', version },
    paths,
    components: { securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'haveld_session' } } },
  };
}

function createOperation(tag: string, { method, summary, open, params, query, body, response }: AnyEndpoint): Json {
  const parameters = [...listParameters(params, 'path'), ...listParameters(query, 'query')];
  const content = (schema: z.ZodType, io: 'input' | 'output'): Json => ({
    'application/json': { schema: toJsonSchema(schema, io) },
  });
  return {
    tags: [tag],
    summary,
    ...(open ? {} : { security: [{ session: [] }] }),
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(method === 'get' ? {} : { requestBody: { required: true, content: content(body, 'input') } }),
    responses: {
      200: { description: 'Done', content: content(response, 'output') },
      default: {
        description: 'Refused, with one sentence for the person',
        content: content(ErrorBodySchema, 'output'),
      },
    },
  };
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
