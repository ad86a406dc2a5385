import { z } from 'zod';
import type { Role } from '../role';

type Shape = z.ZodType;

/** What goes in where an endpoint says nothing of it. */
export const Nothing = z.object({});
type Nothing = typeof Nothing;

/** Who may, said by every route of the API; there is no rule for what says nothing. */
export interface Access {
  /** The least role that may; `anybody` needs no session. */
  may: Role | 'anybody';
  /** Only for somebody who signed in: a token for a program never opens it, whatever its role. */
  inPerson?: true;
}

/** One route of the API: what goes in, what comes out. Server, client and OpenAPI are all made from it. */
export interface Endpoint<P extends Shape, Q extends Shape, B extends Shape, R extends Shape> extends Access {
  method: 'get' | 'post' | 'put' | 'delete';
  /** With `:name` for a path parameter. */
  path: `/api/${string}`;
  summary: string;
  /** Of the request; left out, a form's worth. */
  maxBodyBytes?: number;
  params: P;
  query: Q;
  body: B;
  response: R;
}

export type AnyEndpoint = Endpoint<Shape, Shape, Shape, Shape>;

/** A route that takes or gives bytes as they are. */
export interface BytesEndpoint extends Access {
  method: 'get' | 'post' | 'head' | 'patch' | 'delete';
  path: `/api/${string}`;
  summary: string;
  params: Shape;
  query: Shape;
  /** Media types of what goes in and what comes out; null for nothing. */
  takes: string | null;
  gives: string | null;
}

type Described<P extends Shape, Q extends Shape, B extends Shape, R extends Shape> = Omit<
  Endpoint<P, Q, B, R>,
  'params' | 'query' | 'body'
> & { params?: P; query?: Q; body?: B };

/** Gives an endpoint its types; what it leaves out of what goes in is nothing. */
export function endpoint<
  R extends Shape,
  P extends Shape = Nothing,
  Q extends Shape = Nothing,
  B extends Shape = Nothing,
>({ params, query, body, ...described }: Described<P, Q, B, R>): Endpoint<P, Q, B, R> {
  return {
    ...described,
    params: params ?? (Nothing as Shape as P),
    query: query ?? (Nothing as Shape as Q),
    body: body ?? (Nothing as Shape as B),
  };
}

/** A route of bytes; what it leaves out is nothing. */
export const bytesEndpoint = ({
  params = Nothing,
  query = Nothing,
  takes = null,
  gives = null,
  ...described
}: Omit<BytesEndpoint, 'params' | 'query' | 'takes' | 'gives'> &
  Partial<Pick<BytesEndpoint, 'params' | 'query' | 'takes' | 'gives'>>): BytesEndpoint => ({
  ...described,
  params,
  query,
  takes,
  gives,
});
