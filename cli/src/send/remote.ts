import type { z } from 'zod';
import type { Endpoint } from '@haveld/contract/api/endpoint';
import { DomainError, ErrorBodySchema } from '@haveld/contract/error';

/** A Haveld somewhere else, reached with a token for programs. */
export interface Remote {
  /** Without a slash at its end. */
  address: string;
  token: string;
}

/** @throws {DomainError} where it is no address of a Haveld, or would send the token in the clear over a network */
export function openRemote(address: string, token: string): Remote {
  if (!URL.canParse(address) || !/^https?:$/.test(new URL(address).protocol))
    throw new DomainError('bad-request', `“${address}” is no address such as https://haveld.studio.example.`);
  const url = new URL(address);
  const isHere = ['localhost', '127.0.0.1', '[::1]'].includes(url.hostname);
  if (url.protocol === 'http:' && !isHere && process.env.HAVELD_PLAIN !== '1')
    throw new DomainError(
      'bad-request',
      'A token is not sent over a network in the clear: use https, or set HAVELD_PLAIN=1 where the network is yours.',
    );
  if (token === '')
    throw new DomainError(
      'bad-request',
      'Set HAVELD_TOKEN to a token of yours; it is made on your own page in Haveld.',
    );
  return { address: url.origin, token };
}

/** @throws {DomainError} in the server's own words, or where it does not answer */
export async function askRemote<P extends z.ZodType, Q extends z.ZodType, B extends z.ZodType, R extends z.ZodType>(
  { address, token }: Remote,
  endpoint: Endpoint<P, Q, B, R>,
  given: { params?: Record<string, string>; body?: z.input<B> } = {},
): Promise<z.output<R>> {
  const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(given.params?.[name] ?? ''));
  let answer: Response;
  try {
    answer = await fetch(address + path, {
      method: endpoint.method.toUpperCase(),
      headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
      body: endpoint.method === 'get' ? undefined : JSON.stringify(given.body ?? {}),
    });
  } catch (error) {
    throw new DomainError('broken', `${address} does not answer.`, { cause: error });
  }
  const json: unknown = await answer.json().catch(() => null);
  if (!answer.ok) {
    const said = ErrorBodySchema.safeParse(json);
    throw said.success
      ? new DomainError(said.data.code, said.data.message)
      : new DomainError('broken', `${address} is no Haveld: it answered ${answer.status}.`);
  }
  return endpoint.response.parse(json);
}
