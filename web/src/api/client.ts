import type { z } from 'zod';
import type { Endpoint } from '@haveld/contract/api/endpoint';
import { DomainError, ErrorBodySchema } from '@haveld/contract/error';

interface Given<P, Q, B> {
  params?: P;
  query?: Q;
  body?: B;
  signal?: AbortSignal;
}

/**
 * Calls an endpoint of the contract.
 * @throws {DomainError} with the server's own sentence, or one that says the server does not answer
 */
export async function call<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, R extends z.ZodType>(
  endpoint: Endpoint<P, Q, B, R>,
  given: Given<z.input<P>, z.input<Q>, z.input<B>> = {},
): Promise<z.output<R>> {
  const params = (given.params ?? {}) as Record<string, string | number>;
  const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(String(params[name])));
  const query = toSearch((given.query ?? {}) as Record<string, unknown>);
  let answer: Response;
  try {
    answer = await fetch(path + query, {
      method: endpoint.method.toUpperCase(),
      signal: given.signal,
      ...(endpoint.method === 'get'
        ? {}
        : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(given.body ?? {}) }),
    });
  } catch (error) {
    if (given.signal?.aborted) throw error;
    throw new DomainError('broken', 'Haveld does not answer. It may be starting again; nothing is lost.', {
      cause: error,
    });
  }
  const json: unknown = await answer.json();
  if (!answer.ok) {
    const { code, message, file, place } = ErrorBodySchema.parse(json);
    throw new DomainError(code, message, { file, place });
  }
  return endpoint.response.parse(json);
}

function toSearch(query: Record<string, unknown>): string {
  const search = new URLSearchParams();
  for (const [name, value] of Object.entries(query))
    if (value !== undefined && value !== '') search.set(name, String(value));
  const text = search.toString();
  return text === '' ? '' : `?${text}`;
}

/** Address of bytes in the store. */
export function bytesUrl(sha256: string, type: 'png' | 'glb' | 'zip' | 'file', name?: string): string {
  const search = new URLSearchParams({ type, ...(name ? { name } : {}) });
  return `/api/bytes/${sha256}?${search}`;
}

/** Address of a preview picture of a source, fetched by the server. */
export const previewUrl = (address: string): string =>
  `/api/sources/preview?${new URLSearchParams({ address }).toString()}`;
